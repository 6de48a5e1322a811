package kwibbet.card.feature;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

import kwibbet.card.Parameter;
import kwibbet.card.Parameter.Follows;
import kwibbet.card.Settings;
import kwibbet.card.Site;
import kwibbet.measure.Length;
import kwibbet.shape.CutShape;
import kwibbet.shape.Outline;
import kwibbet.shape.Placement;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Size;

/** Where something lies in its room: in the middle, flush with an edge, or so far from one. */
public final class Placing {

    /** From left to right. */
    public static final Parameter.OfChoice ACROSS = Parameter.OfChoice.of(
            "across",
            "Across",
            "Where it lies from left to right.",
            Placing.MIDDLE,
            "in the middle",
            Placing.START,
            "flush left",
            Placing.END,
            "flush right",
            Placing.BY,
            "so far from the left");
    /** From top to bottom. */
    public static final Parameter.OfChoice DOWN = Parameter.OfChoice.of(
            "down",
            "Down",
            "Where it lies from top to bottom.",
            Placing.MIDDLE,
            "in the middle",
            Placing.START,
            "flush with the top",
            Placing.END,
            "flush with the bottom",
            Placing.BY,
            "so far from the top");
    /** Its distance from the left. */
    public static final Parameter.OfLength FROM_LEFT = offset("fromLeft", "From the left", Follows.WIDTH);
    /** Its distance from the top. */
    public static final Parameter.OfLength FROM_TOP = offset("fromTop", "From the top", Follows.HEIGHT);

    /** How far it is turned. */
    public static final Parameter.OfCount TURNED = new Parameter.OfCount(
            "turned", "Turned by, °", "Laid aslant: degrees clockwise; less than 0 the other way.", -180, 180, 0);

    /** How many lie side by side. */
    public static final Parameter.OfCount BESIDE =
            new Parameter.OfCount("beside", "Side by side", "So many of it in a row; 1 for one.", 1, 12, 1);
    /** How many rows. */
    public static final Parameter.OfCount ROWS =
            new Parameter.OfCount("rows", "Rows", "So many rows, one below the other.", 1, 12, 1);
    /** What is left between two. */
    public static final Parameter.OfLength BETWEEN = Shapes.length(
            "between", "Between them", "What is left between two, side by side and rows.", "0", "12", "1/4");

    /** In the middle. */
    public static final String MIDDLE = "middle";
    /** Flush with the left or the top. */
    public static final String START = "start";
    /** Flush with the right or the bottom. */
    public static final String END = "end";
    /** So far from the left or the top. */
    public static final String BY = "by";

    static final List<Parameter> ALL = List.of(ACROSS, FROM_LEFT, DOWN, FROM_TOP);
    /** Of what can be laid aslant. */
    static final List<Parameter> ASLANT = List.of(ACROSS, FROM_LEFT, DOWN, FROM_TOP, TURNED);

    /** Of what can be laid aslant, and so many of it in rows. */
    static final List<Parameter> IN_ROWS = List.of(ACROSS, FROM_LEFT, DOWN, FROM_TOP, TURNED, BESIDE, ROWS, BETWEEN);

    private static final int QUARTER = 90;

    private Placing() {}

    private static Parameter.OfLength offset(String key, String label, Follows follows) {
        return Parameter.OfLength.fixed(
                        key,
                        label,
                        "To its nearest edge; less than 0 lets it stick out.",
                        Length.ofInches(-24),
                        Length.ofInches(24),
                        Length.ofInches(1, 2))
                .following(follows);
    }

    /** The parameters of the placing that have a meaning as it is set. */
    static List<Parameter> asked(Settings settings) {
        List<Parameter> asked = new ArrayList<>(List.of(ACROSS));
        if (settings.is(ACROSS, BY)) {
            asked.add(FROM_LEFT);
        }
        asked.add(DOWN);
        if (settings.is(DOWN, BY)) {
            asked.add(FROM_TOP);
        }
        return asked;
    }

