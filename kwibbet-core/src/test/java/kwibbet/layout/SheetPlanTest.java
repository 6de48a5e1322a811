package kwibbet.layout;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;

import org.junit.jupiter.api.Test;

import kwibbet.Inches;
import kwibbet.card.Card;
import kwibbet.card.Copies;
import kwibbet.card.RunLine;
import kwibbet.cutting.Budget;
import kwibbet.cutting.CuttingPlan;
import kwibbet.cutting.CuttingPlan.Proof;
import kwibbet.cutting.SheetLayout;
import kwibbet.layout.SheetPlan.Lettered;
import kwibbet.measure.Length;
import kwibbet.paper.Offcut;
import kwibbet.paper.OffcutId;
import kwibbet.paper.Paper;
import kwibbet.paper.PaperId;
import kwibbet.paper.PaperShelf;
import kwibbet.paper.SheetSizes;
import kwibbet.press.PressPlan;
import kwibbet.shape.Size;

import static kwibbet.Inches.STOCK;
import static kwibbet.Inches.TOOLS;
import static kwibbet.Inches.border;
import static kwibbet.Inches.card;
import static kwibbet.Inches.folded;
import static kwibbet.Inches.front;
import static kwibbet.Inches.line;
import static kwibbet.Inches.mat;
import static kwibbet.Inches.paper;
import static kwibbet.Inches.shelf;
import static kwibbet.Inches.size;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

/** What is told of a plan: how many, how good, what is missing and what is left. */
class SheetPlanTest {

    private static final Paper SQUARE = paper(SheetSizes.TWELVE_SQUARE);
    private static final Budget NONE = Budget.of(0);

    private static SheetPlan plan(RunLine line, PaperShelf shelf) {
        return plan(WorkOrder.of(line, shelf, Thrift.FEWEST_SHEETS, TOOLS), Budget.about(Duration.ofSeconds(1)));
    }

    private static SheetPlan plan(WorkOrder order, Budget budget) {
        return SheetPlanner.plan(order, TOOLS.trimmer(), KnownPlans.NONE, budget);
    }

    private static PaperShelf drawer(Size size, int count) {
        return new PaperShelf(List.of(SQUARE), List.of(new Offcut(new OffcutId("left"), STOCK, size, count)));
    }

    private static SheetPlan thrifty(PaperShelf shelf, Thrift thrift) {
        return plan(WorkOrder.of(line(folded("5", "7"), 3), shelf, thrift, TOOLS), Budget.about(Duration.ofSeconds(1)));
    }

    /** Thirteen of everything for twelve and one to spare. */
    @Test
    void spareCardsAreCutToo() {
        Card card = card(folded("5", "7"), mat("mat", front(), border("1/8")));
        SheetPlan plan = plan(new RunLine(card, new Copies(12, 1)), shelf(SQUARE));
        assertThat(plan.papers().get(0).order().parts())
                .extracting(CutPart::count)
                .containsExactly(13, 13);
        CuttingPlan cutting = plan.papers().get(0).cutting();
        assertThat(plan.papers().get(0).order().parts())
                .allSatisfy(part -> assertThat(cutting.cutOf(part.id())).isEqualTo(13));
    }

    /** A base 10 × 7 leaves 12 × 5 and 2 × 7 of each of its sheets. */
    @Test
    void whatIsLeftIsCountedOverAllSheets() {
        Lettered sheet =
                plan(line(folded("5", "7"), 9), shelf(SQUARE)).lettered().get(0);
        assertThat(Leftover.of(sheet))
                .extracting(Leftover::size, Leftover::count, Leftover::isKept)
                .containsExactly(tuple(size("12", "5"), 9, true), tuple(size("2", "7"), 9, true));
        // Of a sheet with two alike, both count.
        Lettered two =
                plan(line(folded("2", "12"), 6), shelf(SQUARE)).lettered().get(0);
        assertThat(Leftover.of(two)).allSatisfy(left -> assertThat(left.count())
                .isEqualTo(two.layout().copies()
                        * (int) two.layout().offcuts().stream()
                                .filter(offcut -> offcut.size().equals(left.size()))
                                .count()));
    }

