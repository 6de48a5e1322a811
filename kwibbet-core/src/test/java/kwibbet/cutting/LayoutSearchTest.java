package kwibbet.cutting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;

import org.junit.jupiter.api.Test;

import kwibbet.measure.Length;
import kwibbet.shape.Size;

import static org.assertj.core.api.Assertions.assertThat;

/** In how few ways the sheets of a plan can be cut. */
class LayoutSearchTest {

    private static final StockId SHEET = new StockId("sheet");

    private static CuttingJob job(int width, int height, int[][] parts) {
        Stock stock = new Stock(
                SHEET,
                new Size(Length.ofInches(width), Length.ofInches(height)),
                OptionalInt.empty(),
                0,
                Stock.Source.SHELF,
                Length.ZERO);
        List<Part> wanted = new ArrayList<>();
        for (int[] part : parts) {
            wanted.add(new Part(
                    new PartId("part " + wanted.size()),
                    new Size(Length.ofInches(part[0]), Length.ofInches(part[1])),
                    part[2],
                    Map.of(SHEET, Turning.EITHER)));
        }
        return new CuttingJob(List.of(stock), wanted, Length.ZERO, Optional.empty(), Aim.FEWEST_SHEETS, Keeping.USUAL);
    }

    /** Whether parts can be cut from a sheet, by trying every place of every cut. */
    private static boolean fits(int[][] parts, int[] counts, int width, int height, Map<List<Integer>, Boolean> known) {
        int pieces = Arrays.stream(counts).sum();
        int area = 0;
        List<Integer> key = new ArrayList<>(List.of(width, height));
        for (int part = 0; part < counts.length; part++) {
            key.add(counts[part]);
            area += counts[part] * parts[part][0] * parts[part][1];
        }
        if (pieces == 0 || area > width * height) {
            return pieces == 0;
        }
        Boolean before = known.get(key);
        if (before != null) {
            return before;
        }
        boolean fits = false;
        for (int part = 0; pieces == 1 && part < counts.length; part++) {
            int[] sides = parts[part];
            fits |= counts[part] == 1
                    && ((sides[0] <= width && sides[1] <= height) || (sides[1] <= width && sides[0] <= height));
        }
        int[] first = new int[counts.length];
        while (pieces > 1 && !fits && next(first, counts)) {
            int[] second = counts.clone();
            Arrays.setAll(second, part -> counts[part] - first[part]);
            int some = Arrays.stream(first).sum();
            for (int at = 1; some < pieces && at < width && !fits; at++) {
                fits = fits(parts, first, at, height, known) && fits(parts, second, width - at, height, known);
            }
            for (int at = 1; some < pieces && at < height && !fits; at++) {
                fits = fits(parts, first, width, at, known) && fits(parts, second, width, height - at, known);
            }
        }
        known.put(key, fits);
        return fits;
    }

    private static boolean next(int[] some, int[] most) {
        for (int part = 0; part < some.length; part++) {
            if (some[part] < most[part]) {
                some[part]++;
                return true;
            }
            some[part] = 0;
        }
        return false;
    }

    /** The fewest different patterns of so many sheets that give just what is wanted, by trying them all. */
    private static int fewest(List<int[]> patterns, int from, int sheets, int[] wanted) {
        if (Arrays.stream(wanted).anyMatch(left -> left < 0)) {
            return 99;
        }
        if (sheets == 0 || from == patterns.size()) {
            return sheets == 0 && Arrays.stream(wanted).allMatch(left -> left == 0) ? 0 : 99;
        }
        int best = 99;
        for (int times = 0; times <= sheets; times++) {
            int[] left = wanted.clone();
            int copies = times;
            Arrays.setAll(left, part -> wanted[part] - copies * patterns.get(from)[part]);
            int others = fewest(patterns, from + 1, sheets - times, left);
            best = Math.min(best, others + (times > 0 ? 1 : 0));
        }
        return best;
    }

    /** Every small job is tried through by itself: what is said of its layouts is what there is, and never more. */
    @Test
    void whatIsSaidIsWhatThereIs() {
        Random random = new Random(3);
        int several = 0;
        for (int round = 0; round < 60; round++) {
            int width = 5 + random.nextInt(4);
            int height = 5 + random.nextInt(4);
            int[][] parts = new int[2 + random.nextInt(2)][];
            Arrays.setAll(parts, part ->
                    new int[] {1 + part + random.nextInt(3), 2 + random.nextInt(3), 1 + random.nextInt(6)});
            CuttingPlan plan = SheetSearch.refined(job(width, height, parts), Budget.of(2_000_000_000L), better -> {});
            int[] wanted = Arrays.stream(parts).mapToInt(part -> part[2]).toArray();
            boolean isDistinct =
                    plan.job().parts().stream().map(Part::size).distinct().count() == parts.length;
            if (!plan.isProven() || plan.sheets() > 4 || !isDistinct) {
                continue;
            }
            List<int[]> patterns = new ArrayList<>();
            Map<List<Integer>, Boolean> known = new HashMap<>();
            int[] counts = new int[parts.length];
            while (next(counts, wanted)) {
                if (fits(parts, counts, width, height, known)) {
                    patterns.add(counts.clone());
                }
            }
            int least = fewest(patterns, 0, plan.sheets(), wanted);
            assertThat(plan.proof().layouts()).as("round %s", round).isEqualTo(least);
            assertThat(plan.layouts()).hasSizeGreaterThanOrEqualTo(least);
            several += least > 1 ? 1 : 0;
        }
        assertThat(several).isGreaterThan(10);
    }

    /** Nine squares and three strips come from three sheets alike; sheets filled one after the other are all different. */
    @Test
    void sheetsAreCutAlikeWhereTheyCanBe() {
        CuttingPlan plan = SheetSearch.refined(
                job(6, 4, new int[][] {{2, 2, 9}, {6, 2, 3}}), Budget.of(2_000_000_000L), better -> {});
        assertThat(plan.sheets()).isEqualTo(3);
        assertThat(plan.layouts()).singleElement().satisfies(layout -> assertThat(layout.copies())
                .isEqualTo(3));
        assertThat(plan.proof().layouts()).isEqualTo(1);
    }

    /** With nothing to look with nothing is said. */
    @Test
    void withoutABudgetOnlyOneIsSaid() {
        CuttingPlan plan = SheetSearch.plan(job(5, 5, new int[][] {{3, 3, 5}, {2, 2, 3}}), Budget.of(0));
        assertThat(plan.proof().layouts()).isEqualTo(1);
    }
}
