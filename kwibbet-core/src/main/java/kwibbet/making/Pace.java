package kwibbet.making;

import java.util.List;
import java.util.Optional;

/**
 * How long a maker takes, from what they timed. Forty in a row go faster, each, than one alone: what was done once is told apart from what was done a few, a
 * dozen or more times in a row.
 *
 * @param timings what was timed
 */
public record Pace(List<Timing> timings) {

    /** Nothing was timed yet. */
    public static final Pace UNKNOWN = new Pace(List.of());

    /** Up to so many in a row go alike. */
    private static final int[] ALIKE = {1, 5, 20, Integer.MAX_VALUE};

    /** Copies the list. */
    public Pace {
        timings = List.copyOf(timings);
    }

    /**
     * How long a step takes.
     *
     * @param minutes for each time it is done
     * @param timings from how many of the maker's own timings; 0 where it is what is usual
     */
    public record Minutes(double minutes, int timings) {

        /** How long so many take, and from what that is known. */
        public String words(int times) {
            return "about " + time(minutes * times)
                    + (timings == 0
                            ? ", as is usual"
                            : timings == 1 ? ", from one timing of yours" : ", from " + timings + " of your timings");
        }
    }

    /**
     * How long hands are busy with all steps of a card, for all its copies.
     *
     * @param minutes for all copies
     * @param timed how many of the steps the maker has timed
     * @param steps how many there are
     */
    public record Total(double minutes, int timed, int steps) {
        /** How long, and from what that is known. */
        public String words() {
            return "about " + time(minutes) + " of work"
                    + (timed == 0
                            ? ", as is usual"
                            : timed == steps
                                    ? ", by your timings"
                                    : ", " + timed + " of " + steps + " steps by your timings");
        }
    }

    private static final int AN_HOUR = 60;
    private static final int SECONDS = 60;
    private static final int NEAREST = 5;

    /** So many minutes in words: seconds below one, hours from sixty. */
    public static String time(double minutes) {
        if (minutes < 1) {
            return Math.max(1, Math.round(minutes * SECONDS / NEAREST)) * NEAREST + " s";
        }
        long whole = Math.round(minutes);
        if (whole < AN_HOUR) {
            return whole + " min";
        }
        return whole / AN_HOUR + " h" + (whole % AN_HOUR == 0 ? "" : " " + whole % AN_HOUR + " min");
    }

    private Minutes of(Making making, Making.Told step, int copies) {
        return of(step.timedAs(), inARow(making, copies), step.minutes());
    }

    private static int inARow(Making making, int copies) {
        return making.way() == Way.BATCH ? copies : 1;
    }

    /** How long a step takes for as many of so many copies as are done in a row, and from what that is known. */
    public String words(Making making, Making.Told step, int copies) {
        return of(making, step, copies).words(inARow(making, copies));
    }

    /** How long hands are busy with so many copies of a card; what only dries does not count. */
    public Total total(Making making, int copies) {
        double minutes = 0;
        int timed = 0;
        int steps = 0;
        for (Making.Told step : making.told()) {
            if (!step.isWaiting()) {
                Minutes each = of(making, step, copies);
                minutes += each.minutes() * copies;
                timed += each.timings() > 0 ? 1 : 0;
                steps++;
            }
        }
        return new Total(minutes, timed, steps);
    }

    /**
     * How long an operation takes each time.
     *
     * @param operation what is done, by its name
     * @param count how often it is done in a row
     * @param usual what is usual, where the maker has not timed it yet
     */
    public Minutes of(String operation, int count, double usual) {
        List<Double> own = timings.stream()
                .filter(timing -> timing.operation().equals(operation) && alike(timing.count()) == alike(count))
                .map(Timing::minutesEach)
                .sorted()
                .toList();
        return median(own).map(minutes -> new Minutes(minutes, own.size())).orElse(new Minutes(usual, 0));
    }

    private static int alike(int count) {
        int kind = 0;
        while (count > ALIKE[kind]) {
            kind++;
        }
        return kind;
    }

    private static Optional<Double> median(List<Double> sorted) {
        int size = sorted.size();
        return size == 0 ? Optional.empty() : Optional.of((sorted.get((size - 1) / 2) + sorted.get(size / 2)) / 2);
    }
}