    /** The largest first, two at most, none for what goes into the bin. */
    @Test
    void aLeftoverSaysWhatItHasRoomFor() {
        RunLine line = line(
                folded("3", "4"),
                1,
                mat("wide", front(), border("1/8")),
                mat("narrow", front(), border("1/2")),
                mat("small", front(), border("1")));
        Lettered sheet = plan(line, shelf(SQUARE)).lettered().get(0);
        List<Leftover> all = Leftover.of(sheet);
        assertThat(all).isNotEmpty();
        for (Leftover left : all) {
            if (!left.isKept()) {
                assertThat(left.fits()).isEmpty();
            }
            assertThat(left.fits()).hasSizeLessThanOrEqualTo(2);
            for (Leftover.Fit fit : left.fits()) {
                Size part = fit.part().blank();
                assertThat(part.fitsIn(left.size()) || part.turned().fitsIn(left.size()))
                        .isTrue();
                double most = left.size().area() / part.area();
                assertThat((double) fit.count()).isPositive().isLessThanOrEqualTo(most);
            }
            for (int i = 1; i < left.fits().size(); i++) {
                assertThat(left.fits().get(i).part().blank().area())
                        .isLessThanOrEqualTo(
                                left.fits().get(i - 1).part().blank().area());
            }
        }
        assertThat(all).anyMatch(left -> !left.fits().isEmpty());
    }

    @Test
    void sheetsAreLetteredThroughBeyondZ() {
        SheetPlan one = plan(line(folded("5", "7"), 3), shelf(SQUARE));
        PaperPlan paper = one.papers().get(0);
        SheetLayout layout = paper.layouts().get(0);
        CuttingPlan many = paper.cutting()
                .withLayouts(IntStream.range(0, 55).mapToObj(i -> layout).toList());
        SheetPlan long55 = new SheetPlan(List.of(new PaperPlan(paper.order(), many)), List.of());
        List<String> letters = long55.lettered().stream().map(Lettered::letter).toList();
        assertThat(letters.subList(0, 2)).containsExactly("A", "B");
        assertThat(letters.subList(24, 29)).containsExactly("Y", "Z", "AA", "AB", "AC");
        assertThat(letters.subList(51, 55)).containsExactly("AZ", "BA", "BB", "BC");
        assertThat(letters).doesNotHaveDuplicates();
    }

    @Test
    void aSheetKnowsItsPaperInItsSizeOrTheLeftoverItIs() {
        Paper letter = paper(SheetSizes.LETTER);
        Paper large = Inches.sizeOf(letter, new PaperId("large"), size("12", "12"), 3);
        SheetPlan sizes = plan(line(folded("3", "4"), 21), shelf(letter, large));
        assertThat(sizes.lettered())
                .extracting(sheet -> sheet.paper().id().value())
                .contains("large", STOCK.value());
        assertThat(sizes.lettered()).allMatch(sheet -> sheet.leftover().isEmpty());

        SheetPlan used = thrifty(drawer(size("11", "8"), 2), Thrift.LEFTOVERS_FIRST);
        assertThat(used.sheets()).isEqualTo(1);
        assertThat(used.leftovers()).isEqualTo(2);
        assertThat(used.papers().get(0).sheets()).isEqualTo(1);
        assertThat(used.papers()
                        .get(0)
                        .piecesOf(used.papers().get(0).order().leftovers().get(0)))
                .isEqualTo(2);
        assertThat(used.lettered()).anyMatch(sheet -> sheet.leftover().isPresent());
        assertThat(used.lettered()).allMatch(sheet -> sheet.paper().equals(SQUARE));
    }

    @Test
    void howGoodAPlanIsIsSaidInTheWordsOfItsAim() {
        PaperPlan fewest = thrifty(shelf(SQUARE), Thrift.FEWEST_SHEETS).papers().get(0);
        assertThat(fewest.standing()).isEqualTo("the fewest");
        PaperPlan cheapest = thrifty(shelf(SQUARE), Thrift.LEAST_COST).papers().get(0);
        assertThat(cheapest.standing()).isEqualTo("the least cost");
        CuttingPlan open = new CuttingPlan(
                fewest.cutting().job(), fewest.layouts(), List.of(), Proof.of(fewest.atLeast() - 1, false));
        assertThat(new PaperPlan(fewest.order(), open).standing()).isEqualTo("no plan under " + (fewest.sheets() - 1));
        assertThat(new PaperPlan(cheapest.order(), open).standing()).isEqualTo("the best found");
        assertThat(new SheetPlan(List.of(fewest), List.of()).proof()).contains("no plan can use fewer");
        assertThat(new SheetPlan(List.of(cheapest), List.of()).proof()).contains("no plan costs less");
        assertThat(new SheetPlan(List.of(fewest, new PaperPlan(fewest.order(), open)), List.of()).proof())
                .isEmpty();
    }

