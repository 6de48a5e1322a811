package kwibbet.tool;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import kwibbet.measure.Figure;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.outline.OwnShape;
import kwibbet.shape.CutShape;
import kwibbet.shape.Look;
import kwibbet.shape.Size;

/**
 * A hand punch: it cuts one shape, no farther in than its throat lets the paper in.
 *
 * @param shape what it cuts
 * @param reach how far from an edge of the paper the middle of its cut can lie; more than zero
 */
public record Punch(CutShape shape, Length reach) {

    private static final Pattern SAID = Pattern.compile("(?:([^0-9,;]+?) )?([0-9].*?)(?: ?[×x] ?(.+?))? reaching (.+)");
    private static final int MOST = 60;
    private static final Length LARGEST = Length.ofInches(6);

    /**
     * Checks the reach.
     *
     * @throws IllegalArgumentException when it reaches nowhere
     */
    public Punch {
        if (!reach.isPositive()) {
            throw new IllegalArgumentException("a punch reaches more than 0 in");
        }
    }

    /**
     * Reads punches as a maker says them: {@code 1/8 reaching 1 1/2, hexagon 1 × 1 reaching 1}; what has no name is a round hole.
     *
     * @param said the punches, parted by commas; none where it is blank
     * @param system what numbers without a unit are measured in
     * @param own outlines of the maker's own, which are said by their names
     * @return the punches, or what is wrong, under the key {@code punches}
     */
    public static Outcome<List<Punch>> parse(String said, MeasureSystem system, List<OwnShape> own) {
        return new SaidList("punches", SAID, "says no size and reach", "punches", MOST, example(system))
                .read(said, matcher -> of(matcher, system, own));
    }

    private static Punch of(Matcher matcher, MeasureSystem system, List<OwnShape> own) {
        String name = matcher.group(1) == null
                ? CutShape.Kind.OVAL.words()
                : matcher.group(1).strip();
        Look look = look(name, own);
        Length width = Length.parse(matcher.group(2), system);
        Length height = matcher.group(3) == null ? height(look, width) : Length.parse(matcher.group(3), system);
        if (!width.isPositive()
                || !height.isPositive()
                || Length.max(width, height).isLongerThan(LARGEST)) {
            throw new IllegalArgumentException(
                    "a punch cuts more than 0 and at most " + Figure.of(system.mostSaid(LARGEST), system));
        }
        return new Punch(new CutShape(look, new Size(width, height)), Length.parse(matcher.group(4), system));
    }

    private static Look look(String name, List<OwnShape> own) {
        return Stream.concat(Stream.of(CutShape.Kind.values()), own.stream())
                .filter(each -> each.words().equalsIgnoreCase(name))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("there is no shape called “" + name + "”"));
    }

    /** As high as it is wide, or as an outline of the maker's own is to its width. */
    private static Length height(Look look, Length width) {
        return look instanceof OwnShape own
                ? width.scaledBy(own.size().height().ratioTo(own.size().width()))
                : width;
    }

    /** How punches are said, for example. */
    public static String example(MeasureSystem system) {
        return system == MeasureSystem.INCH
                ? "1/8 reaching 1 1/2, hexagon 1 × 1 reaching 1"
                : "3 reaching 40, hexagon 25 × 25 reaching 25";
    }

    /** Punches as {@link #parse} reads them. */
    public static String said(List<Punch> punches, MeasureSystem system) {
        return punches.stream().map(punch -> punch.said(system)).collect(Collectors.joining(", "));
    }

    private String said(MeasureSystem system) {
        String width = Figure.entry(shape.size().width(), system);
        String size = shape.isCircle()
                ? width
                : shape.look().words() + " " + width + " × "
                        + Figure.entry(shape.size().height(), system);
        return size + " reaching " + Figure.entry(reach, system);
    }

    /** What makers call it. */
    public String words() {
        MeasureSystem system =
                Figure.inInches(shape.size().width()).isExact() ? MeasureSystem.INCH : MeasureSystem.METRIC;
        String size = Figure.of(shape.size().width(), system).toString();
        return size + (shape.isCircle() ? " hole punch" : " " + shape.look().words() + " punch");
    }

    /** Whether it cuts that shape, as large as that. */
    public boolean cuts(CutShape other) {
        return shape.size().equals(other.size()) && shape.look().equals(other.look());
    }
}
