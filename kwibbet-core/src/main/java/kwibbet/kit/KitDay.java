package kwibbet.kit;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import kwibbet.kit.KitPlan.Share;
import kwibbet.making.Pace;
import kwibbet.making.Station;
import kwibbet.run.BenchStation;

/**
 * A day on which the maker prepares a class.
 *
 * @param date the day
 * @param parts what is done on it, in order
 */
public record KitDay(LocalDate date, List<Part> parts) {

    /** What takes less is not worth a day, or a line, of its own. */
    private static final double LEAST = 0.01;

    /** Copies the list. */
    public KitDay {
        parts = List.copyOf(parts);
    }

    /**
     * Something done without a break.
     *
     * @param what what it is
     * @param at where at the bench its list is
     * @param minutes how long it takes on that day
     */
    public record Part(String what, BenchStation at, double minutes) {
        Part lasting(double other) {
            return new Part(what, at, other);
        }

        /** What and how long, as it is read. */
        public String words() {
            return what + ", " + Pace.time(minutes);
        }
    }

    /** The day as it is told among others. */
    public String day() {
        return Slot.words(date);
    }

    /** How long it is, in minutes. */
    public double minutes() {
        return parts.stream().mapToDouble(Part::minutes).sum();
    }

    /** How long it is, as it is read. */
    public String time() {
        return Pace.time(minutes());
    }

    /**
     * The days before a class, the last the day before it: work in its order, each day filled before the next; what does not fit goes on the day after.
     *
     * @param plan who does what
     * @param meeting when the class is, and how long a day of preparing is
     */
    static List<KitDay> before(KitPlan plan, Meeting meeting) {
        List<List<Part>> days = new ArrayList<>();
        double left = 0;
        for (Part part : parts(plan)) {
            double todo = part.minutes();
            while (todo > LEAST) {
                if (left <= LEAST) {
                    days.add(new ArrayList<>());
                    left = meeting.day();
                }
                double now = Math.min(todo, left);
                days.get(days.size() - 1).add(part.lasting(now));
                todo -= now;
                left -= now;
            }
        }
        List<KitDay> dated = new ArrayList<>();
        for (int i = 0; i < days.size(); i++) {
            dated.add(new KitDay(meeting.slot().date().minusDays(days.size() - (long) i), days.get(i)));
        }
        return dated;
    }

    /** What the maker does before, in order: the sheets are cut, then each card goes from station to station. */
    private static List<Part> parts(KitPlan plan) {
        List<Part> parts = new ArrayList<>();
        parts.add(new Part("cut the sheets", BenchStation.TRIM, plan.cutting()));
        Optional<Share> before = Optional.empty();
        for (Share share : plan.shares()) {
            if (share.does() == Who.MAKER && !share.told().isWaiting()) {
                int last = parts.size() - 1;
                if (before.filter(share::goesOnWith).isPresent()) {
                    parts.set(last, parts.get(last).lasting(parts.get(last).minutes() + share.ahead()));
                } else {
                    Station station = share.told().first().station();
                    parts.add(new Part(
                            share.making().card().design().name() + " " + station.words(), at(station), share.ahead()));
                }
                before = Optional.of(share);
            }
        }
        return parts;
    }

    /** Where at the bench the steps of a station are worked through. */
    private static BenchStation at(Station station) {
        return switch (station) {
            case BOARD -> BenchStation.SCORE;
            case PRESS -> BenchStation.PRESS;
            default -> BenchStation.MAKE;
        };
    }
}
