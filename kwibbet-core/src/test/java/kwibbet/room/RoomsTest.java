package kwibbet.room;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.LongStream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

/** Rooms against queues whose waits are known: Gross and Harris, Fundamentals of Queueing Theory, formulas from memory. */
class RoomsTest {

    private static final int ROOMS = 40;

    private static Task task(String id, String tool, Minutes minutes, String... after) {
        return Task.ofHands(id, tool.isEmpty() ? Optional.empty() : Optional.of(tool), minutes, List.of(after));
    }

    private static Minutes fixed(double minutes) {
        return Minutes.of(minutes, 0);
    }

    /** The mean of some values lies within three standard errors of what it is to be. */
    private static void assertMean(double[] values, double expected) {
        double mean = IntStream.range(0, values.length)
                .mapToDouble(i -> values[i])
                .average()
                .orElseThrow();
        double square = IntStream.range(0, values.length)
                .mapToDouble(i -> (values[i] - mean) * (values[i] - mean))
                .sum();
        double error = Math.sqrt(square / (values.length - 1) / values.length);
        assertThat(error).as("the check is worth something").isLessThan(expected / 10);
        assertThat(mean).isCloseTo(expected, within(3 * error));
    }

    private static double[] waits(Room room) {
        return LongStream.range(0, ROOMS)
                .mapToDouble(seed -> Rooms.of(room, 1, seed).waits().get(0).mean())
                .toArray();
    }

    /** Erlang's C: the chance that somebody waits, and from it how long they do. */
    private static double erlangWait(double perMinute, double served, int tools) {
        double load = perMinute / served;
        double term = 1;
        double sum = 0;
        for (int k = 0; k < tools; k++) {
            sum += term;
            term *= load / (k + 1);
        }
        double all = term * tools / (tools - load);
        return all / (sum + all) / (tools * served - perMinute);
    }

    @ParameterizedTest
    @CsvSource({"0.5, 1, 1", "2, 1, 3", "0.75, 0.25, 4"})
    void peopleWhoComeByChanceWaitAsErlangSays(double perMinute, double served, int tools) {
        Room room = new Room(
                3000,
                0,
                Minutes.exponential(1 / perMinute),
                Map.of("press", tools),
                List.of(task("press it", "press", Minutes.exponential(1 / served))));
        assertMean(waits(room), erlangWait(perMinute, served, tools));
        assertThat(Rooms.of(room, 10, 1).waits().get(0).busy()).isCloseTo(perMinute / served / tools, within(0.03));
    }

    /** For one tool Erlang's C is the textbook's load over what is left of it: 0.5 / (1 - 0.5) minutes. */
    @Test
    void theFormulaIsThatOfTheBook() {
        assertThat(erlangWait(0.5, 1, 1)).isCloseTo(1, within(1e-12));
        assertThat(erlangWait(2, 1, 3)).isCloseTo(4.0 / 9, within(1e-12));
    }

    /** Machines that break down and wait for one repairer; here people who work by themselves, then need the one tool, again and again. */
    @Test
    void theSamePeopleComingAgainWaitAsMachinesForRepair() {
        int people = 5;
        int times = 400;
        List<Task> tasks = new ArrayList<>();
        for (int i = 0; i < times; i++) {
            String[] before = i == 0 ? new String[0] : new String[] {"press " + (i - 1)};
            tasks.add(task("stick " + i, "", Minutes.exponential(10), before));
            tasks.add(task("press " + i, "press", Minutes.exponential(2), "stick " + i));
        }
        double term = 1;
        double sum = 1;
        for (int k = 1; k <= people; k++) {
            term *= (people - k + 1) * 2.0 / 10;
            sum += term;
        }
        double perMinute = (1 - 1 / sum) / 2;
        double expected = people / perMinute - 10 - 2;
        double[] each = waits(new Room(people, 0, Minutes.NONE, Map.of("press", 1), tasks));
        assertMean(
                IntStream.range(0, each.length)
                        .mapToDouble(i -> each[i] / times)
                        .toArray(),
                expected);
    }

