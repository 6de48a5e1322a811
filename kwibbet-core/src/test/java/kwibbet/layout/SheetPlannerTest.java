package kwibbet.layout;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

import kwibbet.Inches;
import kwibbet.card.Card;
import kwibbet.card.Piece;
import kwibbet.card.PieceId;
import kwibbet.layout.PaperPlan.Unplaced.Reason;
import kwibbet.layout.SheetLayout.Placement;
import kwibbet.layout.WorkOrder.PaperOrder;
import kwibbet.measure.Length;
import kwibbet.paper.Grain;
import kwibbet.paper.Paper;
import kwibbet.paper.PaperShelf;
import kwibbet.paper.Pattern;
import kwibbet.paper.SheetSizes;
import kwibbet.shape.Rect;

import static kwibbet.Inches.STOCK;
import static kwibbet.Inches.border;
import static kwibbet.Inches.card;
import static kwibbet.Inches.design;
import static kwibbet.Inches.folded;
import static kwibbet.Inches.front;
import static kwibbet.Inches.mat;
import static kwibbet.Inches.paper;
import static kwibbet.Inches.shelf;
import static kwibbet.Inches.size;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.offset;

class SheetPlannerTest {

    private static PaperPlan only(SheetPlan plan) {
        assertThat(plan.papers()).hasSize(1);
        return plan.papers().get(0);
    }

    private static PaperPlan plan(Card card, Paper paper) {
        return only(SheetPlanner.plan(WorkOrder.of(card, shelf(paper))));
    }

    /** Common practice, no source: a letter sheet gives two standard bases, without waste. */
    @Test
    void aLetterSheetGivesTwoStandardBases() {
        PaperPlan plan = plan(card(folded("4 1/4", "5 1/2"), 24), paper(SheetSizes.LETTER));
        assertThat(plan.sheets()).isEqualTo(12);
        assertThat(plan.isProven()).isTrue();
        assertThat(plan.usedShare().orElseThrow()).isEqualTo(1, offset(1e-9));
        assertThat(plan.layouts()).singleElement().satisfies(layout -> {
            assertThat(layout.cuts()).hasSize(1);
            assertThat(layout.offcuts()).isEmpty();
        });
    }

    /** Common practice, no source: a 10 × 7 base comes once from a 12 × 12 sheet. */
    @Test
    void twentyFourFiveBySevenCardsTakeTwentyFourSquareSheets() {
        PaperPlan plan = plan(card(folded("5", "7"), 24), paper(SheetSizes.TWELVE_SQUARE));
        assertThat(plan.sheets()).isEqualTo(24);
        assertThat(plan.atLeast()).isEqualTo(24);
        assertThat(plan.layouts().get(0).offcuts())
                .extracting(Rect::size)
                .containsExactlyInAnyOrder(size("12", "5"), size("2", "7"));
    }

    @Test
    void patternAndGrainDecideWhichWayRoundAPieceLies() {
        Card card = card(folded("5", "7"), 1);
        Paper tall = paper(size("8", "12"), Pattern.PLAIN, Grain.UNKNOWN);
        assertThat(plan(card, tall).layouts().get(0).placements().get(0).turned())
                .isTrue();
        Paper upright = paper(size("8", "12"), Pattern.ONE_WAY, Grain.UNKNOWN);
        assertThat(plan(card, upright).unplaced().get(0).reason()).isEqualTo(Reason.ONLY_FITS_TURNED);

        Card alongGrain = Inches.make(design(folded("5", "7"), 1).withPapers(Map.of("paper", STOCK), true))
                .orThrow();
        Paper crosswise = paper(SheetSizes.TWELVE_SQUARE, Pattern.PLAIN, Grain.CROSSWISE);
        assertThat(plan(alongGrain, crosswise)
                        .layouts()
                        .get(0)
                        .placements()
                        .get(0)
                        .turned())
                .isTrue();
        Paper contradicting = paper(SheetSizes.TWELVE_SQUARE, Pattern.ONE_WAY, Grain.CROSSWISE);
        assertThat(plan(alongGrain, contradicting).unplaced().get(0).reason()).isEqualTo(Reason.GRAIN_AGAINST_PATTERN);
    }

