package kwibbet.bench;

import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import org.junit.jupiter.api.Test;

import kwibbet.card.Addition;
import kwibbet.card.Card;
import kwibbet.card.Design;
import kwibbet.card.Host;
import kwibbet.card.PieceId;
import kwibbet.card.RunLine;
import kwibbet.card.Settings;
import kwibbet.cutting.Budget;
import kwibbet.layout.KnownPlans;
import kwibbet.layout.SheetPlan.Lettered;
import kwibbet.layout.Thrift;
import kwibbet.making.Way;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.Colour;
import kwibbet.paper.Grain;
import kwibbet.paper.Paper;
import kwibbet.paper.PaperId;
import kwibbet.paper.PaperKind;
import kwibbet.paper.PaperShelf;
import kwibbet.paper.Pattern;
import kwibbet.paper.SheetSizes;
import kwibbet.shape.CutShape;
import kwibbet.shape.Size;
import kwibbet.tool.Die;
import kwibbet.tool.Toolbox;
import kwibbet.tool.Trimmer;
import kwibbet.trial.Mishap;
import kwibbet.trial.TrialRun;

import static kwibbet.Inches.FOLDED;
import static kwibbet.Inches.STOCK;
import static kwibbet.Inches.TOOLS;
import static kwibbet.Inches.add;
import static kwibbet.Inches.border;
import static kwibbet.Inches.card;
import static kwibbet.Inches.die;
import static kwibbet.Inches.folded;
import static kwibbet.Inches.front;
import static kwibbet.Inches.in;
import static kwibbet.Inches.line;
import static kwibbet.Inches.mat;
import static kwibbet.Inches.paper;
import static kwibbet.Inches.shelf;
import static kwibbet.Inches.size;
import static kwibbet.Inches.trimmer;
import static org.assertj.core.api.Assertions.assertThat;

class BenchPlanTest {

    private static final RunLine TWO_MATS = line(
            folded("5", "7"),
            24,
            mat("mat-1", front(), border("1/8")),
            mat("mat-2", new Host.OnPiece(new PieceId("mat-1")), border("1/8")));

    private static RunPlan plan(RunLine line) {
        return RunPlan.of(line, shelf(paper(SheetSizes.TWELVE_SQUARE)), Thrift.FEWEST_SHEETS, TOOLS);
    }

    @Test
    void equalStripsShareOneSetting() {
        RunPlan plan = plan(line(folded("2", "12"), 3));
        assertThat(plan.bench().trim().settings()).singleElement().satisfies(setting -> {
            assertThat(setting.sentence(MeasureSystem.INCH).text()).isEqualTo("Set the fence to 4 in.");
            assertThat(setting.steps()).singleElement().satisfies(step -> {
                assertThat(step.cuts()).hasSize(2);
                assertThat(step.line().sentence().text()).contains("and cut 2 times");
            });
        });
    }

    @Test
    void equalStripsAreTakenTogether() {
        RunPlan plan = plan(line(folded("1 1/2", "5"), 16));
        TrimStep strips = plan.bench().trim().settings().stream()
                .flatMap(setting -> setting.steps().stream())
                .filter(step -> step.parts().size() > 1)
                .findFirst()
                .orElseThrow();
        assertThat(strips.parts()).allSatisfy(part -> assertThat(part)
                .hasSameSizeAs(strips.parts().get(0)));
        assertThat(strips.line().sentence().text())
                .startsWith(
                        "Take the " + strips.sheet().copies() * strips.parts().size() + " strips ")
                .contains(", 2 at once, ")
                .contains(" and cut each");
        int pieces =
                strips.sheet().copies() * (strips.cuts().size() + strips.parts().size());
        assertThat(strips.line().result().text()).isEqualTo("Gives " + pieces + " × Base 5 × 3 in.");
        assertThat(pieces).isEqualTo(16);
        assertThat(plan.bench().trim().lettering()).isEmpty();
    }

