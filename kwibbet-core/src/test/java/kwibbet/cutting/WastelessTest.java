package kwibbet.cutting;

import java.time.Duration;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import kwibbet.measure.Length;
import kwibbet.shape.Size;

import static org.assertj.core.api.Assertions.assertThat;

/** Jobs made by cutting up sheets at random, so that the fewest sheets are known: many sizes, few of each, nothing left over. */
class WastelessTest {

    private static final int LEAST = 4;

    private record Known(CuttingJob job, int sheets) {}

    /** Sheets of 12 × 12, each cut up into as many pieces, in eighths of an inch; each once to three times. */
    private static Known known(Random random, int kinds, int pieces) {
        Map<List<Integer>, Integer> counts = new LinkedHashMap<>();
        int sheets = 0;
        for (int kind = 0; kind < kinds; kind++) {
            int copies = 1 + random.nextInt(3);
            sheets += copies;
            List<List<Integer>> cut = new ArrayList<>(List.of(List.of(96, 96)));
            while (cut.size() < pieces) {
                List<Integer> piece = cut.remove(random.nextInt(cut.size()));
                int axis = random.nextInt(2);
                int side = piece.get(axis);
                if (side <= 2 * LEAST) {
                    cut.add(piece);
                    continue;
                }
                int at = LEAST + random.nextInt(side - 2 * LEAST);
                cut.add(axis == 0 ? List.of(at, piece.get(1)) : List.of(piece.get(0), at));
                cut.add(axis == 0 ? List.of(side - at, piece.get(1)) : List.of(piece.get(0), side - at));
            }
            cut.forEach(piece -> counts.merge(piece, copies, Integer::sum));
        }
        List<Part> parts = new ArrayList<>();
        counts.forEach((sides, count) -> parts.add(Jobs.part(
                "part-" + parts.size(),
                new Size(Length.ofInches(sides.get(0), 8), Length.ofInches(sides.get(1), 8)),
                count,
                Turning.EITHER,
                "sheet")));
        return new Known(CuttingJob.of(List.of(Jobs.sheets("sheet", "12", "12")), parts), sheets);
    }

    @ParameterizedTest
    @ValueSource(ints = {3, 4, 5, 6, 8})
    void theSheetsItWasCutFromAreFound(int seed) {
        Known known = known(new Random(seed), 4, 7);
        CuttingPlan plan = SheetSearch.plan(known.job(), Budget.about(Duration.ofSeconds(6)));
        SheetSearchTest.check(plan);
        assertThat(plan.missing()).isEmpty();
        assertThat(plan.sheets()).isEqualTo(known.sheets());
        assertThat(plan.isProven()).isTrue();
    }

    /** With one piece more than comes out even another sheet is needed. */
    @Test
    void whatDoesNotComeOutEvenIsNotClaimed() {
        Known known = known(new Random(1), 3, 6);
        List<Part> parts = new ArrayList<>(known.job().parts());
        Part first = parts.remove(0);
        parts.add(0, first.withCount(first.count() + 1));
        CuttingPlan plan =
                SheetSearch.plan(CuttingJob.of(known.job().stocks(), parts), Budget.about(Duration.ofMillis(500)));
        SheetSearchTest.check(plan);
        assertThat(plan.sheets()).isGreaterThan(known.sheets());
    }

    /** Where all patterns cost the same and use up all paper, the program that says what parts are worth comes to an end, and costs no less than the sheets there must be. */
    @Test
    @Timeout(60)
    void theMasterProgramComesToAnEnd() {
        Known known = known(new Random(3), 10, 8);
        CuttingTask task = CuttingTask.of(known.job());
        Budget budget = Budget.about(Duration.ofHours(1));
        List<Pattern> pool = new ArrayList<>();
        Worths.alone(task).forEach(worths -> pool.addAll(new Pricing(task, worths, budget).patterns()));
        MasterProgram program = new MasterProgram(task, budget);
        double cost = Double.MAX_VALUE;
        for (int round = 0; round < 60; round++) {
            MasterProgram.Answer answer = program.solve(pool, task.demand(), task.limits());
            assertThat(answer.cost()).isLessThanOrEqualTo(cost + 1e-3);
            cost = answer.cost();
            pool.addAll(new Pricing(task, answer.worths(task.precision()), budget).patterns());
        }
        assertThat(cost).isGreaterThanOrEqualTo(known.sheets() - 1e-3);
    }
}
