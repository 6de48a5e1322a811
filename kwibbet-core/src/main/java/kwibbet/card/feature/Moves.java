package kwibbet.card.feature;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

import kwibbet.card.Addition;
import kwibbet.card.Card;
import kwibbet.card.Design;
import kwibbet.card.Face;
import kwibbet.card.Feature;
import kwibbet.card.Host;
import kwibbet.card.Join;
import kwibbet.card.Opening;
import kwibbet.card.Panel;
import kwibbet.card.Parameter;
import kwibbet.card.Piece;
import kwibbet.card.PieceId;
import kwibbet.card.ScoreId;
import kwibbet.card.Settings;
import kwibbet.card.Site;
import kwibbet.card.Zone;
import kwibbet.measure.Graduation;
import kwibbet.measure.Length;
import kwibbet.shape.Edge;
import kwibbet.shape.Outline;
import kwibbet.shape.Placement;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;

/**
 * Moving and stretching by hand: shifts as they are seen on the flat base become settings, snapped to the marks of a tool.
 *
 * <p>Each gives the changed design, or nothing where the thing cannot be taken hold of so.
 */
public final class Moves {

    /** Nobody puts more of a thing in a row. */
    private static final int STEPS = 12;

    private final Card card;
    private final Addition addition;
    private final Settings settings;
    private final Graduation marks;
    private final Panel panel;
    private final Placement frame;
    private final Rect place;

    private Moves(Card card, Addition addition, Graduation marks, Panel panel, Placement frame, Outline shown) {
        this.card = card;
        this.addition = addition;
        this.settings = card.design().present(addition);
        this.marks = marks;
        this.panel = panel;
        this.frame = frame;
        this.place = shown.in(frame.inverse()).bounds();
    }

    private static Optional<Moves> of(Card card, PieceId id, Graduation marks) {
        Optional<Addition> addition = card.design().addition(id);
        return addition.flatMap(each -> panel(card, each).flatMap(panel -> shown(card, each, panel)
                .map(shown -> new Moves(card, each, marks, panel, frame(card, each, panel), shown))));
    }

    private static Optional<Panel> panel(Card card, Addition addition) {
        if (addition.host() instanceof Host.OnPiece on) {
            return card.panelsOf(on.piece()).stream().findFirst();
        }
        return face(card, addition).flatMap(face -> card.panel(face.panel()));
    }

    private static Optional<Face> face(Card card, Addition addition) {
        return addition.host() instanceof Host.OnFace on ? card.face(on.face()) : Optional.empty();
    }

    private static Placement frame(Card card, Addition addition, Panel panel) {
        return face(card, addition).map(face -> Site.frameOn(panel, face)).orElse(Placement.SAME);
    }

    /** Where it lies on the piece of its panel: its own piece, or else what it cuts or marks there. */
    private static Optional<Outline> shown(Card card, Addition addition, Panel panel) {
        Piece host = card.pieceOf(panel.piece());
        return byOpening(card, addition, host)
                .or(() -> card.join(addition.id()).map(Join::zone))
                .or(() -> host.openings().stream()
                        .filter(opening -> opening.owner().equals(addition.id()))
                        .map(Opening::outline)
                        .findFirst())
                .or(() -> host.zones().stream()
                        .filter(zone -> zone.owner().equals(addition.id()))
                        .map(Zone::outline)
                        .findFirst());
    }

    /** Of a frame it is the opening that is placed, whether that goes through what it lies on or not; of several all of them. */
    private static Optional<Outline> byOpening(Card card, Addition addition, Piece host) {
        if (!addition.feature().isPlacedByOpening()) {
            return Optional.empty();
        }
        Optional<Outline> through = opened(host, addition);
        return through.isPresent()
                ? through
                : card.join(addition.id()).flatMap(join -> opened(card.pieceOf(join.upper()), addition)
                        .map(outline -> outline.in(join.placement())));
    }

    private static Optional<Outline> opened(Piece piece, Addition addition) {
        List<Outline> own = piece.openings().stream()
                .filter(opening -> opening.owner().equals(addition.id()))
                .map(Opening::outline)
                .toList();
        return own.size() < 2
                ? own.stream().findFirst()
                : own.stream().map(Outline::bounds).reduce(Rect::around).map(Outline::of);
    }