    /** Of one paper there is enough, of the other not; of the last piece there is no paper at all. */
    @Test
    void whatIsMissingIsSaid() {
        Paper few = Inches.paper(new PaperId("few"), SheetSizes.TWELVE_SQUARE).withOnHand(2);
        RunLine card =
                line(folded("5", "7"), 5, mat("mat", front(), border("1/8")).withPapers(Map.of("paper", few.id())));
        SheetPlan plan = plan(card, shelf(SQUARE, few));
        assertThat(plan.isComplete()).isTrue();
        assertThat(plan.isInStock()).isTrue();
        assertThat(plan(line(folded("5", "7"), 101), shelf(SQUARE)).isInStock()).isFalse();
        assertThat(plan(line(folded("5", "7"), 101), shelf(SQUARE))
                        .papers()
                        .get(0)
                        .shortOfSheets())
                .isEqualTo(1);
        SheetPlan without = plan(card, shelf(SQUARE));
        assertThat(without.withoutPaper())
                .extracting(piece -> piece.id().value())
                .containsExactly("mat");
        assertThat(without.isComplete()).isFalse();
        assertThat(without.proof()).isEmpty();
        SheetPlan tooLarge = plan(line(folded("9", "9"), 2), shelf(paper(SheetSizes.LETTER)));
        assertThat(tooLarge.isComplete()).isFalse();
        assertThat(tooLarge.papers().get(0).usedShare()).isEmpty();
    }

    /** Whichever comes first: the better layouts with the better proof, paper by paper. */
    @Test
    void ofTwoPlansTheBetterIsTakenWithWhatBothProve() {
        PaperPlan best =
                plan(line(folded("2", "3"), 40), shelf(SQUARE)).papers().get(0);
        CuttingPlan proven = best.cutting();
        assertThat(proven.isProven()).isTrue();
        CuttingPlan unproven =
                new CuttingPlan(proven.job(), proven.layouts(), List.of(), Proof.of(proven.sheetsAtLeast() - 1, false));
        List<SheetLayout> oneMore = new ArrayList<>(proven.layouts());
        oneMore.add(proven.layouts().get(0));
        CuttingPlan worse =
                new CuttingPlan(proven.job(), oneMore, List.of(), Proof.of(proven.sheetsAtLeast() + 1, false));
        for (CuttingPlan each : List.of(unproven.orBetter(proven), proven.orBetter(unproven))) {
            assertThat(each).isEqualTo(proven);
        }
        for (CuttingPlan each : List.of(worse.orBetter(unproven), unproven.orBetter(worse))) {
            assertThat(each.layouts()).isEqualTo(proven.layouts());
            assertThat(each.sheetsAtLeast()).isEqualTo(Math.min(proven.sheets(), proven.sheetsAtLeast() + 1));
            assertThat(each.isProven()).isFalse();
        }
        SheetPlan one = new SheetPlan(List.of(best.with(worse), best.with(proven)), List.of());
        SheetPlan other = new SheetPlan(List.of(best.with(proven), best.with(worse)), List.of());
        assertThat(one.orBetter(other).papers()).extracting(PaperPlan::sheets).containsOnly(proven.sheets());
        assertThat(one.orBetter(other).sheets()).isEqualTo(2 * proven.sheets());
    }

    /** A plan is taken from what is known, not looked for; what is final is not looked for again either. */
    @Test
    void whatIsKnownIsNotLookedForAgain() {
        RunLine line = line(folded("2", "3"), 40, mat("mat", front(), border("1/8")));
        WorkOrder order = WorkOrder.of(line, shelf(SQUARE), Thrift.FEWEST_SHEETS, TOOLS);
        CuttingPlan poor = only(plan(order, NONE));
        CuttingPlan marked = new CuttingPlan(poor.job(), poor.layouts(), poor.missing(), Proof.of(1, false));
        KnownPlans open =
                job -> Optional.of(new KnownPlans.Known(marked, false)).filter(any -> job.equals(poor.job()));
        KnownPlans settled =
                job -> Optional.of(new KnownPlans.Known(marked, true)).filter(any -> job.equals(poor.job()));
        Budget budget = Budget.about(Duration.ofSeconds(1));
        assertThat(only(SheetPlanner.plan(order, TOOLS.trimmer(), open, budget)))
                .isEqualTo(marked);
        assertThat(budget.spent()).isZero();
        assertThat(only(SheetPlanner.refine(order, TOOLS.trimmer(), settled, budget, better -> {})))
                .isEqualTo(marked);
        assertThat(budget.spent()).isZero();
        List<SheetPlan> told = new ArrayList<>();
        CuttingPlan found = only(SheetPlanner.refine(order, TOOLS.trimmer(), open, budget, told::add));
        assertThat(found.isProven()).isTrue();
        assertThat(budget.spent()).isPositive();
        assertThat(told).isNotEmpty().allSatisfy(each -> assertThat(each.papers())
                .hasSize(1));
    }

