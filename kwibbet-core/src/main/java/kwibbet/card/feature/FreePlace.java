package kwibbet.card.feature;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

import kwibbet.card.Addition;
import kwibbet.card.Card;
import kwibbet.card.CardMaker;
import kwibbet.card.Feature;
import kwibbet.card.Host;
import kwibbet.card.Join;
import kwibbet.card.Panel;
import kwibbet.card.Parameter;
import kwibbet.card.PieceId;
import kwibbet.card.Settings;
import kwibbet.card.Site;
import kwibbet.card.Zone;
import kwibbet.measure.Graduation;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.shape.Point;
import kwibbet.shape.Region;
import kwibbet.shape.Size;

/**
 * Where something new can be made whose preset place is taken: beside what is there, smaller where it must be. Whether a place is free is asked of the card
 * itself.
 *
 * @param feature what is new
 * @param card the card
 * @param host where on it
 * @param room how large the place is
 */
record FreePlace(Feature feature, Card card, Host host, Size room) {

    /** In eighths of the preset size. */
    private static final List<Integer> SIZES = List.of(8, 6, 4, 3, 2);

    /** How many gaps it stays off the edges of its place: what laps behind or keeps free round it needs some more. */
    private static final List<Integer> OFF_EDGES = List.of(1, 2);

    /** As it is suited to the place, or else as it is, or at a free place; as it is if there is none. */
    Settings nearest(Settings settings) {
        Optional<Settings> suited = suited(settings);
        Settings first = suited.orElse(settings);
        if (!feature.parameters().containsAll(Placing.ALL)
                || (suited.isPresent() ? made(first).filter(this::keepsItsWork).isPresent() : isGood(first))) {
            return first;
        }
        Length gap = card.design().system().usual(Length.ofInches(1, 4));
        return SIZES.stream()
                .map(eighths -> scaled(first, eighths))
                .distinct()
                .flatMap(sized -> OFF_EDGES.stream().flatMap(gaps -> places(sized, gap, gap.multipliedBy(gaps))))
                .findFirst()
                .orElse(first);
    }

    /** Smaller only where it is one that has settings suited to its place as large as it is. */
    private Optional<Settings> suited(Settings settings) {
        MeasureSystem system = card.design().system();
        return feature.suited(settings, room, system).isEmpty()
                ? Optional.empty()
                : SIZES.stream()
                        .flatMap(eighths -> feature.suited(scaled(settings, eighths), room, system).stream())
                        .distinct()
                        .filter(this::isMade)
                        .findFirst();
    }

    private Optional<Card> made(Settings settings) {
        Addition addition = card.design().next(feature, host, settings, Map.of());
        return CardMaker.make(card.design().settled().plus(addition), card.materials())
                        instanceof Outcome.Made<Card> made
                ? Optional.of(made.value())
                : Optional.empty();
    }

    /** Made, and within the panel: a panel that is no rectangle does not fill its box. */
    private boolean isGood(Settings settings) {
        return made(settings)
                .filter(with -> with.join(added()).stream().allMatch(join -> isRectangular() || lies(with, join)))
                .filter(this::keepsItsWork)
                .isPresent();
    }

    private PieceId added() {
        return card.design().nextId(feature);
    }

    /** Nothing that is stamped or set on falls out with what is cut out there. */
    private boolean keepsItsWork(Card with) {
        return with.pieces().stream().allMatch(piece -> piece.zones().stream()
                .filter(zone -> zone.owner().equals(added()))
                .filter(zone -> zone.use() == Zone.Use.SET_ON || zone.use() == Zone.Use.SURFACE)
                .allMatch(zone -> piece.openings().stream()
                        .filter(opening -> !opening.owner().equals(added()))
                        .noneMatch(opening -> Overlay.overlap(opening.outline(), zone.outline()))));
    }

    private boolean isRectangular() {
        return panel().map(each -> each.outline().isRectangle()).orElse(true);
    }

    private Optional<Panel> panel() {
        return host instanceof Host.OnFace on ? card.panel(on.face().panel()) : Optional.empty();
    }

