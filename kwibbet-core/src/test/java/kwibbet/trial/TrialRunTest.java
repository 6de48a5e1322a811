package kwibbet.trial;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

import kwibbet.Tries;
import kwibbet.bench.JointPlan;
import kwibbet.bench.RunPlan;
import kwibbet.bench.TrimLine;
import kwibbet.bench.TrimLine.Heap;
import kwibbet.bench.TrimStep;
import kwibbet.card.Addition;
import kwibbet.card.Base;
import kwibbet.card.Card;
import kwibbet.card.Copies;
import kwibbet.card.Design;
import kwibbet.card.Host;
import kwibbet.card.Piece;
import kwibbet.card.PieceId;
import kwibbet.card.RunLine;
import kwibbet.card.base.Bases;
import kwibbet.cutting.Budget;
import kwibbet.layout.KnownPlans;
import kwibbet.layout.Leftover;
import kwibbet.layout.OtherSizes;
import kwibbet.layout.Thrift;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.PaperId;
import kwibbet.paper.PaperShelf;
import kwibbet.paper.SheetSizes;
import kwibbet.picture.TrialPicture;
import kwibbet.shape.CutShape;
import kwibbet.shape.Edge;
import kwibbet.shape.Size;
import kwibbet.tool.Die;
import kwibbet.tool.Hand;

import static kwibbet.Inches.TOOLS;
import static kwibbet.Inches.add;
import static kwibbet.Inches.base;
import static kwibbet.Inches.border;
import static kwibbet.Inches.card;
import static kwibbet.Inches.die;
import static kwibbet.Inches.folded;
import static kwibbet.Inches.front;
import static kwibbet.Inches.in;
import static kwibbet.Inches.line;
import static kwibbet.Inches.make;
import static kwibbet.Inches.mat;
import static kwibbet.Inches.paper;
import static kwibbet.Inches.shelf;
import static kwibbet.Inches.size;
import static org.assertj.core.api.Assertions.assertThat;

class TrialRunTest {

    private static final Card MATTED = card(folded("5", "7"), mat("mat-1", front(), border("1/8")));

    private static RunPlan plan(Card card) {
        return RunPlan.of(
                line(card, 1),
                shelf(paper(size("20", "24")), paper(PaperId.FILM, size("20", "24"))),
                Thrift.FEWEST_SHEETS,
                TOOLS);
    }

    static List<Base> bases() {
        return Bases.ALL;
    }

    /** Every base, as its lists are read: every piece its size, every crease in its place and from its face. */
    @ParameterizedTest
    @MethodSource("bases")
    void theListsMakeJustWhatWasAsked(Base each) {
        Card card = make(base(each.key(), "4", "6")).orThrow();
        TrialRun run = TrialRun.of(plan(card), Integer.MAX_VALUE, List.of());
        assertThat(run.cut().faults()).isEmpty();
        assertThat(run.pieces()).allSatisfy(made -> {
            assertThat(made.creases().right())
                    .as(made.piece().name())
                    .isEqualTo(made.piece().scores().size());
            assertThat(made.missing()).as(made.piece().name()).isZero();
        });
    }

    @Test
    void aSpoiltSheetAndATrimmerThatIsOffShowWhichPiecesSuffer() {
        RunPlan plan = RunPlan.of(line(MATTED, 6), shelf(paper(SheetSizes.TWELVE_SQUARE)), Thrift.FEWEST_SHEETS, TOOLS);
        TrialRun fine = TrialRun.of(plan, 99, List.of());
        assertThat(fine.isFine()).isTrue();

        TrialRun spoilt = TrialRun.of(plan, 99, List.of(new Mishap.SheetSpoilt(0)));
        assertThat(spoilt.isFine()).isFalse();
        assertThat(spoilt.pieces().stream().mapToInt(TrialRun.Made::missing).sum())
                .isPositive();

        TrialRun off = TrialRun.of(plan, 99, List.of(new Mishap.TrimmerOff(in("1/32"))));
        assertThat(off.pieces()).anySatisfy(made -> assertThat(made.wrong()).isNotEmpty());
        assertThat(off.pieces()).allSatisfy(made -> assertThat(made.missing()).isZero());
        assertThat(TrialPicture.of(off, 0, MeasureSystem.INCH).marks()).hasSizeGreaterThan(2);

        TrialRun begun = TrialRun.of(plan, 0, List.of());
        assertThat(begun.pieces().get(0).right()).isZero();
        assertThat(begun.isDone()).isFalse();
    }