    /** Nobody idle while a tool is free: done within (2 - 1/m) of the best (Graham, 1966), which is no less than the load of a tool or the longest. */
    @ParameterizedTest
    @CsvSource({"7, 2", "20, 3", "33, 5"})
    void toolsAreNeverIdleWhileSomebodyWaits(int people, int tools) {
        for (long seed = 0; seed < 20; seed++) {
            Room room = new Room(
                    people,
                    0.5,
                    Minutes.NONE,
                    Map.of("press", tools),
                    List.of(task("press it", "press", Minutes.of(5, 0.8))));
            double load = 0;
            double longest = 0;
            for (int person = 0; person < people; person++) {
                double minutes = Simulation.pace(room, seed, 0, person)
                        * Simulation.minutes(room.tasks().get(0), seed, 0, person);
                load += minutes / tools;
                longest = Math.max(longest, minutes);
            }
            Rooms rooms = Rooms.of(room, 1, seed);
            double least = Math.max(load, longest);
            assertThat(rooms.doneWithin(least * (2 - 1.0 / tools))).isEqualTo(1);
            assertThat(rooms.doneWithin(least - 1e-6)).isLessThan(1);
        }
    }

    /** Ten people, two presses, three minutes each: two are done every three minutes. Worked by hand. */
    @Test
    void aQueueIsFirstComeFirstServed() {
        Room room = new Room(
                10,
                0,
                Minutes.NONE,
                Map.of("press", 2),
                List.of(task("press it", "press", fixed(3)), task("fold", "", fixed(4), "press it")));
        Rooms rooms = Rooms.of(room, 3, 1);
        assertThat(rooms.half()).isEqualTo(9 + 4);
        assertThat(rooms.nineInTen()).isEqualTo(15 + 4);
        assertThat(rooms.inALuckyRoom()).isEqualTo(19);
        assertThat(rooms.doneWithin(18.9)).isEqualTo(0.8);
        // Waits of 0, 0, 3, 3, 6, 6, 9, 9, 12, 12 minutes.
        assertThat(rooms.waits()).containsExactly(new Rooms.Wait("press", 6, 12, 30.0 / 2 / 19));
        assertThat(rooms.bands().get(0).at().subList(0, 16))
                .containsOnly(2.0, 0.0)
                .startsWith(2.0)
                .endsWith(0.0);
        assertThat(rooms.bands().get(0).waiting().subList(0, 13))
                .startsWith(8.0, 8.0, 8.0, 6.0)
                .endsWith(2.0, 0.0);
        assertThat(rooms.bands().get(1).at().get(5)).isEqualTo(2);
    }

    /** Who finds the press taken folds meanwhile, and queues only when nothing else can be done. */
    @Test
    void whatCanBeDoneMeanwhileIsDone() {
        List<Task> tasks = List.of(
                task("press it", "press", fixed(3)),
                task("fold", "", fixed(3)),
                task("stick", "", fixed(1), "press it", "fold"));
        Rooms rooms = Rooms.of(new Room(2, 0, Minutes.NONE, Map.of("press", 1), tasks), 1, 1);
        assertThat(rooms.nineInTen()).isEqualTo(7);
        assertThat(rooms.waits().get(0).mean()).isZero();
    }

    /** Glue dries by itself, whoever's it is and as long as it takes; hands do what else there is, and wait only for what needs it dry. */
    @Test
    void whatDriesNeedsNobody() {
        Task glue = task("glue", "", fixed(2));
        Task dry = new Task("dry", Optional.empty(), fixed(10), List.of("glue"), true);
        Task close = task("close", "", fixed(1), "dry");
        Room room = new Room(3, 0, Minutes.NONE, Map.of(), List.of(glue, dry, close, task("stamp", "", fixed(4))));
        assertThat(Rooms.of(room, 1, 1).nineInTen()).isEqualTo(2 + 10 + 1);
        Room longer = new Room(3, 0, Minutes.NONE, Map.of(), List.of(glue, dry, close, task("stamp", "", fixed(14))));
        assertThat(Rooms.of(longer, 1, 1).nineInTen()).isEqualTo(2 + 14 + 1);
        assertThatThrownBy(() -> new Task("dry", Optional.of("press"), fixed(10), List.of(), true))
                .hasMessage("“dry” goes on by itself and needs no press");
    }

