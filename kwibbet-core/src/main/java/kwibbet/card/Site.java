package kwibbet.card;

import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Stream;

import kwibbet.measure.Length;
import kwibbet.paper.Colour;
import kwibbet.shape.Axis;
import kwibbet.shape.CutShape;
import kwibbet.shape.Edge;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.shape.Placement;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Region;
import kwibbet.shape.Size;

/**
 * The place a feature is made at, in a frame of its own: upright as the finished card is looked at, seen from the face it is
 * done to, zero at the left top corner of the room there.
 *
 * @param asked what is made there
 * @param ground what it is made on
 * @param around what else lies there
 */
public record Site(Asked asked, Ground ground, Around around) {

    /**
     * What is made at a site.
     *
     * @param id the id of the feature's first piece
     * @param name what the maker calls the feature
     * @param brief its settings
     */
    public record Asked(PieceId id, String name, Brief brief) {}

    /**
     * What something is made on.
     *
     * @param piece the piece it is done to
     * @param panel the panel of that piece
     * @param side the face of that panel
     * @param place what makers call the place, as {@code front} or the name of a layer
     * @param frame where the site's frame lies on the piece
     * @param room what there is to work on
     * @param straight the room without the strips along its edges into which a pattern is punched
     */
    public record Ground(
            PieceId piece, PanelId panel, Side side, String place, Placement frame, Region room, Region straight) {}

    /**
     * What lies round a site when the card is shut.
     *
     * @param below the pieces its piece is stuck to, the nearest first
     * @param panels the other panels of the base; worked out when somebody asks, since most features do not
     * @param piece the piece it is done to, with all that is done to it already
     */
    record Around(List<Deeper> below, Supplier<OtherPanels> panels, Piece piece) {
        /** Copies the list. */
        Around {
            below = List.copyOf(below);
        }
    }

    /**
     * Something beneath the site.
     *
     * @param piece the piece
     * @param panel the panel of it that lies there
     * @param side the face that is turned to the site
     * @param frame where the site's frame lies on that piece
     * @param covers what is stuck to that face, from the bottom up
     */
    public record Deeper(PieceId piece, Panel panel, Side side, Placement frame, List<Deeper> covers) {
        /** Copies the list. */
        public Deeper {
            covers = List.copyOf(covers);
        }
    }

    /** The id of the feature's first piece. */
    public PieceId id() {
        return asked.id();
    }

    /** What the maker calls the feature. */
    public String name() {
        return asked.name();
    }

    /** Its settings. */
    public Brief brief() {
        return asked.brief();
    }

    /** The piece it is done to. */
    public PieceId piece() {
        return ground.piece();
    }

    /** The panel of that piece. */
    public PanelId panel() {
        return ground.panel();
    }

    /** The face of that panel. */
    public Side side() {
        return ground.side();
    }

    /** What makers call the place. */
    public String place() {
        return ground.place();
    }

    /** Where the site's frame lies on the piece. */
    public Placement frame() {
        return ground.frame();
    }

    /** What there is to work on. */
    public Region room() {
        return ground.room();
    }

    /** What is cut out of its panel already. */
    public List<Outline> openings() {
        return around.piece().openings().stream()
                .map(opening -> opening.outline().in(frame().inverse()))
                .toList();
    }

    /** The areas of this face that are stamped, embossed or coloured already, in the order they were thought of. */
    public List<Outline> worked() {
        return around.piece().zones().stream()
                .filter(zone -> zone.use() == Zone.Use.SURFACE && zone.side() == side())
                .map(zone -> zone.outline().in(frame().inverse()))
                .filter(area -> Overlay.overlap(area, room().outline()))
                .toList();
    }

    /** The pieces its piece is stuck to, the nearest first. */
    public List<Deeper> below() {
        return around.below();
    }

    /** What lies between the pieces its piece is stuck to, stuck to the backs of those before the last: the film of a window, say. */
    public List<Deeper> between() {
        List<Deeper> below = below();
        return below.isEmpty() ? List.of() : around.panels().get().stuckBehind(below.subList(0, below.size() - 1));
    }

    /** The other panels of the base it lies before when the card is shut, the nearest first. */
    public List<Deeper> behind() {
        return around.panels().get().behind();
    }

    /** All other panels of the base, and of the small card it lies on, the nearest to the eye first. */
    public List<Deeper> others() {
        return around.panels().get().all();
    }

    /** The box of the whole shut card. */
    public Rect shutCard() {
        return others().stream()
                .map(other ->
                        other.panel().outline().in(other.frame().inverse()).bounds())
                .reduce(bounds(), Rect::around);
    }

    /**
     * The frame of a site on a face of a panel: upright as the face is looked at, zero at the left top corner of the panel there.
     *
     * @return where that frame lies on the piece of the panel
     */
    public static Placement frameOn(Panel panel, Face face) {
        Placement turned = new Placement(Point.ORIGIN, face.upright(), face.side() == Side.UNDER);
        Rect seen = panel.outline().in(turned.inverse()).bounds();
        return Placement.at(seen.corner()).within(turned);
    }

