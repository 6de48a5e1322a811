package kwibbet.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import kwibbet.card.Adhesion;
import kwibbet.card.Card;
import kwibbet.card.Closure;
import kwibbet.card.Join;
import kwibbet.card.Piece;
import kwibbet.card.Score;
import kwibbet.card.Side;
import kwibbet.card.Zone;
import kwibbet.drawing.Drawing;
import kwibbet.drawing.Fill;
import kwibbet.drawing.Hatching;
import kwibbet.drawing.Ink;
import kwibbet.drawing.Line;
import kwibbet.drawing.Mark;
import kwibbet.making.Does;
import kwibbet.making.Making;
import kwibbet.making.Operation;
import kwibbet.making.State;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.PaperShelf;
import kwibbet.press.HandCut;
import kwibbet.press.PressPlan;
import kwibbet.shape.Axis;
import kwibbet.shape.Edge;
import kwibbet.shape.Margins;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.shape.Placement;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Region;
import kwibbet.shape.Segment;
import kwibbet.shape.Size;

/** What is in hand at a step of making. */
public final class StepPicture {

    /** Text heights to the longer side of what is in hand; few, so that the figure is read at arm's length. */
    private static final int ROWS = 10;

    /** The same where it shares its picture with another. */
    private static final int ROWS_BESIDE = 6;

    /** Lines of measures lie so far apart, in text heights, and are so many at most. */
    private static final double SPAN_ROWS = 1.4;

    private static final double MOST_SPANS = 4 * SPAN_ROWS;

    private final Rect piece;
    private final Sketch sketch;

    private StepPicture(Rect inHand, MeasureSystem system) {
        this(inHand, ROWS, system);
    }

    private StepPicture(Rect inHand, int rows, MeasureSystem system) {
        Length longest = Length.max(inHand.size().width(), inHand.size().height());
        Length row = longest.dividedDownBy(rows);
        Length room = row.multipliedBy(5);
        Rect frame = Rect.of(
                Length.ZERO,
                Length.ZERO,
                inHand.size().width().plus(room),
                inHand.size().height().plus(room));
        this.sketch = new Sketch(frame, row, system);
        this.piece = frame.centred(inHand.size());
    }

    /** What is told as one step: what is done last of it, or, where several are stuck alike, each as it is put on, two in a row. */
    public static Drawing of(Making making, Making.Told step, PaperShelf shelf, MeasureSystem system) {
        List<Operation.Stick> sticks = step.sticks();
        if (sticks.size() < 2) {
            return of(making, step.last(), shelf, system);
        }
        Palette palette = new Palette(shelf);
        return Drawing.inRows(
                sticks.stream()
                        .map(stick ->
                                new Adding(stick, making.stateBefore(stick), palette, ROWS_BESIDE, system).drawing())
                        .toList(),
                2);
    }

