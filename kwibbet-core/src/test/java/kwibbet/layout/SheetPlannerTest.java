package kwibbet.layout;

import java.time.Duration;
import java.util.List;
import java.util.Map;

import org.junit.jupiter.api.Test;

import kwibbet.Inches;
import kwibbet.card.Design;
import kwibbet.card.PieceId;
import kwibbet.card.RunLine;
import kwibbet.cutting.Budget;
import kwibbet.cutting.CuttingPlan.Missing.Reason;
import kwibbet.cutting.PartId;
import kwibbet.paper.Grain;
import kwibbet.paper.Paper;
import kwibbet.paper.PaperId;
import kwibbet.paper.PaperShelf;
import kwibbet.paper.Pattern;
import kwibbet.paper.SheetSizes;
import kwibbet.press.PressPlan;
import kwibbet.shape.Rect;

import static kwibbet.Inches.STOCK;
import static kwibbet.Inches.border;
import static kwibbet.Inches.card;
import static kwibbet.Inches.design;
import static kwibbet.Inches.folded;
import static kwibbet.Inches.front;
import static kwibbet.Inches.line;
import static kwibbet.Inches.mat;
import static kwibbet.Inches.paper;
import static kwibbet.Inches.shelf;
import static kwibbet.Inches.size;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.offset;
import static org.assertj.core.api.Assertions.tuple;

class SheetPlannerTest {

    private static PaperPlan only(SheetPlan plan) {
        assertThat(plan.papers()).hasSize(1);
        return plan.papers().get(0);
    }

    private static SheetPlan plan(WorkOrder order) {
        return SheetPlanner.plan(order, Inches.TOOLS.trimmer(), KnownPlans.NONE, Budget.about(Duration.ofSeconds(2)));
    }

    private static PaperPlan plan(RunLine line, Paper paper) {
        return only(plan(WorkOrder.of(line, shelf(paper), Thrift.FEWEST_SHEETS, Inches.TOOLS)));
    }

    /** Common practice, no source: a letter sheet gives two standard bases, without waste. */
    @Test
    void aLetterSheetGivesTwoStandardBases() {
        PaperPlan plan = plan(line(folded("4 1/4", "5 1/2"), 24), paper(SheetSizes.LETTER));
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
        PaperPlan plan = plan(line(folded("5", "7"), 24), paper(SheetSizes.TWELVE_SQUARE));
        assertThat(plan.sheets()).isEqualTo(24);
        assertThat(plan.atLeast()).isEqualTo(24);
        assertThat(plan.layouts().get(0).offcuts())
                .extracting(Rect::size)
                .containsExactlyInAnyOrder(size("12", "5"), size("2", "7"));
    }

    @Test
    void patternAndGrainDecideWhichWayRoundAPieceLies() {
        RunLine card = line(folded("5", "7"), 1);
        Paper tall = paper(size("8", "12"), Pattern.PLAIN, Grain.UNKNOWN);
        assertThat(plan(card, tall).layouts().get(0).placements().get(0).turned())
                .isTrue();
        Paper upright = paper(size("8", "12"), Pattern.ONE_WAY, Grain.UNKNOWN);
        assertThat(plan(card, upright).unplaced().get(0).reason()).isEqualTo(Reason.ONLY_FITS_TURNED);

        RunLine alongGrain = line(design(folded("5", "7")).withPapers(Map.of("paper", STOCK), true), 1);
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
        RunLine card = line(folded("9", "9"), 4, mat("mat-1", front(), border("1/2")));
        PaperPlan plan = plan(card, paper(SheetSizes.LETTER));
        assertThat(plan.unplaced()).singleElement().satisfies(unplaced -> {
            assertThat(plan.part(unplaced.part().id()).first().piece().id()).isEqualTo(PieceId.BASE);
            assertThat(unplaced.reason()).isEqualTo(Reason.LARGER_THAN_SHEET);
        });
        assertThat(plan.cutting().cutOf(new PartId("mat-1"))).isEqualTo(4);
        SheetPlan empty = plan(WorkOrder.of(card, new PaperShelf(List.of()), Thrift.FEWEST_SHEETS, Inches.TOOLS));
        assertThat(empty.withoutPaper()).hasSize(2);
        assertThat(empty.isComplete()).isFalse();
    }

    /** Another size of a paper is used as far as there is any of it; the size that was chosen can be bought. */
    @Test
    void otherSizesOfAPaperAreUsedUp() {
        Paper chosen = paper(SheetSizes.LETTER);
        Paper large = Inches.sizeOf(chosen, new PaperId("large"), size("12", "12"), 3);
        RunLine card = line(folded("3", "4"), 21);
        PaperPlan plan = only(plan(WorkOrder.of(card, shelf(chosen, large), Thrift.FEWEST_SHEETS, Inches.TOOLS)));
        assertThat(plan.sheetsOf(large)).isEqualTo(3);
        assertThat(plan.sheetsOf(chosen)).isEqualTo(1);
        assertThat(plan.shortOfSheets()).isZero();
    }

    /** Two cards of one paper share its sheets: the base of one leaves room for the base of the other. */
    @Test
    void severalCardsAreCutTogether() {
        RunLine large = line(folded("4", "7"), 3);
        RunLine small = line(folded("2", "8"), 3);
        List<RunLine> both = RunLine.apart(List.of(large, small));
        SheetPlan plan = plan(WorkOrder.of(
                both, shelf(paper(SheetSizes.TWELVE_SQUARE)), Thrift.FEWEST_SHEETS, PressPlan.of(both, Inches.TOOLS)));
        assertThat(plan.sheets()).isEqualTo(3);
        assertThat(plan.isProven()).isTrue();
        assertThat(only(plan).part(new PartId("2/base")).first().card())
                .isEqualTo(both.get(1).card());
    }

