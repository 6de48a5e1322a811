package kwibbet.picture;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;

import kwibbet.bench.DieLaying;
import kwibbet.bench.PressSetting;
import kwibbet.bench.PressStep;
import kwibbet.card.Piece;
import kwibbet.card.Side;
import kwibbet.drawing.Drawing;
import kwibbet.drawing.Fill;
import kwibbet.drawing.Ink;
import kwibbet.drawing.Line;
import kwibbet.drawing.Mark;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.PaperShelf;
import kwibbet.press.DieUse;
import kwibbet.press.Layup;
import kwibbet.press.Lying;
import kwibbet.press.PressPlan.OnBed;
import kwibbet.shape.Axis;
import kwibbet.shape.Edge;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.shape.Placement;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Region;
import kwibbet.shape.Segment;
import kwibbet.shape.Size;
import kwibbet.tool.DiePass;
import kwibbet.tool.Hand;
import kwibbet.tool.Press;
import kwibbet.wording.Phrase;

/** The bed of the press seen from above: the papers, the dies on them with their metal, and where the plate's edge stops. */
public final class PressPicture {

    /** Text heights to the longer side of the bed. */
    private static final int ROWS = 30;

    private final Palette palette;
    private final Hand hand;
    private final Rect bed;
    private final Sketch sketch;

    private PressPicture(PressSetting setting, Press press, Hand hand, PaperShelf shelf, MeasureSystem system) {
        this.palette = new Palette(shelf);
        this.hand = hand;
        this.bed = Rect.atOrigin(new Size(press.plate(), press.bed()));
        Length width = press.plate();
        Length height = press.bed();
        for (OnBed each : setting.load().laid()) {
            width = Length.max(width, each.place().right());
            height = Length.max(height, each.place().bottom());
        }
        Length row = Length.max(width, height).dividedDownBy(ROWS);
        Length beyond =
                hand.fence() == Edge.LEFT ? Length.ZERO : width.minus(bed.size().width());
        Rect frame = Rect.of(
                row.multipliedBy(4).plus(beyond).negated(),
                row.multipliedBy(3).negated(),
                width.plus(row.multipliedBy(8)),
                height.plus(row.multipliedBy(7)));
        this.sketch = new Sketch(frame, row, system);
    }

    /** Draws what lies on the bed, for whoever is left-handed from the right on. */
    public static Drawing of(PressSetting setting, Press press, Hand hand, PaperShelf shelf, MeasureSystem system) {
        PressPicture picture = new PressPicture(setting, press, hand, shelf, system);
        picture.sketch.add(Mark.Area.of(picture.bed, Fill.NONE, Line.SHEET, Ink.ON_PAGE));
        boolean isAlone = setting.steps().size() == 1;
        setting.steps().forEach(step -> picture.paper(step, isAlone));
        picture.sketch.width(picture.bed, 2);
        picture.sketch.height(picture.bed, 2 + picture.rowsBeyond(setting));
        return picture.sketch.filling("What lies on the bed of the press");
    }

    /** How far papers stick out at the right, where the bed is measured. */
    private double rowsBeyond(PressSetting setting) {
        if (hand.fence() != Edge.LEFT) {
            return 0;
        }
        Length right =
                setting.load().laid().stream().map(each -> each.place().right()).reduce(bed.right(), Length::max);
        return right.minus(bed.right()).toInches() / sketch.rows(1).toInches();
    }