    /** The work as it lies before the maker at a step: what is done is in place, what is added comes in from the right. */
    public static Drawing of(Making making, Operation step, PaperShelf shelf, MeasureSystem system) {
        Palette palette = new Palette(shelf);
        State before = making.stateBefore(step);
        if (step instanceof Operation.Stick stick) {
            return new Adding(stick, before, palette, ROWS, system).drawing();
        }
        if (step instanceof Operation.HoldEnd end) {
            Outline tab = making.card().panelOf(end.end()).outline();
            return Adding.of(making, end.piece(), before, palette, system).holding(tab);
        }
        if (step instanceof Operation.Tuck tuck) {
            return Adding.of(making, tuck.sleeve(), before, palette, system).tucking(tuck.piece());
        }
        if (step instanceof Operation.CutOut out) {
            return handCut(before.asItIs(out.piece()), out.cuts(), shelf, system);
        }
        if (step instanceof Operation.Crease crease && !crease.lying().equals(crease.piece())) {
            StepPicture whole = new StepPicture(Rect.atOrigin(crease.lying().size()), system);
            whole.flat(crease.lying(), palette);
            whole.creases(crease, palette.ink(crease.lying(), Side.UP));
            return whole.sketch.filling("The scores of the " + crease.piece().name());
        }
        State with = with(before, step);
        if (step instanceof Operation.ByHand hand) {
            return byHand(making.card(), with, hand, palette, system);
        }
        Piece lying = with.asItIs(step.piece());
        if (step instanceof Operation.Fold fold) {
            StepPicture picture = new StepPicture(Rect.atOrigin(lying.size()), system);
            picture.folding(fold, lying.seenFromAbove(), palette);
            return picture.sketch.filling("The fold of the " + lying.name());
        }
        StepPicture picture = inHand(with, lying, step.face(), ROWS, palette, system);
        if (step instanceof Operation.Adhere adhere) {
            picture.adhesive(adhere, palette);
            return picture.sketch.filling("The adhesive on the " + lying.name());
        }
        if (step instanceof Operation.Treat treat && treat.isMeasured()) {
            Rect area = treat.asItLies()
                    .outline()
                    .in(Placement.at(picture.piece.corner()))
                    .bounds();
            picture.nearest(area);
        }
        if (step instanceof Operation.Open open) {
            Rect bounds = open.openings()
                    .get(0)
                    .in(Placement.at(picture.piece.corner()))
                    .bounds();
            picture.margins(bounds, picture.piece);
            return picture.sketch.filling("The opening in the " + lying.name());
        }
        if (step instanceof Operation.FromMiddle) {
            picture.sketch.width(picture.piece, 1);
            picture.sketch.height(picture.piece, 1);
        }
        if (step instanceof Operation.Crease crease) {
            picture.creases(crease, palette.ink(lying, Side.UP));
            return picture.sketch.filling("The scores of the " + lying.name());
        }
        return picture.sketch.filling(lying.name() + " in hand");
    }

    /** A piece as it lies with a face up, and what is stuck to that face by now. */
    private static StepPicture inHand(
            State state, Piece piece, Side face, int rows, Palette palette, MeasureSystem system) {
        Piece seen = (face == Side.UP ? piece : piece.in(Operation.turnedOver(piece))).seenFromAbove();
        StepPicture picture = new StepPicture(Rect.atOrigin(seen.size()), rows, system);
        picture.flat(seen, palette);
        picture.layers(state, piece, face, picture.up(piece, face), palette);
        return picture;
    }

    /** Where the frame of a piece in hand lies in the picture. */
    private Placement up(Piece inHand, Side face) {
        return (face == Side.UP ? Placement.SAME : Operation.turnedOver(inHand)).within(Placement.at(piece.corner()));
    }

    /** What hands do with a piece: the face up on which it is done, lit what is set there, hatched what is shut. */
    private static Drawing byHand(Card card, State with, Operation.ByHand hand, Palette palette, MeasureSystem system) {
        Piece lying = with.asItIs(hand.piece());
        List<Zone> setOn = setOn(hand);
        Optional<Closure> shut = card.closureOf(hand.direction().owner())
                .filter(closure -> hand.does().isShutting());
        Side face = shut.map(closure -> closure.upper().side())
                .or(() -> setOn.stream().map(Zone::side).findFirst())
                .orElse(hand.face());
        StepPicture picture = inHand(with, lying, face, ROWS, palette, system);
        Placement up = picture.up(lying, face);
        Ink ink = palette.ink(lying, face);
        shut.ifPresent(closure -> closure.adhesive()
                .forEach(area -> picture.hatch(area.in(up), closure.adhesion().kind(), ink)));
        setOn.forEach(zone -> picture.sketch.add(Mark.Area.of(zone.outline().in(up), Fill.NONE, Line.LIT, ink)));
        // Where brads go, their holes say.
        if (hand.does() != Does.FASTEN) {
            setOn.stream().findFirst().ifPresent(first -> card.panelsOf(lying.id()).stream()
                    .map(panel -> panel.outline().bounds())
                    .filter(panel -> panel.contains(first.outline().bounds()))
                    .findFirst()
                    .ifPresent(panel -> picture.setOn(
                            first.outline().in(up), Outline.of(panel).in(up).bounds())));
        }
        return picture.sketch.filling(lying.name() + " in hand");
    }

