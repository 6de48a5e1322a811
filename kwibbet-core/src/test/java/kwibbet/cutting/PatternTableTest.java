package kwibbet.cutting;

import java.util.HashMap;
import java.util.List;
import java.util.Map;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

import kwibbet.measure.Length;

import static org.assertj.core.api.Assertions.assertThat;

/**
 * The pattern search against an independent exact model: every guillotine cut at every whole inch, tried without any of the
 * search's reductions.
 */
class PatternTableTest {

    private static long tried(
            int width, int height, int longest, CuttingJob job, long[] values, Map<List<Integer>, Long> known) {
        List<Integer> key = List.of(width, height);
        if (known.containsKey(key)) {
            return known.get(key);
        }
        long best = 0;
        for (int i = 0; i < values.length; i++) {
            Part part = job.parts().get(i);
            for (boolean turned : part.on(new StockId("sheet")).ways()) {
                if (part.room(turned).equals(size(width, height))) {
                    best = Math.max(best, values[i]);
                }
            }
        }
        for (int at = 1; at < width && height <= longest; at++) {
            best = Math.max(
                    best,
                    tried(at, height, longest, job, values, known)
                            + tried(width - at, height, longest, job, values, known));
        }
        for (int at = 1; at < height && width <= longest; at++) {
            best = Math.max(
                    best,
                    tried(width, at, longest, job, values, known)
                            + tried(width, height - at, longest, job, values, known));
        }
        known.put(key, best);
        return best;
    }

    private static kwibbet.shape.Size size(int width, int height) {
        return new kwibbet.shape.Size(Length.ofInches(width), Length.ofInches(height));
    }

    @Property(tries = 200)
    void findsTheMostValuablePattern(
            @ForAll @IntRange(min = 3, max = 14) int width,
            @ForAll @IntRange(min = 3, max = 14) int height,
            @ForAll @Size(min = 1, max = 3) List<@IntRange(min = 1, max = 9) Integer> sides,
            @ForAll @IntRange(min = 1, max = 9) int otherSide,
            @ForAll @IntRange(min = 3, max = 14) int longest,
            @ForAll boolean turnable) {
        int[] parts = new int[3 * sides.size()];
        long[] values = new long[sides.size()];
        for (int i = 0; i < sides.size(); i++) {
            parts[3 * i] = sides.get(i);
            parts[3 * i + 1] = 1 + (otherSide + 3 * i) % 9;
            parts[3 * i + 2] = 1;
            values[i] = (long) parts[3 * i] * parts[3 * i + 1] + i;
        }
        CuttingJob plain = Jobs.units(width, height, turnable ? Turning.EITHER : Turning.UPRIGHT, parts);
        CuttingJob job = new CuttingJob(
                plain.stocks(),
                plain.parts(),
                Length.ZERO,
                java.util.Optional.of(Length.ofInches(longest)),
                plain.aim(),
                plain.keeping());
        CuttingTask task = CuttingTask.ofEach(job);
        long[] possible = new long[task.parts().size()];
        for (int i = 0; i < possible.length; i++) {
            possible[i] = values[plain.parts().indexOf(task.parts().get(i))];
        }
        long best = tried(width, height, longest, job, values, new HashMap<>());
        if (task.sheets().isEmpty()) {
            assertThat(best).isZero();
            return;
        }
        PatternTable table = PatternTable.uncapped(task.sheets().get(0), possible);
        assertThat(table.isExact()).isTrue();
        assertThat(table.value()).isEqualTo(best);
        Section section = table.section(task.ids());
        assertThat(new Pattern(0, task.counts(section), section).value(possible))
                .isEqualTo(best);
        SheetLayout layout = new SheetLayout(new StockId("sheet"), size(width, height), Length.ZERO, 1, section);
        assertThat(layout.cuts())
                .allSatisfy(cut -> assertThat(cut.length()).isLessThanOrEqualTo(Length.ofInches(longest)));
    }

    /** Four 3 × 4 in a ring round a hole fill 7 × 7 but cannot be cut from edge to edge; three can. */
    @Test
    void aRingOfPartsIsNotMistakenForAPattern() {
        CuttingTask task = CuttingTask.of(Jobs.units(7, 7, Turning.EITHER, 3, 4, 4));
        assertThat(PatternTable.uncapped(task.sheets().get(0), new long[] {1}).value())
                .isEqualTo(3);
    }

    @Test
    void capsAreKept() {
        CuttingTask task = CuttingTask.of(Jobs.units(12, 12, Turning.EITHER, 4, 4, 2, 3, 5, 4));
        PatternTable table = PatternTable.capped(task.sheets().get(0), new long[] {16, 15}, new int[] {2, 4});
        assertThat(table.value()).isEqualTo(2 * 16 + 4 * 15);
        assertThat(task.counts(table.section(task.ids()))).containsExactly(2, 4);
    }

    /** Sides that add up to thousands of positions: what is found can be cut, and what cannot be beaten lies above it. */
    @Test
    void tooManyPositionsAreRoundedTheSafeWay() {
        kwibbet.shape.Size odd =
                new kwibbet.shape.Size(Length.GRAIN.multipliedBy(120_011), Length.GRAIN.multipliedBy(119_013));
        Part tiny = Jobs.part("tiny", odd, 5_000, Turning.EITHER, "sheet");
        CuttingTask task = CuttingTask.of(CuttingJob.of(List.of(Jobs.sheets("sheet", "40", "40")), List.of(tiny)));
        PatternTable table = PatternTable.uncapped(task.sheets().get(0), new long[] {1});
        assertThat(table.isExact()).isFalse();
        long atMost = PatternTable.atMost(task.sheets().get(0), new long[] {1});
        assertThat(table.value()).isBetween(39L * 39, atMost);
        assertThat(atMost).isBetween(40L * 40, 44L * 44);
    }
}