    private void paper(PressStep step, boolean isAlone) {
        OnBed each = step.onBed();
        Layup layup = each.layup();
        Placement there = placement(each);
        Piece piece = layup.piece();
        Ink ink = palette.ink(piece, Side.UP);
        Outline paper = Outline.of(layup.paper()).in(there);
        // Dies that reach past the paper are seen on the bed.
        layup.uses().forEach(use -> onBed(use, layup.diePass(), there));
        List<Region> openings = step.before().stream()
                .flatMap(before -> before.openings().stream())
                .map(opening -> Region.of(opening.in(there)))
                .toList();
        Overlay.without(Region.of(paper), openings)
                .forEach(left -> sketch.add(Mark.Area.of(left, palette.fill(piece, Side.UP), Line.CUT, ink)
                        .lifted()));
        step.before().stream()
                .flatMap(before -> before.cuts().stream())
                .map(there::apply)
                .forEach(cut -> sketch.add(new Mark.Stroke(List.of(cut.start(), cut.end()), Line.CUT, ink)));
        layup.lying().on().forEach(on -> stuck(on, there, ink));
        Region on = Region.of(paper);
        for (DieUse use : layup.uses()) {
            onPaper(use.rim(layup.diePass()).in(there), on, Line.FINE, ink);
            onPaper(use.cutLine(layup.diePass()).in(there), on, Line.CUT, ink);
            use.innerLines(layup.diePass()).forEach(line -> onPaper(line.in(there), on, Line.CUT, ink));
            use.creaseLines(layup.diePass()).stream()
                    .map(there::apply)
                    .forEach(line -> sketch.add(new Mark.Stroke(List.of(line.start(), line.end()), Line.VALLEY, ink)));
        }
        layup.lying().fold().at().ifPresent(fold -> foldedEdge(layup.paper(), fold, there));
        name(piece, paper.bounds(), ink);
        if (layup.diePass().isPartial()) {
            plateEdge(layup, there);
        } else if (isAlone) {
            DieLaying largest = step.layings().stream()
                    .max(Comparator.comparingDouble(
                            laying -> laying.use().die().rim().size().area()))
                    .orElseThrow(() -> new IllegalStateException("a paper on the bed has dies on it"));
            margins(largest, layup, there);
            if (each.turned()) {
                edgeName(largest.from(), layup.paper(), there, ink);
                edgeName(Edge.TOP, layup.paper(), there, ink);
            }
        }
    }

    /** On the bed a turned paper's edges lie elsewhere than where they are called after. */
    private void edgeName(Edge edge, Rect paper, Placement there, Ink ink) {
        Point middle = paper.middle();
        Point at =
                switch (edge) {
                    case LEFT ->
                        new Point(
                                paper.left(),
                                paper.bottom().minus(aside(paper.size().height())));
                    case RIGHT ->
                        new Point(
                                paper.right(),
                                paper.bottom().minus(aside(paper.size().height())));
                    case TOP -> new Point(paper.right().minus(aside(paper.size().width())), paper.top());
                    case BOTTOM ->
                        new Point(paper.right().minus(aside(paper.size().width())), paper.bottom());
                };
        Point on = there.apply(at);
        Point centre = there.apply(middle);
        Length from = sketch.rows(1.4);
        // Turned by a quarter, an upright edge lies level.
        boolean level = edge == Edge.TOP || edge == Edge.BOTTOM;
        boolean before = level ? on.x().isShorterThan(centre.x()) : on.y().isShorterThan(centre.y());
        Length in = before ? from : from.negated();
        sketch.text(level ? on.plus(in, Length.ZERO) : on.plus(Length.ZERO, in), Phrase.of(edge.word()), 0.85, ink);
    }

    /** Away from the middle, where dies lie, and from the corner. */
    private static Length aside(Length side) {
        return side.dividedDownBy(6);
    }

    private void onBed(DieUse use, DiePass pass, Placement there) {
        sketch.outline(use.rim(pass).in(there), Line.FINE, Ink.ON_PAGE);
        sketch.outline(use.cutLine(pass).in(there), Line.CUT, Ink.ON_PAGE);
        use.innerLines(pass).forEach(line -> sketch.outline(line.in(there), Line.CUT, Ink.ON_PAGE));
    }

    private void onPaper(Outline outline, Region paper, Line line, Ink ink) {
        Overlay.shared(Region.of(outline), paper).forEach(part -> sketch.outline(part.outline(), line, ink));
    }

    /** What lies on the paper; of what lies under it only the edge. */
    private void stuck(Lying.On on, Placement there, Ink ink) {
        Outline outline = on.piece().outline().in(on.placement()).in(there);
        if (on.join().side() == Side.UP) {
            sketch.add(Mark.Area.of(
                    outline, palette.fill(on.piece(), Side.UP), Line.CUT, palette.ink(on.piece(), Side.UP)));
        } else {
            sketch.outline(outline, Line.HIDDEN, ink);
        }
    }

    private void foldedEdge(Rect paper, Segment fold, Placement there) {
        boolean upright = fold.axis().equals(Optional.of(Axis.VERTICAL));
        Point start = upright
                ? new Point(fold.start().x(), paper.top())
                : new Point(paper.left(), fold.start().y());
        Point end = upright
                ? new Point(fold.start().x(), paper.bottom())
                : new Point(paper.right(), fold.start().y());
        sketch.stroke(Line.VALLEY, there.apply(start), there.apply(end));
    }