    /**
     * A card in millimetres at a trimmer in inches: every setting is a mark it has, what shows the same mark is one part, and no error gathers in the last
     * piece of a row.
     */
    @Test
    void whatATrimmerCannotShowIsCutAtItsMarks() {
        Paper a4 = paper(SheetSizes.of(SheetSizes.Family.A, 4));
        for (int wider = 0; wider < 12; wider++) {
            Size finished = new Size(Length.ofMillimetres(80 + 3L * wider), Length.ofMillimetres(120 - wider));
            Design design =
                    Design.of("Metric", MeasureSystem.METRIC, FOLDED, FOLDED.sized(Settings.PRESET, finished), STOCK);
            RunLine line = line(design.plus(mat("mat", front(), border("1/8"))), 7);
            RunPlan plan = RunPlan.of(line, shelf(a4), Thrift.FEWEST_SHEETS, TOOLS);
            assertThat(TOOLS.trimmer().marks()).isEqualTo(MeasureSystem.INCH);
            assertThat(TrialRun.of(plan, 999, List.of()).isFine()).isTrue();
            assertThat(plan.bench().trim().settings()).allSatisfy(setting -> assertThat(
                            setting.set().isExact() || setting.blade() == TrimSetting.Blade.KNIFE)
                    .isTrue());
            assertThat(plan.bench().trim().offMarks()).isNotEmpty().allSatisfy(off -> {
                assertThat(off.cut().width().minus(off.part().blank().width()).abs())
                        .isLessThanOrEqualTo(in("1/32"));
                assertThat(off.sentence(MeasureSystem.METRIC).text()).contains("no mark for it", " mm ");
            });
        }
    }

    /** A side as long as the sheet needs no cut, whatever the marks. */
    @Test
    void aSideAsLongAsTheSheetIsNotCut() {
        Size finished = new Size(Length.ofMillimetres(105), Length.ofMillimetres(148));
        Design design = Design.of("A6", MeasureSystem.METRIC, FOLDED, FOLDED.sized(Settings.PRESET, finished), STOCK);
        RunPlan plan = RunPlan.of(
                line(design, 4), shelf(paper(SheetSizes.of(SheetSizes.Family.A, 4))), Thrift.FEWEST_SHEETS, TOOLS);
        assertThat(plan.sheets().sheets()).isEqualTo(2);
        assertThat(plan.bench().trim().settings()).hasSize(1);
        assertThat(plan.bench().trim().offMarks())
                .singleElement()
                .satisfies(off -> assertThat(off.cut().width()).isEqualTo(Length.ofMillimetres(210)));
    }

    /** Three sheets of 1/64 in make a stack of 3/64; a trimmer that takes a stack of 1/32 cuts two of them at once. */
    @Test
    void aStackIsAsThickAsTheTrimmerTakes() {
        Trimmer thin = trimmer(5, in("1/32"), Trimmer.Slits.NONE);
        assertThat(thin.passesFor(7, in("1/64"))).isEqualTo(4);
        assertThat(thin.passesFor(7, in("1/16"))).isEqualTo(7);
    }

    @Test
    void filmComesLastAndGetsTheOldBlade() {
        Paper film = new Paper(
                new PaperId("film"),
                "Film",
                PaperKind.FILM,
                new Paper.Format(size("8", "10"), MeasureSystem.INCH, Length.ZERO),
                new Paper.Face(Colour.WHITE, Pattern.PLAIN),
                new Paper.Body(Grain.UNKNOWN, 200, in("1/64")),
                new Paper.Kept(10, 0),
                Optional.empty());
        Addition mat = new Addition(
                new PieceId("mat-1"),
                "mat-1",
                new kwibbet.card.feature.Mat(),
                front(),
                border("1/2"),
                Map.of("paper", film.id()));
        RunPlan plan = RunPlan.of(
                line(folded("5", "7"), 2, mat),
                shelf(paper(SheetSizes.TWELVE_SQUARE), film),
                Thrift.FEWEST_SHEETS,
                TOOLS);
        List<TrimSetting> settings = plan.bench().trim().settings();
        assertThat(settings.get(settings.size() - 1)
                        .sentence(MeasureSystem.INCH)
                        .text())
                .contains("use the old blade");
        assertThat(settings.get(0).blade()).isEqualTo(TrimSetting.Blade.TRIMMER);
    }