    /** Work as it lies on a table: what is done to a piece is done, what is stuck to it is in place, and its size is measured; the outside up where only that has something on it. */
    public static Drawing lying(State state, Piece piece, PaperShelf shelf, MeasureSystem system) {
        boolean isUnder = state.stuckOn(piece.id(), Side.UP).isEmpty()
                && !state.stuckOn(piece.id(), Side.UNDER).isEmpty();
        StepPicture picture = inHand(
                state, state.asItIs(piece), isUnder ? Side.UNDER : Side.UP, ROWS_BESIDE, new Palette(shelf), system);
        picture.sketch.width(picture.piece, 1);
        picture.sketch.height(picture.piece, 1);
        return picture.sketch.filling(piece.name());
    }

    /** Where what a step sets on a face comes to lie. */
    private static List<Zone> setOn(Operation.ByHand hand) {
        return hand.piece().zones().stream()
                .filter(zone -> zone.use() == Zone.Use.SET_ON
                        && zone.owner().equals(hand.direction().owner()))
                .toList();
    }

    private static State with(State before, Operation step) {
        List<Operation> done = new ArrayList<>(before.done());
        done.add(step);
        return new State(before.card(), done);
    }

    /** Where a few scores run, measured from the edge their words name. */
    private void creases(Operation.Crease crease, Ink ink) {
        crease.lying().scores().forEach(score -> lit(score, ink));
        double row = 1;
        for (Operation.Crease.Setting setting : crease.settings()) {
            if (row > MOST_SPANS) {
                return;
            }
            Axis along = setting.from() == Edge.LEFT ? Axis.HORIZONTAL : Axis.VERTICAL;
            Length edge = along == Axis.HORIZONTAL ? piece.left() : piece.top();
            sketch.span(along, edge, edge.plus(setting.at()), piece, row);
            row += SPAN_ROWS;
        }
    }

    private void lit(Score score, Ink ink) {
        Segment line = Placement.at(piece.corner()).apply(score.line());
        sketch.add(new Mark.Stroke(List.of(line.start(), line.end()), Line.LIT, ink));
        crease(score, ink);
    }

    private void crease(Score score, Ink ink) {
        Segment line = Placement.at(piece.corner()).apply(score.line());
        Line kind = score.fold() == Score.Fold.VALLEY ? Line.VALLEY : Line.MOUNTAIN;
        sketch.add(new Mark.Stroke(List.of(line.start(), line.end()), kind, ink));
    }

    /**
     * What is folded half-way over: of each score with no other beyond it the smaller side stands up, or hangs down from a mountain, with an arrow to where it
     * goes. Where it lay is dashed, and the scores of the step are lit.
     */
    private void folding(Operation.Fold fold, Piece flat, Palette palette) {
        Placement place = Placement.at(piece.corner());
        Ink ink = palette.ink(flat, Side.UP);
        Region material = flat.material().in(place);
        List<Flap> flaps = fold.scores().stream()
                .flatMap(score -> Flap.of(score, place, piece).stream())
                .toList();
        // Where scores end within the paper, as in a pinwheel, no side stands up by itself.
        boolean isPlain =
                flaps.size() == fold.scores().size() && flaps.stream().allMatch(flap -> flap.runsAcross(material));
        List<Flap> outermost = !isPlain
                ? List.<Flap>of()
                : flaps.stream()
                        .filter(flap -> flaps.stream().noneMatch(other -> !other.equals(flap) && other.isWithin(flap)))
                        .toList();
        List<Region> still = List.of(material);
        for (Flap flap : outermost) {
            Region side = Region.of(Outline.of(flap.side));
            still = still.stream()
                    .flatMap(part -> Overlay.without(part, side).stream())
                    .toList();
        }
        for (Region part : still) {
            sketch.add(Mark.Area.of(part, palette.fill(flat, Side.UP), Line.CUT, ink));
        }
        for (Flap flap : outermost) {
            for (Region part : Overlay.shared(material, Region.of(Outline.of(flap.side)))) {
                sketch.add(Mark.Area.of(part.outline(), Fill.NONE, Line.HIDDEN, Ink.ON_PAGE));
                sketch.add(flap.halfWay(part, palette.fill(flat, Side.UP), ink));
            }
        }
        for (Score score : flat.scores()) {
            boolean isCarried = outermost.stream()
                    .anyMatch(
                            flap -> flap.side.contains(place.apply(score.line()).middle()));
            if (fold.scores().contains(score)) {
                lit(score, ink);
            } else if (!isCarried) {
                crease(score, ink);
            }
        }
        outermost.forEach(flap -> Arrow.bowed(flap.from(), flap.to(), Ink.ON_PAGE, sketch));
    }

