package kwibbet.tool;

import java.util.List;
import java.util.Objects;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import kwibbet.measure.Figure;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.outline.EdgePattern;
import kwibbet.outline.EdgeRun;

/**
 * A punch that is pushed along an edge and cuts a pattern into it; its own pattern, laid into what is cut, tells where it comes down next.
 *
 * @param pattern what it cuts
 * @param pitch from one to the next; more than zero
 * @param deep how far it reaches in; more than zero
 * @param atOnce how many it cuts at a time; at least one
 */
public record EdgePunch(EdgePattern pattern, Length pitch, Length deep, int atOnce) {

    /** How many one cuts at a time at most. */
    public static final int MOST_AT_ONCE = 40;

    /** None is deeper or has a longer pitch. */
    public static final Length LARGEST = Length.ofInches(6);

    private static final Pattern SAID = Pattern.compile("(?:([0-9]+) )?([a-z]+) (.+?) deep every (.+)");
    private static final int MOST = 40;

    /**
     * Checks the figures.
     *
     * @throws IllegalArgumentException when one of them is out of range
     */
    public EdgePunch {
        boolean isReal =
                pitch.isPositive() && deep.isPositive() && !pitch.isLongerThan(LARGEST) && !deep.isLongerThan(LARGEST);
        if (!isReal) {
            throw new IllegalArgumentException("an edge punch is more than 0 and at most 6 in deep and wide");
        }
        if (atOnce < 1 || atOnce > MOST_AT_ONCE) {
            throw new IllegalArgumentException("an edge punch cuts 1 to " + MOST_AT_ONCE + " at a time");
        }
    }

    /** What it cuts, once. */
    public EdgeRun one() {
        return new EdgeRun(pattern, pitch, deep, 1);
    }

    /** Whether it cuts that along an edge. */
    public boolean cuts(EdgeRun run) {
        return pattern == run.pattern() && pitch.equals(run.pitch()) && deep.equals(run.deep());
    }

    /**
     * Reads edge punches as a maker says them: {@code 4 scallops 1/4 deep every 1/2}, of which the first number is how many are cut at a time.
     *
     * @param said the punches, parted by commas; none where it is blank
     * @param system what numbers without a unit are measured in
     * @return the punches, or what is wrong, under the key {@code edgePunches}
     */
    public static Outcome<List<EdgePunch>> parse(String said, MeasureSystem system) {
        return new SaidList(
                        "edgePunches",
                        SAID,
                        "does not say what it cuts, how deep and how far apart",
                        "edge punches",
                        MOST,
                        example(system))
                .read(said, matcher -> of(matcher, system));
    }

    private static EdgePunch of(Matcher matcher, MeasureSystem system) {
        String name = matcher.group(2);
        EdgePattern pattern = Stream.of(EdgePattern.values())
                .filter(each -> each.words().equals(name) || each.one().equals(name))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("there are no “" + name + "”; there are "
                        + Stream.of(EdgePattern.values())
                                .map(EdgePattern::words)
                                .collect(Collectors.joining(", "))));
        String count = Objects.requireNonNullElse(matcher.group(1), "1");
        return new EdgePunch(
                pattern,
                Length.parse(matcher.group(4), system),
                Length.parse(matcher.group(3), system),
                count.length() > 2 ? MOST_AT_ONCE + 1 : Integer.parseInt(count));
    }

    /** How edge punches are said, for example. */
    public static String example(MeasureSystem system) {
        return system == MeasureSystem.INCH
                ? "4 scallops 1/4 deep every 1/2, points 1/8 deep every 1/4"
                : "4 scallops 6 deep every 12, points 3 deep every 6";
    }

    /** Edge punches as {@link #parse} reads them. */
    public static String said(List<EdgePunch> punches, MeasureSystem system) {
        return punches.stream().map(punch -> punch.said(system)).collect(Collectors.joining(", "));
    }

    private String said(MeasureSystem system) {
        return (atOnce == 1 ? "" : atOnce + " ") + pattern.words() + " " + Figure.entry(deep, system) + " deep every "
                + Figure.entry(pitch, system);
    }

    /** What makers call it. */
    public String words() {
        MeasureSystem system = Figure.inInches(pitch).isExact() ? MeasureSystem.INCH : MeasureSystem.METRIC;
        return Figure.of(pitch, system) + " " + pattern.one() + " edge punch";
    }
}