    /** From the frame of the piece onto the bed. */
    private Placement placement(OnBed each) {
        Placement turned = new Placement(Point.ORIGIN, each.turned() ? 90 : 0, false);
        Point corner = Outline.of(each.layup().extent()).in(turned).bounds().corner();
        Point there = hand.fence() == Edge.LEFT
                ? each.place().corner()
                : new Point(
                        bed.right().minus(each.place().right()), each.place().top());
        return new Placement(there.plus(corner.x().negated(), corner.y().negated()), turned.degrees(), false);
    }

    private void name(Piece piece, Rect paper, Ink ink) {
        Phrase phrase = Phrase.of(piece.name());
        Point at = new Point(paper.middle().x(), paper.bottom().minus(sketch.rows(1)));
        if (sketch.fits(phrase, 1, paper.size().width(), paper.size().height())) {
            sketch.text(at, phrase, 1, ink);
        }
    }

    /**
     * From the two edges that are measured from to the metal of a die, where it does not lie along them, each beside that edge of the paper which is nearer to the
     * die; of what lies aslant also, on the other side, how far down it comes nearest to the upright edge.
     */
    private void margins(DieLaying laying, Layup layup, Placement there) {
        Rect metal = laying.use().metal(layup.diePass());
        Rect paper = layup.paper();
        Rect on = Outline.of(paper).in(there).bounds();
        boolean left = laying.from() == Edge.LEFT;
        Point middle = there.apply(metal.middle());
        int below = middle.y().isLongerThan(on.middle().y()) ? 1 : -1;
        int right = middle.x().isLongerThan(on.middle().x()) ? 1 : -1;
        Point corner = there.apply(new Point(left ? paper.left() : paper.right(), paper.top()));
        Length side = laying.side().multipliedBy(left ? 1 : -1);
        margin(corner, in(paper, left, side, Length.ZERO, there), on, below, right);
        margin(corner, in(paper, left, Length.ZERO, laying.top(), there), on, below, right);
        laying.tip().ifPresent(tip -> margin(corner, in(paper, left, Length.ZERO, tip, there), on, -below, -right));
    }

    /** So far from the corner of the paper that is measured from. */
    private static Point in(Rect paper, boolean left, Length across, Length down, Placement there) {
        return there.apply(new Point(
                (left ? paper.left() : paper.right()).plus(across), paper.top().plus(down)));
    }

    private void margin(Point from, Point to, Rect on, int below, int right) {
        if (!from.x().equals(to.x())) {
            sketch.span(Axis.HORIZONTAL, Length.min(from.x(), to.x()), Length.max(from.x(), to.x()), on, below);
        } else if (!from.y().equals(to.y())) {
            sketch.span(Axis.VERTICAL, Length.min(from.y(), to.y()), Length.max(from.y(), to.y()), on, right);
        }
    }

    private void plateEdge(Layup layup, Placement there) {
        DieUse use = layup.uses().get(0);
        DiePass pass = layup.diePass();
        Rect cut = use.cut(pass);
        Length near = use.want().box().start(use.run());
        pass.from().ifPresent(from -> edge(use.run(), near.plus(from), cut.start(use.run()), there));
        pass.to().ifPresent(to -> edge(use.run(), near.plus(to), cut.end(use.run()), there));
    }

    /** The plate's edge straight across the bed, how far it is from an end of the die, and on which side the plate lies: not on that one. */
    private void edge(Axis run, Length at, Length dieEnd, Placement there) {
        Point on = there.apply(at(run, at));
        Point end = there.apply(at(run, dieEnd));
        boolean upright = on.y().equals(end.y());
        Length one = upright ? on.x() : on.y();
        Length other = upright ? end.x() : end.y();
        Point first = upright ? new Point(one, bed.top()) : new Point(bed.left(), one);
        Point last = upright ? new Point(one, bed.bottom()) : new Point(bed.right(), one);
        sketch.stroke(Line.FENCE, first, last);
        sketch.span(upright ? Axis.HORIZONTAL : Axis.VERTICAL, Length.min(one, other), Length.max(one, other), bed, -1);
        Length aside = sketch.rows(one.isLongerThan(other) ? 2 : -2);
        sketch.label(
                upright
                        ? new Point(one.plus(aside), bed.top().plus(sketch.rows(1)))
                        : new Point(bed.right().minus(sketch.rows(2)), one.plus(aside)),
                Phrase.of("plate"),
                0.9,
                Ink.ON_PAGE);
    }

    private static Point at(Axis run, Length along) {
        return run == Axis.HORIZONTAL ? new Point(along, Length.ZERO) : new Point(Length.ZERO, along);
    }
}