    /**
     * Moves an addition.
     *
     * @param card the card
     * @param id the addition
     * @param right how far to the right on the flat base
     * @param down how far down
     * @param marks what it snaps to, besides the middle of its place
     */
    public static Optional<Design> moved(Card card, PieceId id, Length right, Length down, Graduation marks) {
        return of(card, id, marks).filter(Moves::isPlaced).map(moves -> moves.moved(right, down));
    }

    private boolean isPlaced() {
        return addition.feature().asked(settings).contains((Parameter) Placing.ACROSS);
    }

    /**
     * The settings of an addition, where what is newly placed by a distance, or cut to a size, starts from where it lies and how large it is now, so
     * that nothing jumps.
     *
     * @param card the card as it is
     * @param addition the addition as it is
     * @param changed its settings as they are wanted
     */
    public static Settings fromWhereItLies(Card card, Addition addition, Settings changed) {
        return of(card, addition.id(), Graduation.SIXTEENTHS)
                .map(moves -> moves.fromWhereItLies(changed))
                .orElse(changed);
    }

    private Settings fromWhereItLies(Settings changed) {
        Settings placed = changed;
        if (isNewlyBy(changed, Placing.ACROSS, Placing.FROM_LEFT)) {
            placed = placed.with(Placing.FROM_LEFT, place.left());
        }
        if (isNewlyBy(changed, Placing.DOWN, Placing.FROM_TOP)) {
            placed = placed.with(Placing.FROM_TOP, place.top());
        }
        if (isNewlyBySize(changed)) {
            placed = placed.with(Mat.WIDTH, place.size().width())
                    .with(Mat.HEIGHT, place.size().height());
        }
        return placed;
    }

    /** A mat whose size is said from now on keeps the one it has until another is said. */
    private boolean isNewlyBySize(Settings changed) {
        return addition.feature() instanceof Mat
                && changed.is(Mat.FIT, Mat.BY_SIZE)
                && !settings.is(Mat.FIT, Mat.BY_SIZE)
                && changed.length(Mat.WIDTH).equals(settings.length(Mat.WIDTH))
                && changed.length(Mat.HEIGHT).equals(settings.length(Mat.HEIGHT));
    }

    private boolean isNewlyBy(Settings changed, Parameter.OfChoice way, Parameter.OfLength distance) {
        return changed.is(way, Placing.BY)
                && !settings.is(way, Placing.BY)
                && changed.length(distance).equals(settings.length(distance));
    }

    /**
     * What keeps something from being moved by hand, in a sentence that says what would free it; nothing where nothing does.
     *
     * @param card the card
     * @param id what is taken hold of
     */
    public static Optional<String> obstacle(Card card, PieceId id) {
        Optional<Addition> addition = card.design().addition(id);
        if (addition.isEmpty()) {
            return Optional.of("Only what is put on the card can be moved.");
        }
        Settings settings = card.design().present(addition.get());
        Feature feature = addition.get().feature();
        if (feature.asked(settings).contains((Parameter) Placing.ACROSS)) {
            return Optional.empty();
        }
        String name = addition.get().name();
        return feature.asked(settings).stream()
                .filter(Parameter.OfChoice.class::isInstance)
                .map(Parameter.OfChoice.class::cast)
                .flatMap(way -> freeing(feature, settings, way)
                        .map(free -> name + " lies where its " + way.label() + " puts it. Set " + way.label() + " to “"
                                + free.label() + "” to move it."))
                .findFirst()
                .or(() -> Optional.of(name + " has its place from what it sits on and cannot be moved."));
    }

    private static Stream<Parameter.Choice> freeing(Feature feature, Settings settings, Parameter.OfChoice way) {
        return way.choices().stream().filter(choice -> feature.asked(settings.with(way, choice.key()))
                .contains((Parameter) Placing.ACROSS));
    }