    /**
     * The side of a piece that is folded over.
     *
     * @param score the score it is folded at
     * @param line where that runs
     * @param side the part of the piece that moves
     */
    private record Flap(Score score, Segment line, Rect side) {

        /** Half-way up one sees half of it, a quarter of that higher. */
        private static final double LEANS = 0.25;

        private static final Length HAIR = Length.ofInches(1, 64);

        /** The smaller side of a score; nothing where it runs slanted. */
        static Optional<Flap> of(Score score, Placement place, Rect piece) {
            Segment line = place.apply(score.line());
            return line.axis().map(axis -> {
                boolean upright = axis == Axis.VERTICAL;
                Length at = upright ? line.start().x() : line.start().y();
                Length before = at.minus(upright ? piece.left() : piece.top());
                Length after = (upright ? piece.right() : piece.bottom()).minus(at);
                boolean isBefore = !after.isShorterThan(before);
                Rect side = upright
                        ? Rect.of(
                                isBefore ? piece.left() : at,
                                piece.top(),
                                isBefore ? before : after,
                                piece.size().height())
                        : Rect.of(
                                piece.left(),
                                isBefore ? piece.top() : at,
                                piece.size().width(),
                                isBefore ? before : after);
                return new Flap(score, line, side);
            });
        }

        /** Whether the score of this one lies within what another moves. */
        boolean isWithin(Flap other) {
            return other.isUpright() == isUpright()
                    && other.side.contains(line.middle())
                    && !other.line.middle().equals(line.middle());
        }

        /** Whether the score runs from edge to edge of the paper where it lies. */
        boolean runsAcross(Region material) {
            Rect hair = Rect.around(line.start(), new Size(HAIR, HAIR))
                    .around(Rect.around(line.end(), new Size(HAIR, HAIR)));
            Rect whole = isUpright()
                    ? Rect.of(hair.left(), side.top(), HAIR, side.size().height())
                    : Rect.of(side.left(), hair.top(), side.size().width(), HAIR);
            return Overlay.shared(material, Region.of(Outline.of(whole))).stream()
                    .map(part -> part.outline().bounds())
                    .allMatch(part -> !part.size()
                                    .width()
                                    .isLongerThan(hair.size().width())
                            && !part.size().height().isLongerThan(hair.size().height()));
        }

        private boolean isUpright() {
            return line.axis().filter(Axis.VERTICAL::equals).isPresent();
        }

        private Point folded(Point point) {
            Length off = isUpright()
                    ? point.x().minus(line.start().x())
                    : point.y().minus(line.start().y());
            Length lean = off.abs().scaledBy(score.fold() == Score.Fold.VALLEY ? -LEANS : LEANS);
            return isUpright()
                    ? new Point(line.start().x().plus(off.half()), point.y().plus(lean))
                    : new Point(point.x().minus(lean), line.start().y().plus(off.half()));
        }

