package kwibbet.tool;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

import kwibbet.measure.Figure;
import kwibbet.measure.Length;
import kwibbet.measure.LengthParseException;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;

/**
 * Where a scoring board has its grooves, by their distance from the fence.
 *
 * @param series grooves at equal distances
 * @param singles grooves besides
 */
public record Grooves(List<Series> series, List<Length> singles) {

    private static final int MOST = 2_000;
    private static final Pattern EVERY = Pattern.compile("every\\s+(.+?)(?:\\s+from\\s+(.+?))?\\s+to\\s+(.+)");
    private static final Pattern BETWEEN = Pattern.compile("[,;]|\\bplus\\b|\\band\\b|&");

    /**
     * Grooves at equal distances.
     *
     * @param step from one to the next; more than zero
     * @param from the first; not negative
     * @param to none lies beyond; at least {@code from}
     */
    public record Series(Length step, Length from, Length to) {

        /**
         * Checks the figures.
         *
         * @throws IllegalArgumentException when there is no groove in it, or too many
         */
        public Series {
            if (!step.isPositive() || from.isNegative() || to.isShorterThan(from)) {
                throw new IllegalArgumentException("grooves run every so often from one place to a farther one");
            }
            if (to.minus(from).dividedBy(step) >= MOST) {
                throw new IllegalArgumentException("that would be more than " + MOST + " grooves");
            }
        }

        private List<Length> places() {
            List<Length> places = new ArrayList<>();
            for (Length at = from; !at.isLongerThan(to); at = at.plus(step)) {
                places.add(at);
            }
            return places;
        }
    }

    /**
     * Copies the lists.
     *
     * @throws IllegalArgumentException when there is no groove beyond the fence or one lies before it
     */
    public Grooves {
        series = List.copyOf(series);
        singles = List.copyOf(singles);
        if (singles.stream().anyMatch(Length::isNegative)) {
            throw new IllegalArgumentException("a groove lies beyond the fence, not before it");
        }
        if (places(series, singles).isEmpty()) {
            throw new IllegalArgumentException("a board has at least one groove");
        }
    }

    /** Grooves at equal distances from the fence, the first one step from it. */
    public static Grooves every(Length step, Length to) {
        return new Grooves(List.of(new Series(step, step, to)), List.of());
    }

    /** Grooves just there. */
    public static Grooves at(List<Length> places) {
        return new Grooves(List.of(), places);
    }

    /**
     * Reads a rule as a maker says it: {@code every 1/4 from 0 to 12, plus 3/8 and 5/8}.
     *
     * @param rule the rule
     * @param system what numbers without a unit are measured in
     * @return the grooves, or what is wrong with the rule, under the key {@code grooves}
     */
    public static Outcome<Grooves> parse(String rule, MeasureSystem system) {
        List<Series> series = new ArrayList<>();
        List<Length> singles = new ArrayList<>();
        try {
            for (String part : BETWEEN.split(rule.toLowerCase(Locale.ROOT), -1)) {
                Matcher every = EVERY.matcher(part.strip());
                if (every.matches()) {
                    String from = every.group(2);
                    series.add(new Series(
                            Length.parse(every.group(1), system),
                            from == null ? Length.ZERO : Length.parse(from, system),
                            Length.parse(every.group(3), system)));
                } else if (!part.isBlank()) {
                    singles.add(Length.parse(part.strip(), system));
                }
            }
            return Outcome.made(new Grooves(series, singles));
        } catch (LengthParseException misread) {
            return Outcome.refused("grooves", misread.getMessage() + " Say it as “" + example(system) + "”.");
        } catch (IllegalArgumentException odd) {
            return Outcome.refused("grooves", "No: " + odd.getMessage() + ".");
        }
    }

    /** All grooves beyond the fence, from the nearest on, each once. */
    public List<Length> places() {
        return places(series, singles);
    }

    private static List<Length> places(List<Series> series, List<Length> singles) {
        TreeSet<Length> places = new TreeSet<>(singles);
        series.forEach(each -> places.addAll(each.places()));
        places.remove(Length.ZERO);
        return List.copyOf(places);
    }

    /** The farthest groove. */
    public Length last() {
        List<Length> places = places();
        return places.get(places.size() - 1);
    }

    /** What the board is marked in: inches where every groove is a fraction of one, millimetres otherwise. */
    public MeasureSystem marks() {
        return places().stream().allMatch(place -> Figure.inInches(place).isExact())
                ? MeasureSystem.INCH
                : MeasureSystem.METRIC;
    }

    /**
     * The rule, exactly, as {@link #parse} reads it.
     *
     * @param system what has no unit is measured in
     */
    public String words(MeasureSystem system) {
        List<String> parts = new ArrayList<>();
        series.forEach(each -> parts.add("every " + Figure.entry(each.step, system) + " from "
                + Figure.entry(each.from, system) + " to " + Figure.entry(each.to, system)));
        singles.forEach(single -> parts.add(Figure.entry(single, system)));
        return String.join(", ", parts);
    }

    /** How such a rule is said, for example. */
    public static String example(MeasureSystem system) {
        return system == MeasureSystem.INCH
                ? "every 1/4 from 0 to 12, plus 3/8 and 5/8"
                : "every 5 from 0 to 300, plus 12 and 18";
    }
}