    private static boolean lies(Card card, Join join) {
        return Overlay.contains(Region.of(card.hostArea(join)), join.zone());
    }

    /** Round the middle of the panel's corners, as its site lies. */
    private Optional<Point> aroundMiddle(Size size) {
        return host instanceof Host.OnFace on && !isRectangular()
                ? card.face(on.face())
                        .flatMap(face -> panel().map(panel ->
                                panel.outline().in(Site.frameOn(panel, face).inverse())))
                        .map(FreePlace::middle)
                        .map(middle -> new Point(
                                middle.x()
                                        .minus(size.width().half())
                                        .roundedDownTo(marks())
                                        .shown(),
                                middle.y()
                                        .minus(size.height().half())
                                        .roundedDownTo(marks())
                                        .shown()))
                : Optional.empty();
    }

    private static Point middle(Outline outline) {
        List<Point> corners = outline.corners();
        Length x = corners.stream().map(Point::x).reduce(Length.ZERO, Length::plus);
        Length y = corners.stream().map(Point::y).reduce(Length.ZERO, Length::plus);
        return new Point(x.dividedDownBy(corners.size()), y.dividedDownBy(corners.size()));
    }

    private boolean isMade(Settings settings) {
        return made(settings).isPresent();
    }

    /** Beside the middle, above and below it, then in the corners. */
    private Stream<Settings> places(Settings settings, Length gap, Length offEdges) {
        Size size = size(settings);
        List<Length> lefts =
                List.of(middle(room.width(), size.width()), far(room.width(), size.width(), offEdges), offEdges);
        List<Length> tops =
                List.of(middle(room.height(), size.height()), far(room.height(), size.height(), offEdges), offEdges);
        Stream<Point> beside = tops.stream().flatMap(top -> lefts.stream().map(left -> new Point(left, top)));
        return Stream.concat(aroundMiddle(size).stream(), beside)
                .flatMap(corner -> free(settings, corner, gap).stream());
    }

    /** Where it can be made, and could be if it reached half a gap further all round: two cuts so close do not hold. */
    private Optional<Settings> free(Settings settings, Point corner, Length gap) {
        Settings placed = Placing.placed(settings, corner);
        Length half = gap.half();
        Settings wider =
                Placing.placed(grown(settings, half.multipliedBy(2)), corner.plus(half.negated(), half.negated()));
        return Optional.of(placed).filter(each -> isMade(wider)).filter(this::isGood);
    }

    private Length far(Length side, Length taken, Length offEdge) {
        return side.minus(taken).minus(offEdge).roundedTo(marks()).shown();
    }

    private Length middle(Length side, Length taken) {
        return side.minus(taken).half().roundedDownTo(marks()).shown();
    }

    private Graduation marks() {
        return card.design().system() == MeasureSystem.INCH ? Graduation.EIGHTHS : Graduation.MILLIMETRES;
    }

    private boolean isSized() {
        return feature.parameters().containsAll(List.of(Shapes.WIDTH, Shapes.HEIGHT));
    }

    private Size size(Settings settings) {
        return isSized()
                ? new Size(settings.length(Shapes.WIDTH), settings.length(Shapes.HEIGHT))
                : new Size(Length.GRAIN, Length.GRAIN);
    }

    private Settings grown(Settings settings, Length by) {
        return isSized()
                ? settings.with(Shapes.WIDTH, settings.length(Shapes.WIDTH).plus(by))
                        .with(Shapes.HEIGHT, settings.length(Shapes.HEIGHT).plus(by))
                : settings;
    }

    private Settings scaled(Settings settings, int eighths) {
        Settings scaled = settings;
        for (Parameter parameter : feature.parameters()) {
            if (parameter instanceof Parameter.OfLength length
                    && !Placing.ALL.contains(length)
                    && !feature.distances().contains(length)
                    && length.follows() != Parameter.Follows.NOTHING) {
                Length part = settings.length(length).multipliedBy(eighths).dividedDownBy(8);
                scaled = scaled.with(
                        length,
                        Length.max(length.least(), part.roundedDownTo(marks()).shown()));
            }
        }
        return scaled;
    }
}