        private Mark.Area halfWay(Region part, Fill fill, Ink ink) {
            List<Point> outline =
                    part.outline().corners().stream().map(this::folded).toList();
            List<List<Point>> holes = part.holes().stream()
                    .map(hole -> hole.corners().stream().map(this::folded).toList())
                    .toList();
            return new Mark.Area(outline, holes, fill, Line.CUT, ink, score.fold() == Score.Fold.VALLEY);
        }

        private Point from() {
            return folded(side.middle());
        }

        /** As far beyond the score as its middle was before it. */
        private Point to() {
            Point middle = side.middle();
            return isUpright()
                    ? new Point(line.start().x().multipliedBy(2).minus(middle.x()), middle.y())
                    : new Point(middle.x(), line.start().y().multipliedBy(2).minus(middle.y()));
        }
    }

    /** What a press plan leaves to the hand, each in its paper. */
    public static List<Drawing> handCuts(PressPlan plan, PaperShelf shelf, MeasureSystem system) {
        return plan.byHand().stream()
                .map(each -> handCut(each.want().piece(), each.cuts(), shelf, system))
                .toList();
    }

    /** A piece in the paper it is cut out of by hand, what comes off hatched, where its marks are measured. */
    public static Drawing handCut(Piece piece, List<HandCut> cuts, PaperShelf shelf, MeasureSystem system) {
        StepPicture picture = new StepPicture(Rect.atOrigin(piece.size()), system);
        picture.sketch.outline(Outline.of(picture.piece), Line.FINE, Ink.ON_PAGE);
        Hatching.of(picture.piece, picture.sketch.rows(0.6), Ink.ON_PAGE).forEach(picture.sketch::add);
        picture.flat(piece, new Palette(shelf));
        cuts.forEach(picture::measure);
        return picture.sketch.filling(piece.name() + ", cut by hand");
    }

    private void measure(HandCut cut) {
        if (cut instanceof HandCut.Corners corners) {
            HandCut.Corner at = corners.at().get(0);
            Length level = corners.legs().width();
            Length upright = corners.legs().height();
            sketch.span(
                    Axis.HORIZONTAL,
                    at.isLeft() ? piece.left() : piece.right().minus(level),
                    at.isLeft() ? piece.left().plus(level) : piece.right(),
                    piece,
                    at.isTop() ? -1 : 1);
            sketch.span(
                    Axis.VERTICAL,
                    at.isTop() ? piece.top() : piece.bottom().minus(upright),
                    at.isTop() ? piece.top().plus(upright) : piece.bottom(),
                    piece,
                    at.isLeft() ? -1 : 1);
        } else if (cut instanceof HandCut.Rounded rounded) {
            measure(new HandCut.Corners(new Size(rounded.radius(), rounded.radius()), false, rounded.at()));
        } else if (cut instanceof HandCut.Notches notches) {
            Axis along = notches.at().get(0).axis();
            boolean after = notches.at().get(0) == Edge.RIGHT || notches.at().get(0) == Edge.BOTTOM;
            Length start = along == Axis.HORIZONTAL ? piece.left() : piece.top();
            Length across = along == Axis.HORIZONTAL ? piece.top() : piece.left();
            Length end = along == Axis.HORIZONTAL ? piece.bottom() : piece.right();
            sketch.span(along, start, start.plus(notches.from()), piece, after ? 0.8 : -0.8);
            sketch.span(along, start, start.plus(notches.to()), piece, after ? 1.9 : -1.9);
            sketch.span(
                    along.across(),
                    after ? end.minus(notches.deep()) : across,
                    after ? end : across.plus(notches.deep()),
                    piece,
                    -1);
        } else if (cut instanceof HandCut.EdgePunched edge) {
            measure(edge);
        } else if (cut instanceof HandCut.Opened opened) {
            margins(opened.place().plus(piece.left(), piece.top()), piece);
        } else if (cut instanceof HandCut.Circle circle) {
            Point middle = circle.place().middle().plus(piece.left(), piece.top());
            sketch.span(Axis.HORIZONTAL, piece.left(), middle.x(), piece, -1);
            sketch.span(Axis.VERTICAL, piece.top(), middle.y(), piece, -1);
        }
    }