    /** The size of the room. */
    public Size size() {
        return room().outline().bounds().size();
    }

    /** The id of a further piece of the feature. */
    public PieceId part(String suffix) {
        return new PieceId(id().value() + "-" + suffix);
    }

    /** A further panel of the feature. */
    public PanelId panelPart(String suffix) {
        return new PanelId(id().value() + "-" + suffix);
    }

    /** A score of the feature. */
    public ScoreId scorePart(String suffix) {
        return new ScoreId(id().value() + "-" + suffix);
    }

    /** Where a piece lies on the site's piece when its left top corner is at {@code corner}. */
    public Placement at(Point corner) {
        return Placement.at(corner).within(frame());
    }

    /** A piece lying on the site, its corner there. */
    public Panel on(Piece upper, Point corner) {
        return on(upper, Placement.at(corner));
    }

    /** A piece lying on the site, its frame laid so. */
    public Panel on(Piece upper, Placement laid) {
        Placement onPiece = laid.within(frame());
        return Panel.stuck(PanelId.of(upper.id()), upper.id(), upper.outline(), panel(), side(), onPiece);
    }

    /** A piece lying on the other face of the site's panel, its up face against it and its corner there. */
    public Panel behind(Piece lower, Point corner) {
        return behind(lower, Placement.at(corner));
    }

    /** A piece lying on the other face of the site's panel, its up face against it and its frame laid so. */
    public Panel behind(Piece lower, Placement laid) {
        Placement onPiece = laid.within(frame());
        return Panel.stuck(PanelId.of(lower.id()), lower.id(), lower.outline(), panel(), side().opposite(), onPiece);
    }

    /** An opening cut for this feature, in the frame of the site's piece. */
    public Opening opening(String what, CutShape shape, Point corner) {
        return opening(what, shape, Placement.at(corner));
    }

    /** An opening whose shape's frame is laid so on the site, in the frame of the site's piece. */
    public Opening opening(String what, CutShape shape, Placement laid) {
        return new Opening(id(), what, shape, laid.within(frame()));
    }

    /** A zone on the face of the site, in the frame of its piece. */
    public Zone zone(Outline outline, Zone.Use use, String words) {
        return new Zone(id(), side(), outline.in(frame()), use, words);
    }

    /** A zone on the face of the site where something stands up that far, of a colour where that is said. */
    public Zone setOn(Outline outline, Length rise, String words, Optional<Colour> colour) {
        return new Zone(id(), side(), outline.in(frame()), Zone.Use.SET_ON, words, rise, Optional.empty(), colour);
    }

    /** What of a picture is seen on the face of the site; in the frame of its piece. */
    public Zone printed(Outline seen, Print print) {
        return Zone.printed(id(), side(), seen.in(frame()), print.in(frame()));
    }

    /** The size of a piece that leaves {@code border} of the room on each side; nothing positive where it is too small. */
    public List<Outline> within(Length border) {
        return Overlay.inset(room().outline(), border);
    }

    /** The same within the straight lines that what is punched into an edge reaches in to. */
    public List<Outline> withinStraight(Length border) {
        return Overlay.inset(ground.straight().outline(), border);
    }

    /**
     * The strip past an edge of the panel that there would be if its paper were longer there.
     *
     * @param wide how much longer
     * @return in the frame of the piece; nothing where the panel does not take up the whole edge of a straight paper, or that is longer there already
     */
    public Optional<Rect> pastPaper(Edge edge, Length wide) {
        Piece piece = around.piece();
        Rect paper = piece.outline().bounds();
        Rect past = Outline.of(beside(bounds(), edge, wide)).in(frame()).bounds();
        boolean isWhole = Stream.of(Axis.values())
                .anyMatch(along -> past.start(along).equals(paper.start(along))
                        && past.end(along).equals(paper.end(along))
                        && (past.end(along.across()).equals(paper.start(along.across()))
                                || past.start(along.across()).equals(paper.end(along.across()))));
        return Optional.of(past)
                .filter(strip ->
                        isWhole && piece.isTrimmed() && !piece.withEnds().overlaps(strip));
    }

    private static Rect beside(Rect box, Edge edge, Length wide) {
        return switch (edge) {
            case LEFT ->
                Rect.of(box.left().minus(wide), box.top(), wide, box.size().height());
            case TOP -> Rect.of(box.left(), box.top().minus(wide), box.size().width(), wide);
            case RIGHT -> Rect.of(box.right(), box.top(), wide, box.size().height());
            case BOTTOM -> Rect.of(box.left(), box.bottom(), box.size().width(), wide);
        };
    }

    /** The whole room as a rectangle. */
    public Rect bounds() {
        return room().outline().bounds();
    }
}
