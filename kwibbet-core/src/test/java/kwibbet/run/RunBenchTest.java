package kwibbet.run;

import java.time.Duration;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

import kwibbet.bench.RunPlan;
import kwibbet.card.AnyDesign;
import kwibbet.card.Card;
import kwibbet.card.CardMaker;
import kwibbet.card.Copies;
import kwibbet.card.Design;
import kwibbet.card.RunLine;
import kwibbet.layout.KnownPlans;
import kwibbet.layout.Thrift;
import kwibbet.making.Pace;
import kwibbet.making.Timing;
import kwibbet.making.Way;
import kwibbet.outcome.Outcome;
import kwibbet.paper.PaperShelf;
import kwibbet.paper.SheetSizes;
import kwibbet.run.RunProgress.Cards;

import static kwibbet.Inches.MATERIALS;
import static kwibbet.Inches.TOOLS;
import static kwibbet.Inches.add;
import static kwibbet.Inches.base;
import static kwibbet.Inches.folded;
import static kwibbet.Inches.line;
import static kwibbet.Inches.on;
import static kwibbet.Inches.paper;
import static kwibbet.Inches.shelf;
import static org.assertj.core.api.Assertions.assertThat;

/** What is done next, and what follows from what was ticked off. */
class RunBenchTest {

    private static final PaperShelf SHELF = shelf(paper(SheetSizes.TWELVE_SQUARE));

    private static RunBench bench(Way way, RunLine... lines) {
        return RunBench.of(RunPlan.of(List.of(lines), SHELF, Thrift.FEWEST_SHEETS, TOOLS, KnownPlans.NONE), way);
    }

    private static RunLine matted(int make) {
        return line(folded("5", "7"), make, add("mat", "mat-1", on("front-outside")));
    }

    private static RunProgress ticked(Map<StepKey, Integer> steps) {
        return new RunProgress(Map.of(), 0, new Cards(0, 0, 0), steps);
    }

    private static Map<StepKey, Integer> times(RunBench bench, BenchStation station, int... times) {
        Map<StepKey, Integer> steps = new HashMap<>();
        for (int i = 0; i < times.length; i++) {
            steps.put(bench.at(station).get(i).key(), times[i]);
        }
        return steps;
    }

    /** One card goes through all steps before the next is begun; in batches each step is done for all. */
    @Test
    void oneGoesOnWithTheCardInHandOrWithTheNextStepOfAll() {
        RunBench one = bench(Way.ONE, matted(3));
        int last = one.at(BenchStation.MAKE).size();
        assertThat(last).isEqualTo(3);
        RunProgress midway = ticked(times(one, BenchStation.MAKE, 2, 1, 1));
        assertThat(one.next(BenchStation.MAKE, 1, midway)).hasValue(2);
        assertThat(one.next(BenchStation.MAKE, 0, midway)).hasValue(2);
        assertThat(one.next(BenchStation.MAKE, 3, ticked(times(one, BenchStation.MAKE, 1, 1, 1))))
                .hasValue(1);
        assertThat(one.next(BenchStation.MAKE, 3, ticked(times(one, BenchStation.MAKE, 3, 3, 3))))
                .isEmpty();
        assertThat(one.atOnce(one.at(BenchStation.MAKE).get(0), midway)).isEqualTo(1);

        RunBench batch = bench(Way.BATCH, matted(3));
        RunProgress some = ticked(times(batch, BenchStation.MAKE, 3, 1, 0));
        assertThat(batch.next(BenchStation.MAKE, 1, some)).hasValue(2);
        assertThat(batch.next(BenchStation.MAKE, 2, some)).hasValue(3);
        assertThat(batch.next(BenchStation.MAKE, 3, some)).hasValue(2);
        assertThat(batch.atOnce(batch.at(BenchStation.MAKE).get(1), some)).isEqualTo(2);
        assertThat(batch.through(BenchStation.MAKE, some)).hasValue(0);
        assertThat(batch.through(BenchStation.MAKE, ticked(times(batch, BenchStation.MAKE, 3, 1, 2))))
                .hasValue(1);
    }

    /** Several cards in a run are counted each by its own number. */
    @Test
    void cardsOfARunAreCountedApart() {
        RunBench bench = bench(Way.BATCH, matted(4), line(base("gate", "3", "6"), 2));
        Map<StepKey, Integer> done = new HashMap<>();
        bench.at(BenchStation.MAKE).forEach(step -> {
            if (((BenchStep.Made) step).line() == 1) {
                done.put(step.key(), 2);
            }
        });
        assertThat(bench.through(BenchStation.MAKE, ticked(done))).hasValue(2);
        assertThat(bench.at(BenchStation.MAKE)).extracting(BenchStep::due).contains(4, 2);
        Set<StepKey> keys =
                bench.at(BenchStation.MAKE).stream().map(BenchStep::key).collect(Collectors.toSet());
        assertThat(keys).hasSameSizeAs(bench.at(BenchStation.MAKE));
    }

