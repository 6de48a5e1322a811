package kwibbet.benchmark;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;

import kwibbet.room.Minutes;
import kwibbet.room.Preparation;
import kwibbet.room.Room;
import kwibbet.room.Rooms;
import kwibbet.room.Task;

/** Prints how long rooms take: 40 learners with four designs in 500 rooms, crowds up to 400, and what to prepare so that nine in ten are done. */
final class ClassRooms {

    private static final int DESIGNS = 4;
    private static final int STEPS = 15;
    private static final int ROOMS = 500;
    private static final int REPEATS = 5;
    private static final int[] CROWDS = {10, 20, 40, 100, 200, 400};
    private static final int LEARNERS = 40;
    private static final double MINUTES = 2;
    private static final double SPREAD = 0.3;
    private static final double PACES = 0.25;
    private static final double NANOS = 1e6;

    private ClassRooms() {}

    /** Runs all of it. */
    public static void main(String[] none) {
        System.out.printf(
                Locale.ROOT, "%d designs of %d steps, %d rooms, median of %d%n", DESIGNS, STEPS, ROOMS, REPEATS);
        for (int learners : CROWDS) {
            Room room = room(learners);
            double millis = median(() -> Rooms.of(room, ROOMS, 1));
            System.out.printf(
                    Locale.ROOT, "%4d learners %8.0f ms, %.2f ms a learner%n", learners, millis, millis / learners);
        }
        Room room = room(LEARNERS);
        Map<String, Double> ahead = new HashMap<>();
        room.tasks().forEach(task -> ahead.put(task.id(), MINUTES * LEARNERS / 2));
        double now = Rooms.of(room, ROOMS, 1).nineInTen();
        for (double share : new double[] {0.9, 0.7, 0.5}) {
            long began = System.nanoTime();
            Preparation least = Preparation.least(room, ahead, now * share, ROOMS, 1);
            System.out.printf(
                    Locale.ROOT,
                    "nine in ten after %.0f instead of %.0f min: %d steps prepared, %s, %.0f ms%n",
                    now * share,
                    now,
                    least.tasks().size(),
                    least.isLeast() ? "no less is enough" : least.isEnough() ? "the least found" : "not enough",
                    (System.nanoTime() - began) / NANOS);
        }
    }

    /** Each design is scored, goes through the press, is folded and stuck; a quarter of its steps wait for the press or the board. */
    private static Room room(int learners) {
        List<Task> tasks = new ArrayList<>();
        for (int design = 0; design < DESIGNS; design++) {
            for (int step = 0; step < STEPS; step++) {
                Optional<String> tool =
                        step == 0 ? Optional.of("board") : step % 5 == 1 ? Optional.of("press") : Optional.empty();
                List<String> after = step == 0 ? List.of() : List.of(id(design, step - 1));
                tasks.add(Task.ofHands(id(design, step), tool, Minutes.of(MINUTES, SPREAD), after));
            }
        }
        return new Room(
                learners,
                PACES,
                Minutes.NONE,
                Map.of("board", Math.max(1, learners / 6), "press", Math.max(1, learners / 8)),
                tasks);
    }

    private static String id(int design, int step) {
        return design + " " + step;
    }

    private static double median(Runnable work) {
        work.run();
        return IntStream.range(0, REPEATS)
                .mapToDouble(repeat -> {
                    long began = System.nanoTime();
                    work.run();
                    return (System.nanoTime() - began) / NANOS;
                })
                .sorted()
                .toArray()[REPEATS / 2];
    }
}