    @Test
    void theScoreIsSaidForEitherHand() {
        ScoreStep step =
                plan(TWO_MATS).bench().score().settings().get(0).steps().get(0);
        assertThat(step.count()).isEqualTo(24);
        assertThat(step.sentence(MeasureSystem.INCH).text())
                .isEqualTo("Base, inside up, left edge at the fence: score in groove 5 in.");
        Toolbox left = TOOLS.forOtherHand();
        RunPlan plan = RunPlan.of(TWO_MATS, shelf(paper(SheetSizes.TWELVE_SQUARE)), Thrift.FEWEST_SHEETS, left);
        assertThat(plan.bench()
                        .score()
                        .settings()
                        .get(0)
                        .steps()
                        .get(0)
                        .sentence(MeasureSystem.INCH)
                        .text())
                .startsWith("Base, inside up, right edge at the fence");
        ScoreList far = plan(line(folded("14", "5"), 1)).bench().score();
        assertThat(far.byRuler().get(0).sentence(MeasureSystem.INCH).text())
                .contains("Your board ends before that")
                .contains("The nearest it can score is 12 in");
    }

    @Test
    void matsAreStuckOnEachOtherBeforeTheyGoOnTheCard() {
        RunPlan plan = plan(TWO_MATS);
        assertThat(plan.makeOf(plan.card(), Way.BATCH).steps())
                .extracting(step -> step.sentence(MeasureSystem.INCH).text())
                .containsExactly(
                        "Score Base: 5 in from the left edge.",
                        "Fold the base along its score, inside faces together, and press the crease flat.",
                        "Put tape on the back of mat-2, 1/16 in off its edges. Leave its liner on.",
                        "Stick mat-2 on mat-1, centred: 1/8 in shows all round.",
                        "Put tape on the back of mat-1, 1/16 in off its edges. Leave its liner on.",
                        "Stick mat-1 on the front, centred: 1/8 in shows all round.");
    }

    @Test
    void cutsBeyondTheTrimmerAreSaid() {
        RunPlan plan =
                RunPlan.of(line(folded("7", "15"), 1), shelf(paper(size("20", "30"))), Thrift.FEWEST_SHEETS, TOOLS);
        assertThat(plan.bench()
                        .trim()
                        .settings()
                        .get(0)
                        .steps()
                        .get(0)
                        .line()
                        .sentence()
                        .text())
                .isEqualTo("Take the sheet 20 × 30 in, measure from the top edge and cut with a knife along a ruler. "
                        + "This is longer than your trimmer cuts.");
        assertThat(plan.sheets().lettered().get(0).letter()).isEqualTo("A");
    }

