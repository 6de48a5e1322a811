package kwibbet.formats.document;

import java.util.List;
import java.util.Map;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import kwibbet.bench.RunPlan;
import kwibbet.card.Copies;
import kwibbet.cutting.PartId;
import kwibbet.formats.Samples;
import kwibbet.layout.KnownPlans;
import kwibbet.layout.Thrift;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.Offcut;
import kwibbet.paper.OffcutId;
import kwibbet.paper.Paper;
import kwibbet.paper.PaperShelf;
import kwibbet.run.SettledRun;
import kwibbet.shape.CutShape;
import kwibbet.shape.Size;
import kwibbet.tool.Die;
import kwibbet.tool.DieId;
import kwibbet.tool.Grooves;
import kwibbet.tool.Hand;
import kwibbet.tool.Press;
import kwibbet.tool.ScoringBoard;
import kwibbet.tool.Sides;
import kwibbet.tool.Toolbox;
import kwibbet.tool.Trimmer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

/** What is written of a settled run gives the same lists when it is read. */
class RunDocumentTest {

    private static final Size STRIP = new Size(Length.ofInches(12), Length.ofInches(7));

    private static SettledRun run() {
        List<Paper> papers = Samples.shelf().papers();
        PaperShelf shelf = new PaperShelf(
                papers, List.of(new Offcut(new OffcutId("strip"), papers.get(0).id(), STRIP, 2)));
        List<Die> dies = List.of(new Die(
                new DieId("oval"),
                "Oval",
                new CutShape(CutShape.Kind.OVAL, new Size(Length.ofMillimetres(30), Length.ofInches(1, 3))),
                Length.ofInches(1, 16),
                Die.Detail.INTRICATE,
                new Sides(Sides.Pattern.SCALLOPED, Length.ofInches(1, 4)),
                "ovals",
                3));
        Grooves grooves = new Grooves(
                List.of(new Grooves.Series(Length.ofInches(1, 8), Length.ZERO, Length.ofInches(12))),
                List.of(Length.ofMillimetres(17)));
        Toolbox tools = new Toolbox(
                Toolbox.GENERIC_METRIC.trimmer(),
                new ScoringBoard("board", Length.ofInches(13), grooves, ScoringBoard.Plate.NONE),
                new Press(Length.ofInches(7), Length.ofInches(9), 1),
                dies,
                Hand.LEFT);
        return new SettledRun(
                List.of(
                        new SettledRun.Line("1", Samples.design("Night train", "5", "7"), new Copies(9, 1)),
                        new SettledRun.Line(
                                "2",
                                Samples.design("Harbour", "4", "6").withSystem(MeasureSystem.METRIC),
                                new Copies(24, 0))),
                Thrift.LEFTOVERS_FIRST,
                shelf,
                tools,
                Map.of(new PartId("1/base"), 3),
                KnownPlans.NONE);
    }

    @Test
    void whatIsReadGivesTheSameLists() {
        SettledRun run = run();
        RunPlan plan = run.plan();
        SettledRun read =
                RunDocument.read(RunDocument.write(run, plan.planned())).orThrow();
        assertThat(read.lines()).isEqualTo(run.lines());
        assertThat(read.shelf()).isEqualTo(run.shelf());
        assertThat(read.tools()).isEqualTo(run.tools());
        assertThat(read.cut()).isEqualTo(run.cut());
        assertThat(read.thrift()).isEqualTo(run.thrift());
        assertThat(read.plan()).isEqualTo(plan);
    }

    /** A plan is taken as it stands, and not looked for: another one than would be found is kept. */
    @Test
    void theSheetsAreCutAsTheyWereSettled() {
        SettledRun run = run();
        RunPlan plan = run.plan();
        String worse =
                RunDocument.write(run, plan.planned()).replaceFirst("\"sheetsAtLeast\":\\d+", "\"sheetsAtLeast\":0");
        assertThat(RunDocument.read(worse)
                        .orThrow()
                        .plan()
                        .sheets()
                        .papers()
                        .get(0)
                        .atLeast())
                .isZero();
        String without = RunDocument.write(run, plan.planned()).replace("\"plans\":{\"", "\"plans\":{\"no ");
        assertThatThrownBy(() -> RunDocument.read(without).orThrow().plan()).hasMessageContaining("no plan for");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"kwibbet-run\"|\"kwibbet-day\"|/format",
                "\"version\":1,\"thrift\"|\"version\":9,\"thrift\"|/version",
                "\"onHand\":|\"onHand\":-|/papers/0/onHand",
                "\"hand\":\"left\"|\"hand\":\"both\"|/tools/hand",
                "\"name\":\"Harbour\"|\"name\":7|/lines/1/design/name",
                "\"1/base\":3|\"1/base\":-3|/cut/1/base",
                "\"paper\":\"|\"paper\":\"x|/leftovers/0/paper",
            })
    void whatIsNotInFormIsToldWithItsPlace(String good, String bad, String pointer) {
        SettledRun run = run();
        String text = RunDocument.write(run, run.plan().planned());
        assertThat(text).contains(good);
        assertThat(RunDocument.read(text.replace(good, bad)).reasons())
                .extracting("field")
                .containsExactly(pointer);
    }

    @Test
    void aTrimmerIsReadAsItWasWritten() {
        Trimmer read = RunDocument.read(RunDocument.write(run(), run().plan().planned()))
                .orThrow()
                .tools()
                .trimmer();
        assertThat(read).isEqualTo(Toolbox.GENERIC_METRIC.trimmer());
    }

    /** Before a trimmer was asked how narrow a strip it holds, it held any; the lists of such a run stay as they are. */
    @Test
    void aTrimmerOfAnEarlierReleaseHoldsAnyStrip() {
        SettledRun run = run();
        String earlier = RunDocument.write(run, run.plan().planned()).replaceFirst("\"narrowest\":\"[^\"]*\",", "");
        assertThat(earlier).doesNotContain("narrowest");
        assertThat(RunDocument.read(earlier).orThrow().tools().trimmer().reach().narrowest())
                .isEqualTo(Length.ZERO);
    }
}