    private Design moved(Length right, Length down) {
        Point shift = onSite(right, down);
        Rect room = Rect.atOrigin(panel.outline().in(frame.inverse()).bounds().size());
        Rect centred = room.centred(place.size());
        Settings changed = settings;
        if (!shift.x().isZero()) {
            Length left = place.left().plus(shift.x());
            changed = isAt(left, centred.left())
                    ? changed.with(Placing.ACROSS, Placing.MIDDLE)
                    : changed.with(Placing.ACROSS, Placing.BY).with(Placing.FROM_LEFT, snapped(left));
        }
        if (!shift.y().isZero()) {
            Length top = place.top().plus(shift.y());
            changed = isAt(top, centred.top())
                    ? changed.with(Placing.DOWN, Placing.MIDDLE)
                    : changed.with(Placing.DOWN, Placing.BY).with(Placing.FROM_TOP, snapped(top));
        }
        return card.design().settled().with(addition.with(changed));
    }

    /**
     * The settings with which an addition would lie beside where it lies: at its right, its left, below or above it, where there is room and nothing else, or else
     * where there is room; at last over it, a gap aside. None where it cannot be placed.
     *
     * @param card the card
     * @param id the addition
     * @param gap what is left between the two
     */
    static List<Settings> beside(Card card, PieceId id, Length gap) {
        return of(card, id, Graduation.SIXTEENTHS)
                .filter(Moves::isPlaced)
                .map(moves -> moves.beside(gap))
                .orElse(List.of());
    }

    private List<Settings> beside(Length gap) {
        Rect room = Rect.atOrigin(panel.outline().in(frame.inverse()).bounds().size());
        List<Rect> taken = others();
        Length right = all().size().width().plus(gap);
        Length down = all().size().height().plus(gap);
        List<Point> inRoom = IntStream.rangeClosed(1, STEPS)
                .boxed()
                .flatMap(step -> Stream.of(
                        new Point(right.multipliedBy(step), Length.ZERO),
                        new Point(right.multipliedBy(-step), Length.ZERO),
                        new Point(Length.ZERO, down.multipliedBy(step)),
                        new Point(Length.ZERO, down.multipliedBy(-step))))
                .filter(shift -> room.contains(all().plus(shift.x(), shift.y())))
                .toList();
        Stream<Point> free =
                inRoom.stream().filter(shift -> taken.stream().noneMatch(all().plus(shift.x(), shift.y())::overlaps));
        Stream<Point> aside = Stream.of(new Point(gap, gap), new Point(gap.negated(), gap.negated()));
        return Stream.of(free, inRoom.stream(), aside)
                .flatMap(shifts -> shifts)
                .map(shift -> Placing.placed(settings, place.corner().plus(shift.x(), shift.y())))
                .toList();
    }

    /** All it takes up: round an opening there is a frame. */
    private Rect all() {
        return card.piece(addition.id())
                .filter(piece -> addition.feature().isPlacedByOpening())
                .map(Piece::size)
                .map(size -> Rect.around(place.middle(), size).around(place))
                .orElse(place);
    }

    /** What else is put where it is put, but for what it lies within. */
    private List<Rect> others() {
        return card.design().additions().stream()
                .filter(other -> other.host().equals(addition.host()) && !other.equals(addition))
                .flatMap(other -> of(card, other.id(), marks).stream())
                .map(Moves::all)
                .filter(other -> !other.contains(all()))
                .toList();
    }

    private boolean isAt(Length one, Length other) {
        return one.minus(other).abs().multipliedBy(2).isShorterThan(marks.step());
    }

    private Length snapped(Length length) {
        return length.roundedTo(marks).shown();
    }

    /** A shift on the flat base as it is in the frame of the site. */
    private Point onSite(Length right, Length down) {
        Placement base = card.onBase(panel.piece()).orElse(Placement.SAME);
        Placement back = frame.within(base).inverse();
        Point start = back.apply(Point.ORIGIN);
        Point end = back.apply(new Point(right, down));
        return new Point(end.x().minus(start.x()), end.y().minus(start.y()));
    }

