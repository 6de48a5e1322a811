package kwibbet.room;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;

import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

class PreparationTest {

    private static final int ROOMS = 30;

    /** Six tasks that wait for some before them, some at one press. */
    private static Room room(Random random) {
        List<Task> tasks = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            List<String> after = new ArrayList<>();
            for (int before = 0; before < i; before++) {
                if (random.nextInt(3) == 0) {
                    after.add("task " + before);
                }
            }
            tasks.add(Task.ofHands(
                    "task " + i,
                    random.nextInt(3) == 0 ? Optional.of("press") : Optional.empty(),
                    Minutes.of(1 + random.nextInt(9), 0.3),
                    after));
        }
        return new Room(2 + random.nextInt(6), 0.2, Minutes.NONE, Map.of("press", 1), tasks);
    }

    /** Whatever can be prepared together is tried: no less is enough. */
    @Test
    void nothingLessIsEnough() {
        int told = 0;
        for (long seed = 0; seed < 60; seed++) {
            Random random = new Random(seed);
            Room room = room(random);
            Map<String, Double> ahead = new HashMap<>();
            room.tasks().stream()
                    .filter(task -> random.nextInt(6) > 0)
                    .forEach(task -> ahead.put(task.id(), 1.0 + random.nextInt(20)));
            double time = Rooms.of(room, ROOMS, seed).nineInTen() * (0.3 + 0.1 * random.nextInt(8));
            Preparation least = Preparation.least(room, ahead, time, ROOMS, seed);
            assertThat(least.isEnough()).isEqualTo(least.rooms().nineInTen() <= time);
            Optional<Double> best = bruteForce(room, ahead, time, seed);
            assertThat(least.isEnough()).isEqualTo(best.isPresent());
            best.ifPresent(minutes -> assertThat(least.minutes()).isCloseTo(minutes, within(1e-9)));
            assertThat(least.isLeast() || best.isEmpty()).isTrue();
            assertThat(ahead.keySet()).containsAll(least.tasks());
            for (Task task : room.tasks()) {
                assertThat(least.tasks().contains(task.id()) && !least.tasks().containsAll(task.after()))
                        .isFalse();
            }
            told += least.isEnough() && !least.tasks().isEmpty() ? 1 : 0;
        }
        assertThat(told).isGreaterThan(20);
    }

    private static Optional<Double> bruteForce(Room room, Map<String, Double> ahead, double time, long seed) {
        Optional<Double> best = Optional.empty();
        for (int mask = 0; mask < 1 << room.tasks().size(); mask++) {
            Set<String> tasks = new HashSet<>();
            for (int i = 0; i < room.tasks().size(); i++) {
                if ((mask >> i & 1) == 1) {
                    tasks.add(room.tasks().get(i).id());
                }
            }
            boolean isClosed = room.tasks().stream()
                    .allMatch(task -> !tasks.contains(task.id()) || tasks.containsAll(task.after()));
            if (isClosed
                    && ahead.keySet().containsAll(tasks)
                    && Rooms.of(room.without(tasks), ROOMS, seed).nineInTen() <= time) {
                double minutes = tasks.stream().mapToDouble(ahead::get).sum();
                best = best.filter(each -> each <= minutes).or(() -> Optional.of(minutes));
            }
        }
        return best;
    }
}