    /** Two papers share a budget by halves, whatever is known of the other. */
    @Test
    void whatIsKnownOfOnePaperDoesNotChangeThePlanOfTheOther() {
        Paper second = Inches.paper(new PaperId("second"), SheetSizes.LETTER);
        RunLine line = line(
                folded("2 3/4", "3 1/8"),
                37,
                mat("mat", front(), border("3/16")).withPapers(Map.of("paper", second.id())));
        WorkOrder order = WorkOrder.of(line, shelf(SQUARE, second), Thrift.FEWEST_SHEETS, TOOLS);
        Budget small = Budget.about(Duration.ofMillis(4));
        SheetPlan both = plan(order, small);
        CuttingPlan first = both.papers().get(0).cutting();
        KnownPlans one = job -> Optional.of(new KnownPlans.Known(first, true)).filter(any -> job.equals(first.job()));
        SheetPlan again = SheetPlanner.plan(order, TOOLS.trimmer(), one, Budget.about(Duration.ofMillis(4)));
        assertThat(again).isEqualTo(both);
    }

    /** What is cut by knife first is planned all the same. */
    @Test
    void aSheetLargerThanTheTrimmerIsCutByKnifeFirst() {
        Paper huge = paper(size("40", "40"));
        CuttingPlan plan = only(plan(line(folded("5", "7"), 10), shelf(huge)));
        assertThat(plan.job().longestCut()).isEmpty();
        assertThat(plan.missing()).isEmpty();
        Length reach = TOOLS.trimmer().longestCut();
        CuttingPlan usual = only(plan(line(folded("5", "7"), 10), shelf(SQUARE)));
        assertThat(usual.job().longestCut()).contains(reach);
    }

    /** A class of one paper in its common sizes: the smaller the sheet, the more of them, and too small is said. */
    @Test
    void otherSizesAreComparedTheChosenFirst() {
        WorkOrder order = WorkOrder.of(line(folded("5", "7"), 12), shelf(SQUARE), Thrift.FEWEST_SHEETS, TOOLS);
        List<OtherSizes> sizes = OtherSizes.of(
                order.papers().get(0),
                shelf(SQUARE, Inches.paper(new PaperId("six"), size("6", "6"))),
                TOOLS.trimmer());
        assertThat(sizes.get(0).size()).isEqualTo(SheetSizes.TWELVE_SQUARE);
        assertThat(sizes)
                .extracting(OtherSizes::size)
                .doesNotHaveDuplicates()
                .contains(SheetSizes.LETTER, size("6", "6"));
        for (OtherSizes each : sizes) {
            boolean fits =
                    size("10", "7").fitsIn(each.size()) || size("7", "10").fitsIn(each.size());
            assertThat(each.isPossible()).as("%s", each.size()).isEqualTo(fits);
            if (fits) {
                assertThat(each.plan()
                                .cutOf(order.papers().get(0).parts().get(0).id()))
                        .isEqualTo(12);
            }
        }
        assertThat(sizes).anyMatch(each -> !each.isPossible());
    }

    @Test
    void aPressedPieceIsCutWithItsMetal() {
        List<RunLine> lines = List.of(line(folded("5", "7"), 2));
        PressPlan press = PressPlan.of(lines, TOOLS);
        WorkOrder order = WorkOrder.of(lines, shelf(SQUARE), Thrift.FEWEST_SHEETS, press);
        assertThat(order.papers().get(0).wanted()).allSatisfy(wanted -> {
            assertThat(wanted.blank()).isEqualTo(press.paperFor(wanted.piece()).size());
            assertThat(wanted.isCutOut()).isFalse();
        });
    }

    private static CuttingPlan only(SheetPlan plan) {
        assertThat(plan.papers()).hasSize(1);
        return plan.papers().get(0).cutting();
    }
}