    /** To the mark in the middle, one repeat, and how deep it is. */
    private void measure(HandCut.EdgePunched cut) {
        boolean after = cut.edge() == Edge.RIGHT || cut.edge() == Edge.BOTTOM;
        Axis along = cut.edge().axis();
        Length start = piece.start(along);
        Length middle = start.plus(cut.middle());
        Length from =
                cut.run().hasOneInTheMiddle() ? middle.minus(cut.run().pitch().half()) : middle;
        sketch.span(along, start, middle, piece, after ? 0.8 : -0.8);
        sketch.span(along, from, from.plus(cut.run().pitch()), piece, after ? 1.9 : -1.9);
        Length edge = after
                ? piece.end(along.across()).minus(cut.inset())
                : piece.start(along.across()).plus(cut.inset());
        sketch.span(
                along.across(),
                after ? edge.minus(cut.run().deep()) : edge,
                after ? edge : edge.plus(cut.run().deep()),
                piece,
                1);
    }

    private void flat(Piece flat, Palette palette) {
        PiecePicture.marks(flat, piece.corner(), palette.fill(flat, Side.UP), palette.ink(flat, Side.UP))
                .forEach(sketch::add);
    }

    /** What is stuck to a face by now, with what is stuck to that. */
    private void layers(State state, Piece on, Side side, Placement lying, Palette palette) {
        state.stuckOn(on.id(), side).forEach(join -> layer(state, join, lying, palette));
    }

    private void layer(State state, Join join, Placement lower, Palette palette) {
        Piece upper = state.asItIs(state.card().pieceOf(join.upper()));
        Placement lying = join.placement().within(lower);
        Side up = lying.mirrored() ? Side.UNDER : Side.UP;
        Region material = upper.material().in(lying);
        sketch.add(Mark.Area.of(material, palette.fill(upper, up), Line.CUT, palette.ink(upper, up)));
        Prints.on(upper, up, List.of(material), lying::apply, palette.ink(upper, up))
                .forEach(sketch::add);
        upper.zones().stream()
                .filter(zone -> zone.use() == Zone.Use.SET_ON && zone.side() == up)
                .map(zone ->
                        Mark.Area.of(zone.outline().in(lying), Palette.fill(zone), Line.CUT, palette.ink(upper, up)))
                .forEach(sketch::add);
        layers(state, upper, up, lying, palette);
    }

    /** Hatched where it goes, on the face that is up. */
    private void adhesive(Operation.Adhere adhere, Palette palette) {
        Piece bare = adhere.piece();
        Placement up = (adhere.face() == Side.UP ? Placement.SAME : Operation.turnedOver(bare))
                .within(Placement.at(piece.corner()));
        Join join = adhere.stick().join();
        for (Region tape : join.adhesive()) {
            hatch(tape.in(join.placement().inverse()).in(up), join.adhesion().kind(), palette.ink(bare, adhere.face()));
        }
    }

    /** One way for tape, crossed for foam. */
    private void hatch(Region area, Adhesion.Kind kind, Ink ink) {
        Hatching.of(area, sketch.rows(0.45), true, ink).forEach(sketch::add);
        if (kind.isRaised()) {
            Hatching.of(area, sketch.rows(0.45), false, ink).forEach(sketch::add);
        }
    }

    /** How far an area lies from the edges of the piece it lies nearer to, as its words say. */
    private void nearest(Rect area) {
        Margins margins = Margins.of(area, piece);
        if (margins.isNearerRight()) {
            sketch.span(Axis.HORIZONTAL, area.right(), piece.right(), piece, 1);
        } else if (margins.left().isPositive()) {
            sketch.span(Axis.HORIZONTAL, piece.left(), area.left(), piece, 1);
        }
        if (margins.isNearerBottom()) {
            sketch.span(Axis.VERTICAL, area.bottom(), piece.bottom(), piece, 1);
        } else if (margins.top().isPositive()) {
            sketch.span(Axis.VERTICAL, piece.top(), area.top(), piece, 1);
        }
    }