    /** Sheets booked as cut were cut, and what was scored at the board is not asked for again as it is made. */
    @Test
    void whatIsShownToBeDoneNeedNoTick() {
        RunBench bench = bench(Way.BATCH, matted(4));
        Map<String, Integer> cut = bench.plan().sheets().copies();
        RunProgress booked = new RunProgress(cut, 0, new Cards(0, 0, 0), Map.of());
        assertThat(bench.isAllDone(BenchStation.TRIM, booked)).isTrue();
        assertThat(bench.isAllDone(BenchStation.TRIM, RunProgress.NONE)).isFalse();

        BenchStep crease = bench.at(BenchStation.MAKE).get(0);
        assertThat(bench.done(crease, ticked(times(bench, BenchStation.SCORE, 3))))
                .isEqualTo(3);
        assertThat(bench.done(crease, ticked(times(bench, BenchStation.SCORE, 9))))
                .isEqualTo(4);
    }

    /** What was said by hand is not taken back by the bench, unless the bench has said it. */
    @Test
    void cardsThatAreThroughFollowTheBench() {
        RunBench bench = bench(Way.BATCH, matted(4));
        RunProgress before = ticked(times(bench, BenchStation.MAKE, 4, 4, 0));
        RunProgress now = ticked(times(bench, BenchStation.MAKE, 4, 4, 3));
        assertThat(before.followed(bench, now)).isEqualTo(new Cards(0, 0, 3));
        assertThat(now.worked(new Cards(0, 0, 3)).followed(bench, before)).isEqualTo(new Cards(0, 0, 0));
        assertThat(before.worked(new Cards(1, 0, 4)).followed(bench, now)).isEqualTo(new Cards(1, 0, 4));
    }

    /** Whoever does what comes next is done in the end, whatever the card, and no step is asked for once it is done. */
    @ParameterizedTest
    @EnumSource
    void whoeverDoesWhatComesNextIsDoneInTheEnd(Way way) {
        Random random = new Random(11);
        for (int round = 0; round < 40; round++) {
            Design design = AnyDesign.random(round);
            if (!(CardMaker.make(design, MATERIALS) instanceof Outcome.Made<Card> made)) {
                continue;
            }
            RunBench bench = bench(way, new RunLine(made.value(), new Copies(1 + random.nextInt(3), 1)));
            for (BenchStation station : bench.stations()) {
                Map<StepKey, Integer> done = new HashMap<>();
                int due = bench.at(station).stream().mapToInt(BenchStep::due).sum();
                int ticks = 0;
                OptionalInt next = bench.next(station, 0, ticked(done));
                while (next.isPresent()) {
                    BenchStep step = bench.at(station).get(next.getAsInt() - 1);
                    int times = bench.atOnce(step, ticked(done));
                    assertThat(times).isPositive();
                    ticks += times;
                    done.merge(step.key(), times, Integer::sum);
                    next = bench.next(station, next.getAsInt(), ticked(done));
                }
                assertThat(ticks).as("%s of %s", station, design).isEqualTo(due);
                assertThat(bench.isAllDone(station, ticked(done))).isTrue();
            }
        }
    }

    /** The median of the maker's own timings, of as many in a row; what is usual where there is none. */
    @Test
    void thePaceIsTheMakersOwnMedian() {
        Pace pace = new Pace(List.of(
                new Timing("STICK", 1, Duration.ofSeconds(90)),
                new Timing("STICK", 24, Duration.ofMinutes(12)),
                new Timing("STICK", 30, Duration.ofMinutes(30)),
                new Timing("STICK", 26, Duration.ofMinutes(13)),
                new Timing("FOLD", 24, Duration.ofMinutes(48))));
        assertThat(pace.of("STICK", 22, 1)).isEqualTo(new Pace.Minutes(0.5, 3));
        assertThat(pace.of("STICK", 1, 1)).isEqualTo(new Pace.Minutes(1.5, 1));
        assertThat(pace.of("STICK", 12, 1)).isEqualTo(new Pace.Minutes(1, 0));
        assertThat(pace.of("STICK", 22, 1).words(22)).isEqualTo("about 11 min, from 3 of your timings");
        assertThat(pace.of("STICK", 1, 1).words(1)).isEqualTo("about 2 min, from one timing of yours");
        assertThat(new Pace.Total(165, 0, 12).words()).isEqualTo("about 2 h 45 min of work, as is usual");
        assertThat(new Pace.Total(120, 3, 12).words()).isEqualTo("about 2 h of work, 3 of 12 steps by your timings");
        assertThat(pace.of("FOLD", 1, 0.5).words(1)).isEqualTo("about 30 s, as is usual");
    }
}
