package kwibbet.room;

import java.util.Arrays;
import java.util.Set;

/** The same people with as many tools as they like: nobody is done earlier in a room where tools are shared. */
final class Unhindered {

    private final Room room;
    private final double[][] minutes;

    Unhindered(Room room, int count, long seed) {
        this.room = room;
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

    double nineInTen(Set<String> prepared) {
        double[] sums = new double[minutes.length == 0 ? 1 : minutes[0].length];
        for (int task = 0; task < minutes.length; task++) {
            if (!prepared.contains(room.tasks().get(task).id())) {
                for (int each = 0; each < sums.length; each++) {
                    sums[each] += minutes[task][each];
                }
            }
        }
        Arrays.sort(sums);
        return Rooms.quantile(sums, Rooms.NINE_TENTHS);
    }
}