    /** How far from the left and the top of its panel something is set: its middle, or the edge of what runs from edge to edge. */
    private void setOn(Outline zone, Rect panel) {
        Rect box = zone.bounds();
        Point at = zone.isRectangle() ? box.corner() : box.middle();
        if (!box.size().width().equals(panel.size().width())) {
            sketch.span(Axis.HORIZONTAL, panel.left(), at.x(), panel, 1);
        }
        if (!box.size().height().equals(panel.size().height())) {
            sketch.span(Axis.VERTICAL, panel.top(), at.y(), panel, 1);
        }
    }

    /** How far something lies from the left and from the top of what it is on; nothing where it is flush. */
    private void margins(Rect zone, Rect host) {
        if (zone.left().isLongerThan(host.left())) {
            sketch.span(Axis.HORIZONTAL, host.left(), zone.left(), host, 1);
        }
        if (zone.top().isLongerThan(host.top())) {
            sketch.span(Axis.VERTICAL, host.top(), zone.top(), host, 1);
        }
    }

    /**
     * A piece that is put on another: the one below as it lies by now, the place it goes to in dashes, and at its right the piece, with the adhesive on the face
     * that is laid down.
     */
    private static final class Adding {

        private final Operation.Stick stick;
        private final State before;
        private final Palette palette;
        private final Placement toUpper;
        private final Placement toUpright;
        private final Placement there;
        private final Placement beside;
        private final StepPicture picture;

        Adding(Operation.Stick stick, State before, Palette palette, int rows, MeasureSystem system) {
            this.stick = stick;
            this.before = before;
            this.palette = palette;
            this.toUpper = stick.join().placement().inverse();
            this.toUpright = toUpper.within(stick.upright());
            Rect own = stick.piece().outline().bounds();
            Rect ground = stick.host()
                    .around(stick.piece().outline().in(stick.upright()).bounds());
            Length gap =
                    Length.max(ground.size().width(), ground.size().height()).dividedDownBy(8);
            Length height = Length.max(ground.size().height(), own.size().height());
            Rect both = Rect.of(
                    Length.ZERO,
                    Length.ZERO,
                    ground.size().width().plus(gap).plus(own.size().width()),
                    height);
            this.picture = new StepPicture(both, rows, system);
            Point at = picture.piece.corner();
            Length down = height.minus(ground.size().height()).half().minus(ground.top());
            this.there = Placement.at(at.plus(ground.left().negated(), down));
            this.beside = Placement.at(at.plus(
                    ground.size().width().plus(gap).minus(own.left()),
                    height.minus(own.size().height()).half().minus(own.top())));
        }

        /** A piece that is stuck by now, on what it is stuck to. */
        static Adding of(Making making, Piece upper, State before, Palette palette, MeasureSystem system) {
            return making.steps().stream()
                    .filter(each ->
                            each instanceof Operation.Stick && each.piece().equals(upper))
                    .map(each -> new Adding((Operation.Stick) each, before, palette, ROWS, system))
                    .findFirst()
                    .orElseThrow(() -> new IllegalStateException(upper.name() + " is stuck to nothing"));
        }

        /** It lies in its place, and one of its ends goes under, or round what it lies on. */
        Drawing holding(Outline end) {
            ground();
            Outline tab = end.in(there);
            picture.sketch.add(Mark.Area.of(tab, Fill.NONE, Line.LIT, groundInk()));
            Point middle = Outline.of(stick.own()).in(there).bounds().middle();
            Point from = tab.bounds().middle();
            Point inwards = new Point(
                    from.x().plus(middle.x().minus(from.x()).dividedDownBy(3)),
                    from.y().plus(middle.y().minus(from.y()).dividedDownBy(3)));
            Arrow.bowed(from, inwards, groundInk(), picture.sketch);
            return picture.sketch.filling("The end of the " + stick.piece().name());
        }

