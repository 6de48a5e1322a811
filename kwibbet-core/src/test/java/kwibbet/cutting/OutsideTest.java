package kwibbet.cutting;

import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;

import com.google.ortools.Loader;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import org.junit.jupiter.api.Assumptions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import kwibbet.measure.Length;
import kwibbet.shape.Size;

import static org.assertj.core.api.Assertions.assertThat;

/** Against instances of the literature and against another solver. */
class OutsideTest {

    /**
     * J. C. Herz, "Recursive computational procedure for two-dimensional stock cutting", IBM Journal of Research and Development 16
     * (1972), doi:10.1147/rd.165.0462: five pieces from 127 × 98, worth their areas, not turned. The instance and its optimum,
     * 12 348, are from memory; the optimum is confirmed here by trying every cut at every unit.
     */
    @Test
    void theInstanceOfHerz() {
        int[] sides = {18, 65, 24, 27, 21, 13, 36, 17, 54, 20};
        long[][] best = new long[128][99];
        for (int w = 1; w <= 127; w++) {
            for (int h = 1; h <= 98; h++) {
                for (int i = 0; i < sides.length; i += 2) {
                    if (sides[i] <= w && sides[i + 1] <= h) {
                        best[w][h] = Math.max(best[w][h], (long) sides[i] * sides[i + 1]);
                    }
                }
                for (int at = 1; at < w; at++) {
                    best[w][h] = Math.max(best[w][h], best[at][h] + best[w - at][h]);
                }
                for (int at = 1; at < h; at++) {
                    best[w][h] = Math.max(best[w][h], best[w][at] + best[w][h - at]);
                }
            }
        }
        assertThat(best[127][98]).isEqualTo(12_348);

        int[] parts = new int[15];
        Map<PartId, Long> worths = new HashMap<>();
        for (int i = 0; i < 5; i++) {
            parts[3 * i] = sides[2 * i];
            parts[3 * i + 1] = sides[2 * i + 1];
            parts[3 * i + 2] = 1_000;
            worths.put(new PartId("part-" + i), (long) sides[2 * i] * sides[2 * i + 1]);
        }
        OneSheet sheet = OneSheet.of(Jobs.units(127, 98, Turning.UPRIGHT, parts), worths);
        assertThat(sheet.value()).isEqualTo(12_348);
        assertThat(sheet.plan().isProven()).isTrue();
    }

    /**
     * A. Meir and L. Moser, "On packing of squares and cubes", Journal of Combinatorial Theory 5 (1968): squares whose largest has a side
     * {@code x} can be packed into {@code a × b} where {@code x² + (a − x)(b − x)} is at least their area. From memory; their way of packing, in rows,
     * can be cut from edge to edge. One of each size: the case in which a table of rooms is of little help.
     */
    @Test
    void squaresThatCanBePackedInRowsNeedOneSheet() {
        Random random = new Random(1968);
        for (int round = 0; round < 40; round++) {
            int most = 2 + random.nextInt(46);
            double room = most * most + (96 - most) * (96.0 - most);
            List<Part> parts = new ArrayList<>();
            for (int side = most; room >= (double) side * side; side = 2 + random.nextInt(most - 1)) {
                room -= (double) side * side;
                Length length = Length.ofInches(1, 8).multipliedBy(side);
                parts.add(Jobs.part("square " + parts.size(), new Size(length, length), 1, Turning.EITHER, "square"));
            }
            CuttingPlan plan = SheetSearch.plan(
                    CuttingJob.of(List.of(Jobs.sheets("square", "12", "12")), parts),
                    Budget.about(Duration.ofSeconds(1)));
            assertThat(plan.sheets())
                    .as("%d squares, the largest of %d eighths", parts.size(), most)
                    .isEqualTo(1);
            assertThat(plan.isProven()).isTrue();
        }
    }

    /**
     * The worked example of the encyclopedia article "Cutting stock problem" (Wikipedia): rolls of 5600 mm in thirteen widths, 73 master
     * rolls; figures from memory. 407 160 mm are wanted, so that 72 rolls cannot do.
     */
    @Test
    void theRollsOfAPaperMachine() {
        int[] rolls = {
            1380, 22, 1520, 25, 1560, 12, 1710, 14, 1820, 18, 1880, 18, 1930, 20, 2000, 10, 2050, 12, 2100, 14, 2140,
            16, 2150, 18, 2200, 20
        };
        List<Part> parts = new ArrayList<>();
        for (int i = 0; i < rolls.length; i += 2) {
            Size size = new Size(Length.ofMillimetres(rolls[i]), Length.ofMillimetres(100));
            parts.add(Jobs.part("roll-" + rolls[i], size, rolls[i + 1], Turning.UPRIGHT, "master"));
        }
        Size master = new Size(Length.ofMillimetres(5600), Length.ofMillimetres(100));
        CuttingPlan plan = SheetSearch.plan(
                CuttingJob.of(List.of(Stock.of(new StockId("master"), master)), parts),
                Budget.about(Duration.ofSeconds(20)));
        assertThat(plan.sheets()).isEqualTo(73);
        assertThat(plan.isProven()).isTrue();
    }

