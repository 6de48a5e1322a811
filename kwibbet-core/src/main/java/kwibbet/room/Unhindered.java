package kwibbet.room;

import java.util.Arrays;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;

/**
 * What no room is faster than: the same people with as many tools as they like, and each tool in hand without a break for those who need it shortest.
 */
final class Unhindered {

    private final Room room;
    private final int count;
    private final double[][] minutes;

    Unhindered(Room room, int count, long seed) {
        this.room = room;
        this.count = count;
        this.minutes = new double[room.tasks().size()][count * room.people()];
        for (int number = 0; number < count; number++) {
            for (int person = 0; person < room.people(); person++) {
                double pace = Simulation.pace(room, seed, number, person);
                for (int task = 0; task < minutes.length; task++) {
                    Task each = room.tasks().get(task);
                    // While something dries by itself hands may be busy elsewhere.
                    minutes[task][number * room.people() + person] =
                            each.byItself() ? 0 : Simulation.minutes(each, seed, number, person) * pace;
                }
            }
        }
    }

    /** No earlier are nine in ten done when some tasks are prepared. */
    double nineInTen(Set<String> prepared) {
        double least = Rooms.quantile(sums(task -> !prepared.contains(task.id())), Rooms.NINE_TENTHS);
        for (Map.Entry<String, Integer> tool : room.tools().entrySet()) {
            double[] sums = sums(task -> !prepared.contains(task.id())
                    && task.tool().filter(tool.getKey()::equals).isPresent());
            double inHand = Arrays.stream(sums, 0, (int) Math.ceil(Rooms.NINE_TENTHS * sums.length))
                    .sum();
            least = Math.max(least, inHand / tool.getValue() / count);
        }
        return least;
    }

    /** How long each person in each room is at some tasks, the shortest first. */
    private double[] sums(Predicate<Task> asked) {
        double[] sums = new double[count * room.people()];
        for (int task = 0; task < minutes.length; task++) {
            if (asked.test(room.tasks().get(task))) {
                for (int each = 0; each < sums.length; each++) {
                    sums[each] += minutes[task][each];
                }
            }
        }
        Arrays.sort(sums);
        return sums;
    }
}