        /** Something beside it goes under it. */
        Drawing tucking(Piece under) {
            ground();
            Placement at = Placement.at(new Point(
                    Outline.of(stick.host()).in(there).bounds().right().plus(picture.sketch.rows(1)),
                    Outline.of(stick.own())
                            .in(there)
                            .bounds()
                            .middle()
                            .y()
                            .minus(under.size().height().half())));
            Ink ink = palette.ink(under, Side.UP);
            Region material = before.asItIs(under).material().in(at);
            picture.sketch.add(Mark.Area.of(material, palette.fill(under, Side.UP), Line.CUT, ink)
                    .lifted());
            Prints.on(under, Side.UP, List.of(material), at::apply, ink).forEach(picture.sketch::add);
            Rect from = under.outline().in(at).bounds();
            Point to = Outline.of(stick.own()).in(there).bounds().middle();
            Arrow.bowed(new Point(from.left(), from.middle().y()), to, groundInk(), picture.sketch);
            return picture.sketch.filling(
                    under.name() + " under " + stick.piece().name());
        }

        Drawing drawing() {
            ground();
            Sketch sketch = picture.sketch;
            Region material = before.asItIs(stick.piece()).material();
            Placement lies = stick.upright().within(there);
            Rect to = stick.piece().outline().in(lies).bounds();
            // What hangs past what holds it comes to lie on the page for the most part.
            Ink ground = Outline.of(stick.host()).in(there).bounds().contains(to) ? groundInk() : Ink.ON_PAGE;
            sketch.add(Mark.Area.of(material.outline().in(lies), Fill.NONE, Line.HIDDEN, ground));
            Ink ink = palette.ink(stick.piece(), Side.UP);
            sketch.add(Mark.Area.of(material.in(beside), palette.fill(stick.piece(), Side.UP), Line.CUT, ink)
                    .lifted());
            Prints.on(stick.piece(), Side.UP, List.of(material.in(beside)), beside::apply, ink)
                    .forEach(sketch::add);
            picture.layers(before, stick.piece(), Side.UP, beside, palette);
            for (Region tape : stick.join().adhesive()) {
                picture.hatch(
                        tape.in(toUpper).in(beside), stick.join().adhesion().kind(), ink);
            }
            Rect from = stick.piece().outline().in(beside).bounds();
            Arrow.bowed(new Point(from.left(), from.middle().y()), to.middle(), ground, sketch);
            figures();
            return sketch.filling(stick.piece().name() + " on " + stick.lower().name());
        }

        private void ground() {
            Piece lower = before.asItIs(stick.lower());
            Side side = stick.join().side();
            Region area = before.card()
                    .panelOf(stick.join().panel())
                    .material(lower)
                    .in(toUpright)
                    .in(there);
            picture.sketch.add(Mark.Area.of(area, palette.fill(lower, side), Line.CUT, groundInk()));
            before.stuckOn(lower.id(), side).stream()
                    .filter(join -> join.panel().equals(stick.join().panel()))
                    .forEach(join -> picture.layer(before, join, toUpright.within(there), palette));
        }

        private Ink groundInk() {
            return palette.ink(stick.lower(), stick.join().side());
        }

        private void figures() {
            Rect host = Outline.of(stick.host()).in(there).bounds();
            Rect zone = Outline.of(stick.own()).in(there).bounds();
            for (Operation.Stick.Measured measured : stick.measured()) {
                if (measured.by().isPositive()) {
                    figure(measured.from(), zone, host);
                }
            }
        }

        private void figure(Edge from, Rect zone, Rect host) {
            switch (from) {
                case LEFT -> picture.sketch.span(Axis.HORIZONTAL, host.left(), zone.left(), host, 1);
                case RIGHT -> picture.sketch.span(Axis.HORIZONTAL, zone.right(), host.right(), host, 1);
                case TOP -> picture.sketch.span(Axis.VERTICAL, host.top(), zone.top(), host, -1);
                case BOTTOM -> picture.sketch.span(Axis.VERTICAL, zone.bottom(), host.bottom(), host, -1);
            }
        }
    }
}