    /** The parameters of the placing of what can be laid aslant, that have a meaning as it is set. */
    static List<Parameter> askedAslant(Settings settings) {
        List<Parameter> asked = asked(settings);
        asked.add(TURNED);
        return asked;
    }

    /** The parameters of the placing of what can be laid aslant and in rows, that have a meaning as it is set. */
    static List<Parameter> askedInRows(Settings settings) {
        List<Parameter> asked = askedAslant(settings);
        asked.addAll(List.of(BESIDE, ROWS));
        if (settings.count(BESIDE) * settings.count(ROWS) > 1) {
            asked.add(BETWEEN);
        }
        return asked;
    }

    /** Where the frame of a shape lies on the site: turned as it is said, and what it takes up then where that is placed. */
    static Placement laid(Site site, CutShape shape) {
        return laid(site, shape, 1, 1, Length.ZERO).get(0);
    }

    /** Where the frames of shapes in rows lie, row by row: what they take up together is placed. */
    static List<Placement> laidInRows(Site site, CutShape shape) {
        return laid(
                site,
                shape,
                site.brief().count(BESIDE),
                site.brief().count(ROWS),
                site.brief().length(BETWEEN));
    }

    private static List<Placement> laid(Site site, CutShape shape, int beside, int rows, Length between) {
        Placement turned = new Placement(Point.ORIGIN, site.brief().count(TURNED), false);
        boolean isUpright = turned.degrees() % QUARTER == 0;
        Outline outline = isUpright ? Outline.of(Rect.atOrigin(shape.size())) : shape.outline();
        Rect taken = outline.in(turned).bounds();
        Length across = taken.size().width().plus(between);
        Length down = taken.size().height().plus(between);
        Size all = new Size(
                across.multipliedBy(beside).minus(between),
                down.multipliedBy(rows).minus(between));
        Point first = corner(site, all).plus(taken.left().negated(), taken.top().negated());
        List<Placement> laid = new ArrayList<>();
        for (int row = 0; row < rows; row++) {
            for (int place = 0; place < beside; place++) {
                Point at = first.plus(across.multipliedBy(place), down.multipliedBy(row));
                laid.add(new Placement(at, turned.degrees(), false));
            }
        }
        return laid;
    }

    /** The left top corner of something of that size in the frame of the site. */
    static Point corner(Site site, Size size) {
        Rect centred = site.bounds().centred(size);
        Length left = along(
                site.brief().choice(ACROSS),
                centred.left(),
                site.size().width().minus(size.width()),
                site.brief().length(FROM_LEFT));
        Length top = along(
                site.brief().choice(DOWN),
                centred.top(),
                site.size().height().minus(size.height()),
                site.brief().length(FROM_TOP));
        return new Point(left, top);
    }

    /** How far below the top of a box something of that height lies that is placed in it. */
    static Length topIn(Rect box, Site site, Length height) {
        Length rest = box.size().height().minus(height);
        return box.top()
                .plus(along(
                        site.brief().choice(DOWN),
                        rest.half(),
                        rest,
                        site.brief().length(FROM_TOP)));
    }

    private static Length along(String choice, Length middle, Length rest, Length by) {
        return switch (choice) {
            case START -> Length.ZERO;
            case END -> rest;
            case BY -> by;
            default -> middle;
        };
    }

    /** The settings that put something at a corner of the site's frame. */
    public static Settings placed(Settings settings, Point corner) {
        return settings.with(ACROSS, BY)
                .with(FROM_LEFT, corner.x())
                .with(DOWN, BY)
                .with(FROM_TOP, corner.y());
    }

    /** The same place, said from edges that lie a border further in; nothing for what lies at an edge. */
    static Optional<Settings> within(Settings settings, Length border) {
        boolean atAnEdge = Stream.of(ACROSS, DOWN).anyMatch(way -> settings.is(way, START) || settings.is(way, END));
        return atAnEdge
                ? Optional.empty()
                : Optional.of(
                        settings.with(FROM_LEFT, settings.length(FROM_LEFT).minus(border))
                                .with(FROM_TOP, settings.length(FROM_TOP).minus(border)));
    }
}
