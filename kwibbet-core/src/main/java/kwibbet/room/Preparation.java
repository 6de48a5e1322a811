package kwibbet.room;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.PriorityQueue;
import java.util.Set;
import java.util.TreeSet;

/**
 * What has to be done before so that nine in ten are done in time.
 *
 * @param tasks what is prepared, with all that comes before it; empty where nothing has to be
 * @param minutes how long whoever prepares it is busy
 * @param rooms what happens in the room then
 * @param isEnough whether nine in ten are done in time then; otherwise nothing that can be prepared is enough, and this is all of it
 * @param isLeast whether every preparation that takes less time was looked at, and none is enough
 */
public record Preparation(Set<String> tasks, double minutes, Rooms rooms, boolean isEnough, boolean isLeast) {

    /** The search for a lesser preparation is given up after so many tasks of so many people were simulated, */
    private static final long MOST_SIMULATED = 12_000_000;
    /** or so many added up. */
    private static final long MOST_ADDED = 300_000_000;

    /** Rooms with so many people together are looked at to choose what is tried next. */
    private static final int GLANCE = 400;

    /** Copies the set. */
    public Preparation {
        tasks = Set.copyOf(tasks);
    }

    /**
     * The least preparation.
     *
     * @param room the room as it is, nothing prepared
     * @param ahead how long it takes to do a task before, for everybody, in minutes; what is not here cannot be done before
     * @param time by when nine in ten are to be done, in minutes
     * @param count how many rooms are simulated for each
     * @param seed the same seed has the same people in the room
     */
    public static Preparation least(Room room, Map<String, Double> ahead, double time, int count, long seed) {
        return new Search(room, ahead, time, count, seed).least();
    }

    private record Tried(Set<String> tasks, double minutes) {}

    private static final class Search {
        private final Room room;
        private final Map<String, Double> ahead;
        private final double time;
        private final int count;
        private final long seed;
        private final Unhindered unhindered;
        private final long peopleInAll;
        private long simulated;
        private long added;

        Search(Room room, Map<String, Double> ahead, double time, int count, long seed) {
            this.room = room;
            this.ahead = ahead;
            this.time = time;
            this.count = count;
            this.seed = seed;
            this.peopleInAll = (long) count * room.people();
            this.unhindered = new Unhindered(room, count, seed);
        }

        Preparation least() {
            Preparation found = leftOut(added());
            if (!found.isEnough || found.tasks.isEmpty()) {
                return found;
            }
            return proven(found);
        }

        private Preparation of(Set<String> tasks) {
            simulated += peopleInAll * (room.tasks().size() - tasks.size());
            Rooms rooms = Rooms.of(room.without(tasks), count, seed);
            return new Preparation(tasks, minutes(tasks), rooms, rooms.nineInTen() <= time, tasks.isEmpty());
        }

        private double minutes(Set<String> tasks) {
            // In the order of the room, so that the sum is the same whatever order the set has.
            return room.tasks().stream()
                    .map(Task::id)
                    .filter(tasks::contains)
                    .mapToDouble(each -> ahead.getOrDefault(each, 0.0))
                    .sum();
        }

        private boolean canBeDone(Set<String> tasks) {
            return ahead.keySet().containsAll(tasks);
        }

        /** Adds what gains most for the minutes it takes, until it is enough or nothing is left to add. */
        private Preparation added() {
            Preparation now = of(Set.of());
            while (!now.isEnough) {
                Preparation before = now;
                double here = glance(before.tasks);
                Optional<Set<String>> best = room.tasks().stream()
                        .map(Task::id)
                        .filter(each -> !before.tasks.contains(each))
                        .map(each -> with(before.tasks, each))
                        .filter(this::canBeDone)
                        .distinct()
                        .max(Comparator.comparingDouble(each -> gain(here, before, each)));
                if (best.isEmpty()) {
                    return now;
                }
                now = of(best.get());
            }
            return now;
        }

        /** When nine in ten are done in a few of the rooms: enough to choose by, not to promise. */
        private double glance(Set<String> tasks) {
            return Rooms.of(room.without(tasks), Math.min(count, Math.max(1, GLANCE / room.people())), seed)
                    .nineInTen();
        }

        private Set<String> with(Set<String> tasks, String more) {
            Set<String> all = new HashSet<>(tasks);
            all.addAll(room.withWhatComesBefore(more));
            return all;
        }

        /** The minutes it spares the room for each that it takes before. */
        private double gain(double here, Preparation before, Set<String> after) {
            return (here - glance(after)) / Math.max(1, minutes(after) - before.minutes);
        }

        /** Leaves out again what is not needed, what takes longest first. */
        private Preparation leftOut(Preparation enough) {
            Preparation now = enough;
            boolean isLess = now.isEnough;
            while (isLess) {
                Set<String> tasks = now.tasks;
                Optional<Preparation> less = room.tasks().stream()
                        .map(Task::id)
                        .filter(tasks::contains)
                        .filter(each -> isLast(each, tasks))
                        .sorted(Comparator.comparingDouble((String each) -> -ahead.getOrDefault(each, 0.0)))
                        .map(each -> of(without(tasks, each)))
                        .filter(Preparation::isEnough)
                        .findFirst();
                isLess = less.isPresent();
                now = less.orElse(now);
            }
            return now;
        }

        private boolean isLast(String task, Set<String> tasks) {
            return room.tasks().stream()
                    .noneMatch(each -> tasks.contains(each.id()) && each.after().contains(task));
        }

        private static Set<String> without(Set<String> tasks, String task) {
            Set<String> less = new HashSet<>(tasks);
            less.remove(task);
            return less;
        }

        /** Tries all that take less time than what was found, the least first; what is too long even if nobody waits need not be simulated. */
        private Preparation proven(Preparation found) {
            PriorityQueue<Tried> next = new PriorityQueue<>(Comparator.comparingDouble(Tried::minutes)
                    .thenComparing(each -> String.join(" ", new TreeSet<>(each.tasks))));
            next.add(new Tried(Set.of(), 0));
            Set<Set<String>> seen = new HashSet<>();
            while (!next.isEmpty()) {
                Tried each = next.remove();
                if (each.minutes >= found.minutes) {
                    break;
                }
                if (simulated > MOST_SIMULATED || added > MOST_ADDED) {
                    return found;
                }
                added += peopleInAll * room.tasks().size();
                if (unhindered.nineInTen(each.tasks) <= time) {
                    Preparation less = of(each.tasks);
                    if (less.isEnough) {
                        return new Preparation(less.tasks, less.minutes, less.rooms, true, true);
                    }
                }
                for (Set<String> more : larger(each.tasks)) {
                    if (seen.add(more)) {
                        next.add(new Tried(more, minutes(more)));
                    }
                }
            }
            return new Preparation(found.tasks, found.minutes, found.rooms, true, true);
        }

        private List<Set<String>> larger(Set<String> tasks) {
            List<Set<String>> larger = new ArrayList<>();
            for (Task task : room.tasks()) {
                if (!tasks.contains(task.id()) && tasks.containsAll(task.after()) && ahead.containsKey(task.id())) {
                    larger.add(with(tasks, task.id()));
                }
            }
            return larger;
        }
    }
}
