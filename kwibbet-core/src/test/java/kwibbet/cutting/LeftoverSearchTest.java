package kwibbet.cutting;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

import org.junit.jupiter.api.Test;

import kwibbet.cutting.SheetLayout.PartOff;
import kwibbet.measure.Length;
import kwibbet.shape.Rect;
import kwibbet.shape.Size;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

class LeftoverSearchTest {

    private static final Length HALF = Length.ofInches(1, 2);

    private static CuttingPlan refined(CuttingJob job) {
        return SheetSearch.refined(job, Budget.about(Duration.ofSeconds(2)), better -> {});
    }

    private static double largest(CuttingPlan plan) {
        return plan.layouts().stream()
                .flatMap(layout -> layout.offcuts().stream())
                .mapToDouble(offcut -> offcut.size().area())
                .max()
                .orElse(0);
    }

    /**
     * Parts that a strip of a sheet was cut into without waste: the rest of the sheet can stay whole, and nothing larger can. To find them all a
     * place without waste again is hard; within an inch of it the strip is found.
     */
    @Test
    void theLargestLeftoverOfAPerfectStripIsNearlyFound() {
        for (int seed = 0; seed < 8; seed++) {
            Random random = new Random(seed);
            int halves = 10 + random.nextInt(10);
            List<Size> sides = new ArrayList<>();
            cut(random, 24, halves, 4, sides);
            CuttingPlan plan = refined(job(sides, 1));
            assertThat(plan.sheets()).isEqualTo(1);
            double strip = 12 * (24 - halves) / 2.0;
            assertThat(largest(plan)).as("seed %d", seed).isBetween(strip - 12, strip + 1e-6);
        }
    }

    /** From one sheet of random cuts to a whole one of them and most of another: what is spared of the second stays in one piece. */
    @Test
    void whatIsSparedStaysInOnePieceOfOneSheet() {
        int better = 0;
        for (int seed = 0; seed < 8; seed++) {
            Random random = new Random(100 + seed);
            List<Size> sides = new ArrayList<>();
            cut(random, 24, 24, 3, sides);
            cut(random, 24, 8 + random.nextInt(8), 3, sides);
            CuttingJob job = job(sides, 1 + random.nextInt(3));
            CuttingPlan fewest = SheetSearch.plan(job, Budget.about(Duration.ofSeconds(5)));
            CuttingPlan plan = refined(job);
            assertThat(plan.sheets()).isEqualTo(fewest.sheets());
            assertThat(plan.isProven()).isEqualTo(fewest.isProven());
            assertThat(plan.reusable()).isGreaterThanOrEqualTo(fewest.reusable() - 1e-9);
            assertThat(job.parts())
                    .allSatisfy(part -> assertThat(plan.cutOf(part.id())).isEqualTo(part.count()));
            better += plan.reusable() > fewest.reusable() + 1 ? 1 : 0;
        }
        assertThat(better).isGreaterThanOrEqualTo(2);
    }

    /** With a margin and a kerf the strip comes off in one cut, and no part lies in it. */
    @Test
    void marginsAndKerfAreKept() {
        Stock stock = withMargin("sheet", "12", "12");
        CuttingJob job = new CuttingJob(
                List.of(stock),
                List.of(
                        Jobs.part("mat", Jobs.size("3", "2"), 5, Turning.EITHER, "sheet"),
                        Jobs.part("tag", Jobs.size("1 1/2", "4"), 4, Turning.EITHER, "sheet")),
                Length.ofInches(1, 16),
                java.util.Optional.empty(),
                Aim.FEWEST_SHEETS,
                Keeping.USUAL);
        CuttingPlan plan = refined(job);
        SheetLayout layout = plan.layouts().get(0);
        Rect usable =
                Rect.of(Length.ofInches(1, 4), Length.ofInches(1, 4), Length.ofInches(23, 2), Length.ofInches(23, 2));
        assertThat(layout.placements()).hasSize(9).allSatisfy(placement -> {
            assertThat(usable.contains(placement.area())).isTrue();
            assertThat(layout.yieldAt(placement.area())).isInstanceOf(PartOff.class);
        });
        assertThat(largest(plan)).isGreaterThan(12 * 5.5);
    }

    /** A margin that a printer leaves bare comes off an offcut again: one longer by nothing but margins is no reason for a second layout. */
    @Test
    void marginsAreWorthNothing() {
        Stock letter = withMargin("letter", "8 1/2", "11");
        CuttingPlan plan = refined(CuttingJob.of(
                List.of(letter),
                List.of(Jobs.part("printed", Jobs.size("5 3/4", "8 3/4"), 8, Turning.EITHER, "letter"))));
        assertThat(plan.layouts()).singleElement().satisfies(layout -> assertThat(layout.copies())
                .isEqualTo(8));
        // 2 1/4 × 10 1/2 beside it and 5 3/4 × 1 3/4 above or below, each squared. Worked by hand.
        assertThat(plan.reusable()).isCloseTo(8 * (Math.pow(2.25 * 10.5, 2) + Math.pow(5.75 * 1.75, 2)), within(1e-6));
    }

    /** Sheets of which a quarter of an inch is left bare all round. */
    private static Stock withMargin(String id, String width, String height) {
        return new Stock(
                new StockId(id),
                Jobs.size(width, height),
                java.util.OptionalInt.empty(),
                0,
                Stock.Source.SHELF,
                Length.ofInches(1, 4));
    }

    private static CuttingJob job(List<Size> sides, int copies) {
        List<Part> parts = new ArrayList<>();
        for (Size side : sides) {
            parts.add(Jobs.part("part " + parts.size(), side, copies, Turning.EITHER, "square"));
        }
        return CuttingJob.of(List.of(Jobs.sheets("square", "12", "12")), parts);
    }

    /** Cuts a rectangle, in half inches, from edge to edge until it is small. */
    private static void cut(Random random, int width, int height, int depth, List<Size> into) {
        boolean across = width < height;
        int side = Math.max(width, height);
        if (depth == 0 || side < 6) {
            into.add(new Size(HALF.multipliedBy(width), HALF.multipliedBy(height)));
            return;
        }
        int at = 2 + random.nextInt(side - 4);
        cut(random, across ? width : at, across ? at : height, depth - 1, into);
        cut(random, across ? width : side - at, across ? side - at : height, depth - 1, into);
    }
}