    /**
     * Very many widths, for which the search for few settings follows one order only: the lists still make just what was asked, and planned again
     * they are the same.
     */
    @Test
    void sixtyMatsOnOneFaceComeOut() {
        List<Addition> mats = new ArrayList<>();
        for (int i = 1; i <= 60; i++) {
            mats.add(add("mat", "mat-" + i, front(), "border", i + "/64"));
        }
        RunLine line = line(base("folded", "5 1/64", "7").withAdditions(mats), 3);
        PaperShelf shelf = shelf(paper(SheetSizes.TWELVE_SQUARE));
        RunPlan plan = RunPlan.of(line, shelf, Thrift.FEWEST_SHEETS, TOOLS);
        TrialRun run = TrialRun.of(plan, Integer.MAX_VALUE, List.of());
        assertThat(run.cut().faults()).isEmpty();
        assertThat(run.pieces())
                .allSatisfy(made ->
                        assertThat(made.missing()).as(made.piece().name()).isZero());
        assertThat(plan.withSheets(plan.sheets()).bench().trim().settings())
                .hasSameSizeAs(plan.bench().trim().settings());
    }

    /** For the other hand the sheets stay as they are; only where is measured from changes. */
    @Test
    void theOtherHandCutsTheSameSheets() {
        RunPlan right =
                RunPlan.of(line(MATTED, 6), shelf(paper(SheetSizes.TWELVE_SQUARE)), Thrift.FEWEST_SHEETS, TOOLS);
        RunPlan left = right.forHand(Hand.LEFT);
        assertThat(left.sheets()).isEqualTo(right.sheets());
        assertThat(left.tools().hand()).isEqualTo(Hand.LEFT);
        assertThat(left.forHand(Hand.LEFT)).isSameAs(left);
        assertThat(TrialRun.of(left, 99, List.of()).isFine()).isTrue();
    }

    /** Slits are where the fence puts them: beside their place where the trimmer cuts beside its mark. */
    @Test
    void slitsSufferWithTheTrimmer() {
        Card card = make(base("past-fold", "4", "6", "shape", "rectangle", "across", "2", "rise", "1"))
                .orThrow();
        TrialRun fine = TrialRun.of(plan(card), 99, List.of());
        assertThat(fine.pieces().get(0).slits()).isEqualTo(new TrialRun.Tally(3, 3));
        assertThat(fine.isFine()).isTrue();
        TrialRun off = TrialRun.of(plan(card), 99, List.of(new Mishap.TrimmerOff(in("1/32"))));
        assertThat(off.pieces().get(0).slits()).isEqualTo(new TrialRun.Tally(3, 0));
        assertThat(off.pieces().get(0).slits().words()).isEqualTo("0 of 3");
    }

    /** As with sizes, what a list says of the mark it takes is not off: only what comes out otherwise than it says is. */
    @Test
    void slitsBetweenTwoMarksAreWhereTheListSays() {
        RunPlan plan = plan(make(base("folded", "5", "7")
                        .withAdditions(List.of(add(
                                "collar", "collar", front(), "reach", "1 1/2", "length", "2", "fromTop", "1 1/48"))))
                .orThrow());
        assertThat(plan.bench()
                        .trim()
                        .slits()
                        .get(0)
                        .sentence(MeasureSystem.INCH)
                        .text())
                .contains("fence at 1 in", "That is the nearest mark, 1/48 in under.");
        assertThat(TrialRun.of(plan, 99, List.of()).isFine()).isTrue();
        TrialRun off = TrialRun.of(plan, 99, List.of(new Mishap.TrimmerOff(in("1/32"))));
        assertThat(off.pieces().get(0).slits()).isEqualTo(new TrialRun.Tally(2, 0));
    }

    /** Any mix of designs and counts, cut together: nothing is missing, and every crease is where it should be. */
    @Test
    void anyMixOfCardsComesOut() {
        Random random = new Random(5);
        for (int round = 0; round < Tries.of(8); round++) {
            List<RunLine> lines = new ArrayList<>();
            while (lines.size() < 4) {
                Base base = Bases.ALL.get(random.nextInt(Bases.ALL.size()));
                String width = 4 + random.nextInt(2) + " " + (1 + 2 * random.nextInt(4)) + "/8";
                Design design = base(base.key(), width, "6");
                Copies copies = new Copies(1 + random.nextInt(9), 1);
                Addition mat = mat(
                        "mat",
                        new Host.OnFace(make(design).orThrow().faces().get(0).id()),
                        border("1/4"));
                lines.add(new RunLine(make(design.withAdditions(List.of(mat))).orThrow(), copies));
            }
            RunPlan run = JointPlan.of(
                            lines,
                            shelf(paper(size("24", "24")), paper(new PaperId("film"), size("24", "24"))),
                            Thrift.FEWEST_SHEETS,
                            TOOLS,
                            KnownPlans.NONE,
                            Budget.about(Duration.ofMillis(100)))
                    .run();
            TrialRun trial = TrialRun.of(run, Integer.MAX_VALUE, List.of());
            assertThat(trial.cut().faults()).isEmpty();
            assertThat(trial.pieces())
                    .hasSize(lines.stream()
                            .mapToInt(line -> line.card().pieces().size())
                            .sum())
                    .allSatisfy(made -> {
                        assertThat(made.missing()).as(made.piece().name()).isZero();
                        assertThat(made.creases().right())
                                .as(made.piece().name())
                                .isEqualTo(made.creases().asked());
                    });
        }
    }

