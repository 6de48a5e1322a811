package kwibbet.room;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.DoubleStream;

/** What happens in a room, from as many rooms as were simulated. Times are minutes from the beginning, or from when somebody came. */
public final class Rooms {

    private static final double TENTH = 0.1;
    private static final double HALF = 0.5;
    static final double NINE_TENTHS = 0.9;

    private final double[] done;
    private final double[] nineInTenOfEach;
    private final List<Wait> waits;
    private final List<Band> bands;
    private final Map<String, Stage> stages;

    private Rooms(double[] done, double[] nineInTenOfEach, List<Wait> waits, List<Band> bands, List<Stage> stages) {
        this.done = done;
        this.nineInTenOfEach = nineInTenOfEach;
        this.waits = List.copyOf(waits);
        this.bands = List.copyOf(bands);
        this.stages = stages.stream().collect(Collectors.toUnmodifiableMap(Stage::task, each -> each));
    }

    /**
     * How long people wait for a tool.
     *
     * @param tool the tool
     * @param mean how long somebody waits for it in all, on average, in minutes
     * @param longest nine in ten who come to it wait so long or shorter, each time
     * @param busy which share of the time it is in hand, until the last is done
     */
    public record Wait(String tool, double mean, double longest, double busy) {}

    /**
     * A task over time, one value a minute from the beginning.
     *
     * @param task the id of the task
     * @param at how many people are at it, on average over all rooms
     * @param waiting how many wait for its tool
     */
    public record Band(String task, List<Double> at, List<Double> waiting) {
        /** Copies the lists. */
        public Band {
            at = List.copyOf(at);
            waiting = List.copyOf(waiting);
        }
    }

    /**
     * When people are done with a task, in whole minutes from the beginning, rounded up.
     *
     * @param task the id of the task
     * @param half half of them are by then
     * @param nineInTen nine in ten of them are
     */
    public record Stage(String task, int half, int nineInTen) {}

    /**
     * Simulates a room.
     *
     * @param room the room
     * @param count how many rooms, at least 1
     * @param seed the same seed gives the same rooms
     * @throws IllegalArgumentException when none is to be simulated
     */
    public static Rooms of(Room room, int count, long seed) {
        return goingOn(room, List.of(), count, seed);
    }

    /**
     * Simulates what is still to come in a room in which people are at work already.
     *
     * @param room the room
     * @param standings how far each of its people is; none where all begin
     * @param count how many rooms, at least 1
     * @param seed the same seed gives the same rooms
     * @throws IllegalArgumentException when none is to be simulated, or somebody's standing is missing
     */
    public static Rooms goingOn(Room room, List<Standing> standings, int count, long seed) {
        if (count < 1) {
            throw new IllegalArgumentException("at least one room is simulated, not " + count);
        }
        if (!standings.isEmpty() && standings.size() != room.people()) {
            throw new IllegalArgumentException(
                    "of " + room.people() + " people in a room " + standings.size() + " are told of");
        }
        Tally tally = new Tally(room, count);
        for (int number = 0; number < count; number++) {
            new Simulation(room, standings, seed, number, tally).run();
            tally.endRoom();
        }
        return tally.rooms();
    }

    /** How many rooms these are. */
    public int count() {
        return nineInTenOfEach.length;
    }

    /** The time by which half of all people in all rooms are done. */
    public double half() {
        return quantile(done, HALF);
    }

    /** The time by which nine in ten of all people in all rooms are done. */
    public double nineInTen() {
        return quantile(done, NINE_TENTHS);
    }

    /** In one room of ten nine in ten of its people are done by then, or before. */
    public double inALuckyRoom() {
        return quantile(nineInTenOfEach, TENTH);
    }

    /** In nine rooms of ten nine in ten of their people are done by then. */
    public double inAnUnluckyRoom() {
        return quantile(nineInTenOfEach, NINE_TENTHS);
    }

    /** Which share of all people is done within some minutes. */
    public double doneWithin(double minutes) {
        int within = 0;
        while (within < done.length && done[within] <= minutes) {
            within++;
        }
        return (double) within / done.length;
    }

    /** How long people wait, by tool, the longest first; tools nobody comes to are left out. */
    public List<Wait> waits() {
        return waits;
    }

    /** How many people are at each task over time, in the order of the tasks. */
    public List<Band> bands() {
        return bands;
    }

    /** When people are done with a task; nothing of one that nobody does. */
    public Optional<Stage> stage(String task) {
        return Optional.ofNullable(stages.get(task));
    }

    /** The least value that is not exceeded by that share of them. */
    static double quantile(double[] sorted, double share) {
        int place = (int) Math.ceil(share * sorted.length) - 1;
        return sorted[Math.max(0, place)];
    }