    /**
     * Small jobs against an exact model: every multiset of parts that can be cut from a sheet at whole inches, worked out by
     * plain recursion, and the fewest sheets from those found by OR-Tools.
     */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17, 18, 19, 20})
    void asFewSheetsAsAnotherSolverFinds(long seed) {
        Assumptions.assumeTrue(isThere(), "OR-Tools has no library for this system");
        Random random = new Random(seed);
        int kinds = 2 + random.nextInt(2);
        int[] parts = new int[3 * kinds];
        for (int i = 0; i < kinds; i++) {
            parts[3 * i] = 2 + random.nextInt(6);
            parts[3 * i + 1] = 2 + random.nextInt(6);
            parts[3 * i + 2] = 1 + random.nextInt(9);
        }
        Turning turning = random.nextBoolean() ? Turning.EITHER : Turning.UPRIGHT;
        CuttingJob job = Jobs.units(9, 8, turning, parts);
        CuttingPlan plan = SheetSearch.plan(job, Budget.about(Duration.ofSeconds(3)));
        long fewest = fewest(job, patterns(9, 8, job, new HashMap<>()));
        assertThat(plan.sheetsAtLeast()).isLessThanOrEqualTo((int) fewest);
        assertThat(plan.sheets()).isEqualTo((int) fewest);
    }

    private static boolean isThere() {
        try {
            Loader.loadNativeLibraries();
            return true;
        } catch (RuntimeException | LinkageError missing) {
            return false;
        }
    }

    /** All counts of parts that can be cut from a room together, none of which lies within another. */
    private static Set<List<Integer>> patterns(
            int width, int height, CuttingJob job, Map<List<Integer>, Set<List<Integer>>> known) {
        List<Integer> key = List.of(width, height);
        if (known.containsKey(key)) {
            return known.get(key);
        }
        Set<List<Integer>> all = new HashSet<>();
        int kinds = job.parts().size();
        all.add(java.util.Collections.nCopies(kinds, 0));
        for (int i = 0; i < kinds; i++) {
            Part part = job.parts().get(i);
            for (boolean turned : part.on(new StockId("sheet")).ways()) {
                if (part.room(turned).fitsIn(new Size(Length.ofInches(width), Length.ofInches(height)))) {
                    List<Integer> one = new ArrayList<>(java.util.Collections.nCopies(kinds, 0));
                    one.set(i, 1);
                    all.add(one);
                }
            }
        }
        for (int at = 1; at <= width / 2; at++) {
            join(all, patterns(at, height, job, known), patterns(width - at, height, job, known), job);
        }
        for (int at = 1; at <= height / 2; at++) {
            join(all, patterns(width, at, job, known), patterns(width, height - at, job, known), job);
        }
        all.removeIf(one -> all.stream().anyMatch(other -> !other.equals(one) && isWithin(one, other)));
        known.put(key, all);
        return all;
    }

    private static void join(
            Set<List<Integer>> all, Set<List<Integer>> first, Set<List<Integer>> second, CuttingJob job) {
        for (List<Integer> one : first) {
            for (List<Integer> other : second) {
                List<Integer> both = new ArrayList<>();
                for (int i = 0; i < one.size(); i++) {
                    both.add(Math.min(job.parts().get(i).count(), one.get(i) + other.get(i)));
                }
                all.add(both);
            }
        }
    }

    private static boolean isWithin(List<Integer> one, List<Integer> other) {
        for (int i = 0; i < one.size(); i++) {
            if (one.get(i) > other.get(i)) {
                return false;
            }
        }
        return true;
    }

    private static long fewest(CuttingJob job, Set<List<Integer>> patterns) {
        CpModel model = new CpModel();
        List<IntVar> copies = new ArrayList<>();
        List<List<Integer>> all = List.copyOf(patterns);
        long most = job.pieces();
        all.forEach(pattern -> copies.add(model.newIntVar(0, most, "copies")));
        for (int i = 0; i < job.parts().size(); i++) {
            LinearExprBuilder cut = LinearExpr.newBuilder();
            for (int p = 0; p < all.size(); p++) {
                cut.addTerm(copies.get(p), all.get(p).get(i));
            }
            model.addGreaterOrEqual(cut, job.parts().get(i).count());
        }
        model.minimize(LinearExpr.sum(copies.toArray(IntVar[]::new)));
        CpSolver solver = new CpSolver();
        assertThat(solver.solve(model)).isEqualTo(CpSolverStatus.OPTIMAL);
        return Math.round(solver.objectiveValue());
    }
}