    /** First all is trimmed, then scored, then pressed: nothing is there before its tool was used. */
    @Test
    void theListsAreDoneOneAfterTheOther() {
        Die disc = die(new CutShape(CutShape.Kind.OVAL, size("1", "1")), 1);
        Card card =
                card(folded("4", "6"), add("ornament", "dot", front(), "shape", "oval", "width", "1", "height", "1"));
        RunPlan plan = RunPlan.of(
                line(card, 2),
                shelf(paper(SheetSizes.TWELVE_SQUARE)),
                Thrift.FEWEST_SHEETS,
                TOOLS.withDies(List.of(disc)));
        int trimmed = plan.bench().trim().settings().size();
        TrialRun cut = TrialRun.of(plan, trimmed, List.of());
        assertThat(cut.pieces()).extracting(TrialRun.Made::right).containsExactly(2, 2);
        assertThat(cut.pieces().get(0).creases().words()).isEqualTo("0 of 1");
        assertThat(cut.pieces().get(1).dieCuts().words()).isEqualTo("0 of 1");
        TrialRun scored = TrialRun.of(plan, trimmed + 1, List.of());
        assertThat(scored.pieces().get(0).creases().words()).isEqualTo("1 of 1");
        assertThat(scored.pieces().get(1).dieCuts().words()).isEqualTo("0 of 1");
        assertThat(scored.doing(MeasureSystem.INCH).text()).isEqualTo("Score in 4 in. Against the fence.");
        assertThat(scored.progress().atBoard()).isPresent();
        assertThat(scored.isDone()).isFalse();
        TrialRun pressed = TrialRun.of(plan, trimmed + 2, List.of());
        assertThat(pressed.doing(MeasureSystem.INCH).text()).isEqualTo("Press dot: 2 passes.");
        assertThat(pressed.progress().atBoard()).isEmpty();
        assertThat(pressed.progress().atPress()).isPresent();
        assertThat(pressed.isFine()).isTrue();
    }

    private static final TrialTrimmer.Stack ONE_SHEET =
            new TrialTrimmer.Stack("A", TrimLine.Paper.SHEET, size("12", "12"), 1);

    /** Takes the sheet, and gives a base and what is left. */
    private static TrialTrimmer.Told baseOff(String set) {
        Heap sheet = new Heap(TrimLine.Paper.SHEET, size("12", "12"), 1, MeasureSystem.INCH);
        Heap base = new Heap(new TrimLine.Cut("Base"), size("11 63/64", "12"), 1, MeasureSystem.INCH);
        Heap rest = new Heap(TrimLine.Paper.OFFCUT, size("1/64", "12"), 1, MeasureSystem.INCH);
        return new TrialTrimmer.Told(
                1, new TrimLine("A", sheet, 1, Edge.LEFT, in(set), TrimLine.Guide.FENCE, 1, List.of(base, rest)));
    }

    /** A fence that is set beyond the edge by a hair cuts nothing off, and the part is there; beyond that the list is wrong. */
    @Test
    void whereNoSliverIsLeftThePartIsThere() {
        for (String beyond : List.of("12", "12 1/32", "12 1/16")) {
            TrialTrimmer.Result result = TrialTrimmer.run(List.of(ONE_SHEET), List.of(baseOff(beyond)), List.of());
            assertThat(result.faults()).isEmpty();
            assertThat(result.table()).singleElement().satisfies(sheet -> {
                assertThat(sheet.label().thing()).isEqualTo(new TrimLine.Cut("Base"));
                assertThat(sheet.actual().size()).isEqualTo(size("12", "12"));
            });
        }
        assertThat(TrialTrimmer.run(List.of(ONE_SHEET), List.of(baseOff("12 1/8")), List.of())
                        .faults())
                .extracting(TrialTrimmer.Fault::why)
                .containsExactly(TrialTrimmer.Fault.Why.BEYOND_THE_EDGE);
    }