    /** Counts what happens in all rooms. */
    private static final class Tally implements Simulation.Watcher {

        /** A day. */
        private static final int MOST_MINUTES = 1_440;

        private final Room room;
        private final int count;
        private final int[] toolOf;
        private final double[] done;
        private final double[] nineInTenOfEach;
        private final double[] ofThisRoom;
        private final int[][] at;
        private final int[][] waiting;
        private final int[][] ends;
        private final double[] waited;
        private final double[] inHand;
        private final List<DoubleStream.Builder> visits = new ArrayList<>();
        private double length;
        private double longest;
        private double lastMinute;
        private int people;
        private int rooms;

        Tally(Room room, int count) {
            this.room = room;
            this.count = count;
            Map<String, Integer> places = room.toolPlaces();
            this.toolOf = room.tasks().stream()
                    .mapToInt(task -> task.tool()
                            .flatMap(tool -> Optional.ofNullable(places.get(tool)))
                            .orElse(Simulation.NO_TOOL))
                    .toArray();
            this.done = new double[count * room.people()];
            this.nineInTenOfEach = new double[count];
            this.ofThisRoom = new double[room.people()];
            this.at = new int[room.tasks().size()][MOST_MINUTES + 1];
            this.waiting = new int[room.tasks().size()][MOST_MINUTES + 1];
            this.ends = new int[room.tasks().size()][MOST_MINUTES + 1];
            this.waited = new double[places.size()];
            this.inHand = new double[places.size()];
            places.forEach((tool, place) -> visits.add(DoubleStream.builder()));
        }

        @Override
        public void worked(int task, double from, double to) {
            count(at[task], from, to);
            if (toolOf[task] != Simulation.NO_TOOL) {
                inHand[toolOf[task]] += to - from;
            }
        }

        @Override
        public void waited(int task, double from, double to) {
            count(waiting[task], from, to);
            waited[toolOf[task]] += to - from;
        }

        @Override
        public void came(int task, double wait) {
            visits.get(toolOf[task]).add(wait);
        }

        /** Whole minutes at which it goes on, as what begins and what ends at each. */
        private void count(int[] changes, double from, double to) {
            int first = (int) Math.min(MOST_MINUTES, Math.ceil(from));
            int end = (int) Math.min(MOST_MINUTES, Math.ceil(to));
            if (first < end) {
                changes[first]++;
                changes[end]--;
                lastMinute = Math.max(lastMinute, end);
            }
        }

        @Override
        public void ended(int task, double at) {
            ends[task][(int) Math.min(MOST_MINUTES, Math.ceil(at))]++;
        }

        @Override
        public void finished(double time, double afterComing) {
            ofThisRoom[people] = afterComing;
            people++;
            longest = Math.max(longest, time);
        }

        void endRoom() {
            System.arraycopy(ofThisRoom, 0, done, rooms * people, people);
            Arrays.sort(ofThisRoom);
            nineInTenOfEach[rooms] = quantile(ofThisRoom, NINE_TENTHS);
            length += longest;
            rooms++;
            people = 0;
            longest = 0;
        }

        Rooms rooms() {
            Arrays.sort(done);
            Arrays.sort(nineInTenOfEach);
            List<Band> bands = new ArrayList<>();
            List<Stage> stages = new ArrayList<>();
            for (int task = 0; task < toolOf.length; task++) {
                String id = room.tasks().get(task).id();
                bands.add(new Band(id, means(at[task]), means(waiting[task])));
                stages.add(new Stage(id, minute(ends[task], HALF), minute(ends[task], NINE_TENTHS)));
            }
            return new Rooms(done, nineInTenOfEach, waits(), bands, stages);
        }

        /** The first minute by which a share of those that end is over. */
        private static int minute(int[] ends, double share) {
            int all = Arrays.stream(ends).sum();
            int over = ends[0];
            int minute = 0;
            while (over < share * all) {
                minute++;
                over += ends[minute];
            }
            return minute;
        }

        private List<Double> means(int[] changes) {
            List<Double> means = new ArrayList<>();
            int now = 0;
            for (int minute = 0; minute <= lastMinute; minute++) {
                now += changes[minute];
                means.add((double) now / count);
            }
            return means;
        }

        private List<Wait> waits() {
            List<Wait> all = new ArrayList<>();
            room.toolPlaces().forEach((tool, place) -> {
                double[] each = visits.get(place).build().sorted().toArray();
                if (each.length > 0) {
                    double busy =
                            length > 0 ? inHand[place] / length / room.tools().getOrDefault(tool, 1) : 0;
                    all.add(new Wait(tool, waited[place] / done.length, quantile(each, NINE_TENTHS), busy));
                }
            });
            all.sort(Comparator.comparingDouble(Wait::mean).reversed());
            return all;
        }
    }
}
