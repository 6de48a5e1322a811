package kwibbet.card.feature;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

import kwibbet.card.Feature;
import kwibbet.card.PaperSlot;
import kwibbet.card.Parameter;
import kwibbet.card.Settings;
import kwibbet.card.Site;
import kwibbet.card.Work;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.outcome.Refusal;
import kwibbet.shape.CutShape;
import kwibbet.shape.Edge;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Region;
import kwibbet.shape.Size;

/**
 * Corners that are rounded, cut off or cut out, and ends that are cut to a fishtail: what a corner rounder, scissors and a knife do without a die.
 *
 * <p>Common practice, no source: corner rounders cut 1/8 to 1/2; a fishtail is about half as deep as the ribbon or banner is wide.
 */
public record EndCut() implements Feature {

    /** How it is cut. */
    public static final Parameter.OfChoice CUT = Parameter.OfChoice.of(
            "cut",
            "Cut",
            "What is done to corners, or to a whole end.",
            EndCut.ROUNDED,
            "corners rounded",
            EndCut.CLIPPED,
            "corners cut off straight",
            EndCut.NOTCHED,
            "corners cut out square",
            EndCut.FISHTAIL,
            "end cut to a fishtail");
    /** How far along each edge. */
    public static final Parameter.OfLength SIZE = Shapes.length(
            "size", "Corner", "How far it reaches along both edges: the radius of a round one.", "1/16", "3", "1/4");
    /** Which corners. */
    public static final Parameter.OfChoice CORNERS = Parameter.OfChoice.of(
            "corners",
            "Which",
            "Which corners, as the face is looked at.",
            "all",
            "all four",
            "top",
            "the two at the top",
            "bottom",
            "the two at the bottom",
            "left",
            "the two at the left",
            "right",
            "the two at the right");
    /** How deep a fishtail is. */
    public static final Parameter.OfLength DEEP =
            Shapes.length("deep", "Deep", "How far the notch reaches in, midway.", "1/8", "6", "1/2");
    /** Which ends. */
    public static final Parameter.OfChoice ENDS = Parameter.OfChoice.of(
            "ends",
            "End",
            "Which end, as the face is looked at.",
            "right",
            "right",
            "left",
            "left",
            "top",
            "top",
            "bottom",
            "bottom",
            "across",
            "left and right",
            "down",
            "top and bottom");

    /** Rounded. */
    public static final String ROUNDED = "rounded";
    /** Cut off straight. */
    public static final String CLIPPED = "clipped";
    /** Cut out square. */
    public static final String NOTCHED = "notched";
    /** An end with a triangle cut out of it, from corner to corner. */
    public static final String FISHTAIL = "fishtail";

    @Override
    public String key() {
        return "ends";
    }

    @Override
    public String title() {
        return "Corners and ends";
    }

    @Override
    public String sentence() {
        return "Corners rounded or cut off, an end cut to a fishtail.";
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(CUT, SIZE, CORNERS, DEEP, ENDS);
    }

    @Override
    public List<Parameter> asked(Settings settings) {
        return settings.is(CUT, FISHTAIL) ? List.of(CUT, DEEP, ENDS) : List.of(CUT, SIZE, CORNERS);
    }

    @Override
    public List<PaperSlot> papers() {
        return List.of();
    }

    /** All corners, or as many as lie at no fold; smaller where an edge is short. */
    @Override
    public List<Settings> suited(Settings settings, Size room, MeasureSystem system) {
        Length half = system.usual(SIZE.preset().half());
        return Stream.of(settings, settings.with(SIZE, half))
                .flatMap(sized -> sized.withEach(CORNERS).stream())
                .toList();
    }

    @Override
    public Outcome<Work> work(Site site) {
        return site.brief().is(CUT, FISHTAIL) ? fishtails(site) : corners(site);
    }

    private static Outcome<Work> corners(Site site) {
        Rect box = site.bounds();
        Length size = site.brief().length(SIZE);
        String which = site.brief().choice(CORNERS);
        Length shorter = Length.min(box.size().width(), box.size().height());
        if (!size.multipliedBy(2).isShorterThan(shorter)) {
            return Outcome.refused(
                    SIZE.key(),
                    "Two corners so large would meet: less than " + site.brief().figure(shorter.half()) + ".");
        }
        List<Outline> off = new ArrayList<>();
        for (Edge level : List.of(Edge.TOP, Edge.BOTTOM)) {
            for (Edge upright : List.of(Edge.LEFT, Edge.RIGHT)) {
                if (which.equals("all")
                        || Stream.of(level, upright)
                                .anyMatch(edge -> edge.word().equals(which))) {
                    off.add(corner(site, level, upright));
                }
            }
        }
        return cut(site, off, CORNERS);
    }