    /** What is prepared is not done, and all else takes each person as long as before. */
    @Test
    void preparingChangesNothingElse() {
        List<Task> tasks = List.of(
                task("score", "", Minutes.of(5, 0.4)),
                task("fold", "", fixed(2), "score"),
                task("stick", "", Minutes.of(9, 0.4), "fold"));
        Room room = new Room(30, 0, Minutes.NONE, Map.of(), tasks);
        Room prepared = room.without(Set.of("score", "fold"));
        Unhindered all = new Unhindered(room, 50, 3);
        assertThat(Rooms.of(prepared, 50, 3).nineInTen())
                .isCloseTo(all.nineInTen(Set.of("score", "fold")), within(1e-9));
        assertThat(Rooms.of(room, 50, 3).nineInTen()).isCloseTo(all.nineInTen(Set.of()), within(1e-9));
        assertThat(Rooms.of(room, 50, 4).nineInTen())
                .isNotEqualTo(Rooms.of(room, 50, 3).nineInTen());
    }

    /** Drawn minutes have the mean and the deviation that is said. */
    @Test
    void minutesVaryAsSaid() {
        for (Minutes minutes : List.of(Minutes.of(4, 0.3), Minutes.of(4, 1.5), Minutes.exponential(4))) {
            double[] drawn = IntStream.range(0, 200_000)
                    .mapToDouble(i -> minutes.drawn(Draw.of(1, 0, i, 5)))
                    .toArray();
            double mean = Arrays.stream(drawn).average().orElseThrow();
            double square = Arrays.stream(drawn)
                    .map(each -> (each - mean) * (each - mean))
                    .average()
                    .orElseThrow();
            assertThat(mean).isCloseTo(4, within(0.06));
            assertThat(Math.sqrt(square)).isCloseTo(4 * minutes.spread(), within(0.3 * minutes.spread()));
        }
    }

    @Test
    void aRoomThatCannotBeIsRefused() {
        List<Task> tasks = List.of(task("press it", "press", fixed(3)));
        assertThatThrownBy(() -> new Room(0, 0, Minutes.NONE, Map.of("press", 1), tasks))
                .hasMessage("a room has 1 to 5000 people, not 0");
        assertThatThrownBy(() -> new Room(3, 0, Minutes.NONE, Map.of(), tasks))
                .hasMessage("“press it” needs “press”, and there is none in the room");
        assertThatThrownBy(() -> new Room(3, 0, Minutes.NONE, Map.of(), List.of(task("a", "", fixed(1), "b"))))
                .hasMessage("“a” waits for “b”, which is no step before it");
        assertThatThrownBy(() -> Minutes.of(-1, 0)).hasMessageStartingWith("minutes and their spread are 0 or more");
    }

    /**
     * Three people, one board, ten minutes each; glue that dries for twenty after it. Worked by hand: the first has four minutes left, the second waits for them,
     * the third is done and their glue has eight minutes left.
     */
    @Test
    void aRoomGoesOnFromWherePeopleAre() {
        Task scored = task("score", "board", fixed(10));
        Task dries = new Task("dry", Optional.empty(), fixed(20), List.of("score"), true);
        Task folded = task("fold", "", fixed(1), "dry");
        Room room = new Room(3, 0, Minutes.NONE, Map.of("board", 1), List.of(scored, dries, folded));
        List<Standing> standings = List.of(
                new Standing(Set.of("score"), Map.of("dry", 12.0)),
                new Standing(Set.of(), Map.of("score", 6.0)),
                new Standing(Set.of(), Map.of()));
        Rooms rooms = Rooms.goingOn(room, standings, 1, 1);
        assertThat(rooms.doneWithin(9)).isEqualTo(1 / 3.0);
        assertThat(rooms.doneWithin(8.9)).isZero();
        assertThat(rooms.half()).isEqualTo(25);
        assertThat(rooms.nineInTen()).isEqualTo(35);
        assertThat(rooms.stage("fold")).contains(new Rooms.Stage("fold", 25, 35));
        assertThat(rooms.stage("score")).contains(new Rooms.Stage("score", 4, 14));
        assertThatThrownBy(() -> Rooms.goingOn(room, standings.subList(0, 2), 1, 1))
                .hasMessage("of 3 people in a room 2 are told of");
    }

    /** More are told to have the tool than there are: who comes later in the list waits. */
    @Test
    void nobodyHoldsAToolThatIsNotThere() {
        Room room = new Room(2, 0, Minutes.NONE, Map.of("board", 1), List.of(task("score", "board", fixed(10))));
        Standing at = new Standing(Set.of(), Map.of("score", 9.0));
        Rooms rooms = Rooms.goingOn(room, List.of(at, at), 1, 1);
        assertThat(rooms.half()).isEqualTo(1);
        assertThat(rooms.nineInTen()).isEqualTo(11);
    }
}