    /** Told apart they made two layouts more, a column for each. */
    @Test
    void likePiecesAreOnePart() {
        RunLine card = line(
                folded("5", "7"),
                24,
                mat("left", front(), border("1/4")),
                mat("right", front(), border("1/4")),
                mat("narrow", front(), border("1/2")));
        Paper paper = paper(SheetSizes.TWELVE_SQUARE);
        WorkOrder order = WorkOrder.of(card, shelf(paper), Thrift.FEWEST_SHEETS, Inches.TOOLS);
        List<CutPart> parts = order.papers().get(0).parts();
        assertThat(parts).extracting(CutPart::count).containsExactly(24, 48, 24);
        CutPart both = parts.get(1);
        assertThat(both.uses()).hasSize(2);
        assertThat(both.hasName()).isFalse();
        assertThat(both.usedAs())
                .isEqualTo(both.uses().get(0).piece().name() + ", "
                        + both.uses().get(1).piece().name());
        assertThat(both.name())
                .isNotIn(
                        both.uses().get(0).piece().name(),
                        both.uses().get(1).piece().name());
        PaperPlan plan = only(plan(order));
        assertThat(plan.cutting().cutOf(new PartId("left"))).isEqualTo(48);
        assertThat(plan.cutting().cutOf(new PartId("right"))).isZero();
        assertThat(plan.part(new PartId("left"))).isEqualTo(both);
        assertThatThrownBy(() -> plan.part(new PartId("right"))).hasMessageContaining("right");
    }

    @Test
    void whatWasCutOfAPartIsSharedOutInOrder() {
        RunLine card =
                line(folded("5", "7"), 5, mat("left", front(), border("1/4")), mat("right", front(), border("1/4")));
        CutPart both = WorkOrder.of(card, shelf(paper(SheetSizes.TWELVE_SQUARE)), Thrift.FEWEST_SHEETS, Inches.TOOLS)
                .papers()
                .get(0)
                .parts()
                .get(1);
        PartId left = new PartId("left");
        PartId right = new PartId("right");
        assertThat(both.shared(3)).isEqualTo(Map.of(left, 3, right, 0));
        assertThat(both.shared(8)).isEqualTo(Map.of(left, 5, right, 3));
        assertThat(both.shared(12)).isEqualTo(Map.of(left, 5, right, 7));
    }

    /** Two bases of one size; the fold of one must run with the grain. */
    @Test
    void whatMayNotLieAlikeIsNotOnePart() {
        Paper grained = paper(SheetSizes.TWELVE_SQUARE, Pattern.PLAIN, Grain.CROSSWISE);
        Design with = design(folded("5", "7"));
        List<RunLine> both = RunLine.apart(List.of(
                line(with.withPapers(Map.of("paper", STOCK), true), 2),
                line(with.withPapers(Map.of("paper", STOCK), false), 2)));
        WorkOrder order = WorkOrder.of(both, shelf(grained), Thrift.FEWEST_SHEETS, PressPlan.of(both, Inches.TOOLS));
        assertThat(order.papers().get(0).parts()).extracting(CutPart::count).containsExactly(2, 2);
        List<RunLine> alike = RunLine.apart(List.of(both.get(0), both.get(0)));
        WorkOrder same = WorkOrder.of(alike, shelf(grained), Thrift.FEWEST_SHEETS, PressPlan.of(alike, Inches.TOOLS));
        assertThat(same.papers().get(0).parts()).extracting(CutPart::count).containsExactly(4);
    }

    /** The chosen size first, and each size with what is on hand of it. */
    @Test
    void eachSizeThatIsCutIsTold() {
        Paper chosen = paper(SheetSizes.LETTER);
        Paper large = Inches.sizeOf(chosen, new PaperId("large"), size("12", "12"), 3);
        RunLine card = line(folded("3", "4"), 21);
        PaperPlan plan = only(plan(WorkOrder.of(card, shelf(chosen, large), Thrift.FEWEST_SHEETS, Inches.TOOLS)));
        assertThat(plan.cutSizes())
                .extracting(each -> each.size().id().value(), PaperPlan.CutSize::sheets, PaperPlan.CutSize::missing)
                .containsExactly(tuple(chosen.id().value(), 1, 0), tuple("large", 3, 0));
        PaperPlan large2 = only(plan(
                WorkOrder.of(line(folded("3", "4"), 18), shelf(chosen, large), Thrift.FEWEST_SHEETS, Inches.TOOLS)));
        assertThat(large2.cutSizes()).extracting(PaperPlan.CutSize::size).containsExactly(large);
        PaperPlan much = only(
                plan(WorkOrder.of(line(folded("3", "4"), 400), shelf(chosen), Thrift.FEWEST_SHEETS, Inches.TOOLS)));
        assertThat(much.cutSizes()).singleElement().satisfies(only -> {
            assertThat(only.missing())
                    .isEqualTo(only.sheets() - chosen.onHand())
                    .isPositive();
            assertThat(much.shortOfSheets()).isEqualTo(only.missing());
        });
    }

    @Test
    void hugeRunsAndTinyPartsAreStillPlanned() {
        RunLine card = line(folded("1", "1"), 10_000, mat("mat-1", front(), border("7/16")));
        PaperPlan plan = plan(card, paper(size("48", "48")));
        assertThat(plan.cutting().cutOf(new PartId("base"))).isEqualTo(10_000);
        assertThat(plan.cutting().cutOf(new PartId("mat-1"))).isEqualTo(10_000);
    }
}