    /** What a corner loses, in the frame of the site. */
    private static Outline corner(Site site, Edge level, Edge upright) {
        Rect box = site.bounds();
        Length size = site.brief().length(SIZE);
        Point corner = new Point(
                upright == Edge.LEFT ? box.left() : box.right(), level == Edge.TOP ? box.top() : box.bottom());
        int right = upright == Edge.LEFT ? 1 : -1;
        int down = level == Edge.TOP ? 1 : -1;
        return switch (site.brief().choice(CUT)) {
            case CLIPPED -> Outline.of(corner, in(corner, size, right, 0), in(corner, size, 0, down));
            case NOTCHED ->
                Outline.of(
                        corner, in(corner, size, right, 0), in(corner, size, right, down), in(corner, size, 0, down));
            default -> round(corner, in(corner, size, right, down), size);
        };
    }

    /** What a square at a corner has outside a circle round its inner corner. */
    private static Outline round(Point corner, Point middle, Length radius) {
        Size twice = new Size(radius.multipliedBy(2), radius.multipliedBy(2));
        Rect box = Rect.around(middle, twice);
        Outline circle = new CutShape(CutShape.Kind.OVAL, twice).outline().plus(box.left(), box.top());
        Outline square =
                Outline.of(corner, new Point(middle.x(), corner.y()), middle, new Point(corner.x(), middle.y()));
        return Overlay.without(Region.of(square), Region.of(circle)).stream()
                .max(Comparator.comparingDouble(Region::area))
                .map(Region::outline)
                .orElse(square);
    }

    private static Point in(Point corner, Length by, int right, int down) {
        return corner.plus(by.multipliedBy(right), by.multipliedBy(down));
    }

    private static Outcome<Work> fishtails(Site site) {
        Rect box = site.bounds();
        String which = site.brief().choice(ENDS);
        Length deep = site.brief().length(DEEP);
        boolean level = Stream.of("left", "right", "across").anyMatch(which::equals);
        Length along = level ? box.size().width() : box.size().height();
        boolean both = which.equals("across") || which.equals("down");
        Length most = both ? along.half() : along;
        if (!deep.isShorterThan(most)) {
            return Outcome.refused(
                    DEEP.key(),
                    "So deep it would cut the " + site.place() + " in two: less than "
                            + site.brief().figure(most) + ".");
        }
        List<Edge> ends = both
                ? level ? List.of(Edge.LEFT, Edge.RIGHT) : List.of(Edge.TOP, Edge.BOTTOM)
                : Edge.find(which).stream().toList();
        return cut(site, ends.stream().map(end -> fishtail(box, end, deep)).toList(), ENDS);
    }

    private static Outline fishtail(Rect box, Edge end, Length deep) {
        Point middle = box.middle();
        return switch (end) {
            case LEFT ->
                Outline.of(
                        new Point(box.left(), box.top()),
                        new Point(box.left().plus(deep), middle.y()),
                        new Point(box.left(), box.bottom()));
            case RIGHT ->
                Outline.of(
                        new Point(box.right(), box.top()),
                        new Point(box.right(), box.bottom()),
                        new Point(box.right().minus(deep), middle.y()));
            case TOP ->
                Outline.of(
                        new Point(box.left(), box.top()),
                        new Point(box.right(), box.top()),
                        new Point(middle.x(), box.top().plus(deep)));
            case BOTTOM ->
                Outline.of(
                        new Point(box.left(), box.bottom()),
                        new Point(middle.x(), box.bottom().minus(deep)),
                        new Point(box.right(), box.bottom()));
        };
    }

    /** Refuses corners and ends that are not there any more, as those of what is cut to another shape. */
    private static Outcome<Work> cut(Site site, List<Outline> off, Parameter.OfChoice which) {
        Region room = Region.of(site.room().outline());
        // On a face that is seen aslant an edge is a tick beside where it was.
        boolean isThere = off.stream()
                .allMatch(each -> Overlay.without(Region.of(each), room).stream()
                                .mapToDouble(Region::area)
                                .sum()
                        < Overlay.NOTHING);
        if (!isThere) {
            return Outcome.refused(List.of(
                    new Refusal(which.key(), "The " + site.place() + " has no straight edge or square corner there.")));
        }
        Work.Collector work = new Work.Collector();
        off.forEach(each -> work.edge(Work.EdgeCut.byHand(site.panel(), each.in(site.frame()))));
        return Outcome.made(work.end());
    }
}