    @Test
    void whatCannotBeCutIsNamedAndTheRestIsPlanned() {
        Card card = card(folded("9", "9"), 4, mat("mat-1", front(), border("1/2")));
        PaperPlan plan = plan(card, paper(SheetSizes.LETTER));
        assertThat(plan.unplaced()).singleElement().satisfies(unplaced -> {
            assertThat(unplaced.wanted().piece().id()).isEqualTo(PieceId.BASE);
            assertThat(unplaced.reason()).isEqualTo(Reason.LARGER_THAN_SHEET);
        });
        assertThat(plan.cutOf(new PieceId("mat-1"))).isEqualTo(4);
        SheetPlan empty = SheetPlanner.plan(WorkOrder.of(card, new PaperShelf(List.of())));
        assertThat(empty.withoutPaper()).hasSize(2);
        assertThat(empty.isComplete()).isFalse();
    }

    /** Every count exact, nothing overlapping, nothing outside, cut areas adding up to the sheet, bound not above the plan. */
    @Property(tries = 150)
    void everyPlanCanBeCut(
            @ForAll @Size(min = 1, max = 4) List<@IntRange(min = 8, max = 90) Integer> widths,
            @ForAll @IntRange(min = 8, max = 90) int height,
            @ForAll @IntRange(min = 1, max = 70) int count,
            @ForAll boolean oneWay) {
        List<Wanted> wanted = new ArrayList<>();
        for (int i = 0; i < widths.size(); i++) {
            Length eighth = Length.ofInches(1, 8);
            kwibbet.shape.Size size =
                    new kwibbet.shape.Size(eighth.multipliedBy(widths.get(i)), eighth.multipliedBy(height + i));
            Piece piece = Piece.of(new PieceId("part-" + i), "Part", STOCK, size);
            wanted.add(new Wanted(piece, count + i, oneWay ? Turning.UPRIGHT : Turning.EITHER));
        }
        Paper paper = paper(SheetSizes.TWELVE_SQUARE);
        PaperPlan plan =
                only(SheetPlanner.plan(new WorkOrder(count, List.of(new PaperOrder(paper, wanted)), List.of())));

        assertThat(plan.unplaced()).isEmpty();
        wanted.forEach(part -> assertThat(plan.cutOf(part.piece().id())).isEqualTo(part.count()));
        assertThat(plan.atLeast()).isBetween(1, plan.sheets());
        plan.layouts().forEach(layout -> check(layout, wanted));
    }

    private static void check(SheetLayout layout, List<Wanted> wanted) {
        List<Rect> areas = new ArrayList<>(layout.offcuts());
        for (Placement placement : layout.placements()) {
            Wanted part = wanted.stream()
                    .filter(each -> each.piece().id().equals(placement.piece()))
                    .findFirst()
                    .orElseThrow();
            assertThat(part.turning().ways()).contains(placement.turned());
            assertThat(placement.area().size()).isEqualTo(part.room(placement.turned()));
            areas.add(placement.area());
        }
        Rect sheet = Rect.atOrigin(layout.sheet());
        for (int i = 0; i < areas.size(); i++) {
            assertThat(sheet.contains(areas.get(i))).isTrue();
            for (Rect other : areas.subList(i + 1, areas.size())) {
                assertThat(areas.get(i).overlaps(other)).isFalse();
            }
        }
        double covered = areas.stream().mapToDouble(area -> area.size().area()).sum();
        assertThat(covered).isEqualTo(layout.sheet().area(), offset(1e-6));
        layout.cuts()
                .forEach(cut -> assertThat(cut.inHand().contains(cut.second())).isTrue());
    }

    @Test
    void hugeRunsAndTinyPartsAreStillPlanned() {
        Card card = card(folded("1", "1"), 10_000, mat("mat-1", front(), border("7/16")));
        PaperPlan plan = plan(card, paper(size("48", "48")));
        assertThat(plan.cutOf(PieceId.BASE)).isEqualTo(10_000);
        assertThat(plan.cutOf(new PieceId("mat-1"))).isEqualTo(10_000);
    }
}