    /** A line that takes what nobody has cut is a fault: the sheet is gone once it is cut. */
    @Test
    void whatIsNotOnTheTableCannotBeTaken() {
        TrialTrimmer.Result result =
                TrialTrimmer.run(List.of(ONE_SHEET), List.of(baseOff("4"), baseOff("4")), List.of());
        assertThat(result.faults())
                .extracting(TrialTrimmer.Fault::why)
                .containsExactly(TrialTrimmer.Fault.Why.NOT_ON_THE_TABLE);
        assertThat(result.table()).hasSize(2);
    }

    /** A fence that slips spoils just what was cut at its setting. */
    @Test
    void aSlippedFenceSpoilsWhatWasCutAtIt() {
        RunPlan plan = RunPlan.of(line(MATTED, 6), shelf(paper(SheetSizes.TWELVE_SQUARE)), Thrift.FEWEST_SHEETS, TOOLS);
        int last = plan.bench().trim().settings().size();
        TrialRun slipped = TrialRun.of(plan, 99, List.of(new Mishap.FenceSlipped(last, in("1/32"))));
        List<TrimLine> lines = plan.bench().trim().settings().get(last - 1).steps().stream()
                .map(TrimStep::line)
                .toList();
        assertThat(slipped.cut().table()).allSatisfy(sheet -> {
            boolean isOfLast = lines.stream()
                    .anyMatch(line -> line.sheet().equals(sheet.label().sheet())
                            && line.gives().stream()
                                    .anyMatch(heap -> heap.thing()
                                                    .equals(sheet.label().thing())
                                            && heap.size().equals(sheet.label().size())));
            assertThat(sheet.isAsSaid()).isNotEqualTo(isOfLast);
        });
    }

    /** A shape that is cut by hand needs paper large enough, not just as large as itself. */
    @Test
    void paperForAShapeIsCutToTheNextMark() {
        Card card = make(base("shaped", "4", "5", "shape", "arch", "height", "5", "leftOff", "1/4")
                        .withAdditions(List.of(mat("mat", front(), border("3/16")))))
                .orThrow();
        RunPlan plan = plan(card);
        Piece mat = card.piece(new PieceId("mat")).orElseThrow();
        Size paper = plan.bench().press().plan().paperFor(mat).size();
        assertThat(paper).isNotEqualTo(mat.size());
        assertThat(paper.width().minus(mat.size().width())).isBetween(Length.ZERO, in("1/16"));
        assertThat(TrialRun.of(plan, 99, List.of()).isFine()).isTrue();
    }

    /** What the trimmer cannot show is off by what the list says it is off, and by no more: it is right so. */
    @Test
    void aFigureBetweenTheMarksMakesAPieceThatIsOff() {
        RunPlan plan = RunPlan.of(
                line(folded("2 1/64", "7"), 1), shelf(paper(SheetSizes.TWELVE_SQUARE)), Thrift.FEWEST_SHEETS, TOOLS);
        TrialRun run = TrialRun.of(plan, 99, List.of());
        assertThat(run.isFine()).isTrue();
        assertThat(plan.bench().trim().offMarks()).singleElement().satisfies(off -> {
            assertThat(off.cut()).isEqualTo(size("4 1/16", "7"));
            assertThat(off.sentence(MeasureSystem.INCH).text())
                    .isEqualTo("Base, 4 1/32 × 7 in: your trimmer has no mark for it. It comes out 1/32 in wider.");
        });
    }

    /** Common practice, no source: a 10 × 7 base from 12 × 12 leaves 12 × 5, which gives no second base but another mat. */
    @Test
    void leftoversSayWhatElseTheyCouldGiveAndOtherSizesAreCompared() {
        RunPlan plan = RunPlan.of(line(MATTED, 6), shelf(paper(SheetSizes.TWELVE_SQUARE)), Thrift.FEWEST_SHEETS, TOOLS);
        List<Leftover> leftovers = plan.sheets().lettered().stream()
                .flatMap(sheet -> Leftover.of(sheet).stream())
                .toList();
        assertThat(leftovers)
                .anySatisfy(leftover -> assertThat(leftover.isKept()).isTrue());
        List<OtherSizes> sizes = OtherSizes.of(plan.order().papers().get(0), plan.shelf(), TOOLS.trimmer());
        assertThat(sizes.get(0).size()).isEqualTo(SheetSizes.TWELVE_SQUARE);
        assertThat(sizes)
                .filteredOn(other -> other.size().equals(SheetSizes.LETTER))
                .singleElement()
                .satisfies(letter -> assertThat(letter.plan().sheets())
                        .isGreaterThan(sizes.get(0).plan().sheets()));
    }
}