    /** A collar's two slits, 3 in across and 2 in down: at the fence, or with a knife where the trimmer only cuts from edge to edge. */
    @Test
    void slitsStartAndStopInsideThePiece() {
        Card card = card(
                folded("5", "7"), add("collar", "collar", front(), "reach", "1 1/2", "length", "2", "fromTop", "1"));
        RunPlan plan = RunPlan.of(line(card, 4), shelf(paper(SheetSizes.TWELVE_SQUARE)), Thrift.FEWEST_SHEETS, TOOLS);
        assertThat(plan.bench().trim().slits())
                .extracting(slit -> slit.sentence(MeasureSystem.INCH).text())
                .containsExactly(
                        "Base, inside up: top edge at the fence, fence at 1 in. Lower the blade 1 in from the left edge and lift it at 4 in.",
                        "Base, inside up: left edge at the fence, fence at 2 1/2 in. Lower the blade 1 in from the top edge and lift it at 3 in.");
        Trimmer plain = trimmer(5, in("1/8"), Trimmer.Slits.NONE);
        Toolbox tools = new Toolbox(plain, TOOLS.board(), TOOLS.press(), List.of(), TOOLS.hand());
        assertThat(RunPlan.of(line(card, 4), shelf(paper(SheetSizes.TWELVE_SQUARE)), Thrift.FEWEST_SHEETS, tools)
                        .bench()
                        .trim()
                        .slits())
                .hasSize(2)
                .allSatisfy(slit -> assertThat(slit.sentence(MeasureSystem.INCH).text())
                        .contains("cut with a knife along a ruler"));
    }

    /** Cut together, two runs share the sheet that each would have opened; every piece still says whose it is. */
    @Test
    void runsCutTogetherShareSheets() {
        RunLine one = line(folded("5", "7"), 1);
        RunLine other = line(folded("2 1/2", "5"), 1);
        PaperShelf papers = shelf(paper(SheetSizes.TWELVE_SQUARE));
        JointPlan together = JointPlan.of(
                List.of(one, other),
                papers,
                Thrift.FEWEST_SHEETS,
                TOOLS,
                KnownPlans.NONE,
                Budget.about(Duration.ofSeconds(2)));
        assertThat(together.apart()).hasValue(2);
        assertThat(together.run().sheets().sheets()).isEqualTo(1);
        assertThat(together.spared()).hasValue(1);
        assertThat(together.run().sheets().proof()).contains("no plan can use fewer");
        Lettered sheet = together.run().sheets().lettered().get(0);
        assertThat(sheet.layout().counts().keySet())
                .hasSize(2)
                .extracting(part -> sheet.part(part).name())
                .containsExactlyInAnyOrder("Test card, Base", "Test card 2, Base");
        assertThat(together.run().bench().trim().numbersOn(sheet))
                .hasSameSizeAs(sheet.layout().cuts());
    }

    /** What two runs need of one die shares its bed, what they score at one setting is scored together, and all of it comes out. */
    @Test
    void runsAreScoredAndPressedTogether() {
        Die disc = die(new CutShape(CutShape.Kind.OVAL, size("1", "1")), 2);
        Toolbox tools = TOOLS.withDies(List.of(disc));
        PaperShelf papers = shelf(paper(SheetSizes.TWELVE_SQUARE));
        Addition dot = add("ornament", "dot", front(), "shape", "oval", "width", "1", "height", "1");
        List<RunLine> lines = List.of(line(folded("2", "5"), 6, dot), line(folded("2", "4"), 4, dot));
        RunPlan run = JointPlan.of(
                        lines,
                        papers,
                        Thrift.FEWEST_SHEETS,
                        tools,
                        KnownPlans.NONE,
                        Budget.about(Duration.ofSeconds(1)))
                .run();
        assertThat(run.bench().press().plan().passes()).isEqualTo(5);
        assertThat(run.bench().press().plan().isProven()).isTrue();
        assertThat(run.bench().score().settings()).singleElement().satisfies(setting -> assertThat(setting.steps())
                .extracting(step -> step.piece().name() + " " + step.count())
                .containsExactly("Test card, Base 6", "Test card 2, Base 4"));
        TrialRun trial = TrialRun.of(run, Integer.MAX_VALUE, List.of());
        assertThat(trial.pieces()).extracting(TrialRun.Made::right).containsExactly(6, 6, 4, 4);
        assertThat(trial.isFine()).isTrue();
        assertThat(TrialRun.of(run, Integer.MAX_VALUE, List.of(new Mishap.DieSlipped(1, in("1/8"))))
                        .isFine())
                .isFalse();
    }
}