    /**
     * Moves one edge of an addition to where a hand drew it.
     *
     * @param card the card
     * @param id the addition
     * @param edge which edge, as seen on the flat base
     * @param right how far to the right on the flat base the hand went
     * @param down how far down
     * @param marks what it snaps to
     */
    public static Optional<Design> drawn(
            Card card, PieceId id, Edge edge, Length right, Length down, Graduation marks) {
        Length outwards =
                switch (edge) {
                    case LEFT -> right.negated();
                    case RIGHT -> right;
                    case TOP -> down.negated();
                    case BOTTOM -> down;
                };
        return stretched(card, id, edge, outwards, marks);
    }

    /** Moves an addition towards an edge of the flat base by so many marks. */
    public static Optional<Design> nudged(Card card, PieceId id, Edge towards, int times, Graduation marks) {
        Length far = marks.step().multipliedBy(times);
        Length right = towards == Edge.RIGHT ? far : towards == Edge.LEFT ? far.negated() : Length.ZERO;
        Length down = towards == Edge.BOTTOM ? far : towards == Edge.TOP ? far.negated() : Length.ZERO;
        return moved(card, id, right, down, marks);
    }

    /**
     * Moves one edge of an addition.
     *
     * @param card the card
     * @param id the addition
     * @param edge which edge, as seen on the flat base
     * @param outwards how far away from its middle; negative towards it
     * @param marks what it snaps to
     */
    public static Optional<Design> stretched(Card card, PieceId id, Edge edge, Length outwards, Graduation marks) {
        return of(card, id, marks).flatMap(moves -> moves.stretched(edge, outwards));
    }

    private Optional<Design> stretched(Edge edge, Length outwards) {
        if (addition.feature() instanceof Mat && settings.is(Mat.FIT, Mat.BY_BORDER)) {
            Length border = snapped(settings.length(Mat.BORDER).minus(outwards));
            return Optional.of(with(settings.with(Mat.BORDER, Length.max(border, Length.ZERO))));
        }
        Point direction =
                onSite(step(edge == Edge.RIGHT, edge == Edge.LEFT), step(edge == Edge.BOTTOM, edge == Edge.TOP));
        boolean across = !direction.x().isZero();
        boolean start = direction.x().isNegative() || direction.y().isNegative();
        String key = across ? Mat.WIDTH.key() : Mat.HEIGHT.key();
        return addition.feature().parameters().stream()
                .filter(parameter -> parameter.key().equals(key))
                .map(Parameter.OfLength.class::cast)
                .findFirst()
                .map(side -> with(stretched(side, across, start, outwards)));
    }

    private static Length step(boolean forwards, boolean back) {
        return forwards ? Length.TICK : back ? Length.TICK.negated() : Length.ZERO;
    }

    /** What is kept in the middle grows on both sides; what is placed keeps its other edge. */
    private Settings stretched(Parameter.OfLength side, boolean across, boolean start, Length outwards) {
        Parameter.OfChoice way = across ? Placing.ACROSS : Placing.DOWN;
        Parameter.OfLength from = across ? Placing.FROM_LEFT : Placing.FROM_TOP;
        boolean middle = settings.is(way, Placing.MIDDLE);
        Length old = settings.length(side);
        Length grown = snapped(old.plus(middle ? outwards.multipliedBy(2) : outwards));
        Length kept = Length.max(grown, marks.step());
        Settings changed = settings.with(side, kept);
        return settings.is(way, Placing.BY) && start
                ? changed.with(from, settings.length(from).minus(kept.minus(old)))
                : changed;
    }

    private Design with(Settings changed) {
        return card.design().settled().with(addition.with(changed));
    }

    /**
     * Moves a score of the base.
     *
     * @param card the card
     * @param score the score
     * @param right how far to the right on the flat base
     * @param down how far down
     * @param marks what it snaps to
     */
    public static Optional<Design> scoreMoved(Card card, ScoreId score, Length right, Length down, Graduation marks) {
        return card.base()
                .score(score)
                .flatMap(each -> each.measured(card.base().size()))
                .flatMap(measured -> {
                    boolean upright = measured.from() == Edge.LEFT;
                    Length at = measured.at()
                            .plus(upright ? right : down)
                            .roundedTo(marks)
                            .shown();
                    Design design = card.design().settled();
                    return design.base().moved(design.settings(), score, at).map(design::with);
                });
    }
}
