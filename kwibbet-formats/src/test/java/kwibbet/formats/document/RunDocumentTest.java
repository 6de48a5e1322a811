package kwibbet.formats.document;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import kwibbet.bench.KnownLists;
import kwibbet.bench.RunPlan;
import kwibbet.bench.TrimSetting;
import kwibbet.card.Copies;
import kwibbet.cutting.PartId;
import kwibbet.formats.Samples;
import kwibbet.formats.outline.SampleOutlines;
import kwibbet.layout.Thrift;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.measure.Rounded;
import kwibbet.paper.Offcut;
import kwibbet.paper.OffcutId;
import kwibbet.paper.Paper;
import kwibbet.paper.PaperShelf;
import kwibbet.paper.SheetSizes;
import kwibbet.run.SettledRun;
import kwibbet.shape.CutShape;
import kwibbet.shape.Size;
import kwibbet.tool.Die;
import kwibbet.tool.DieId;
import kwibbet.tool.EdgePunch;
import kwibbet.tool.Grooves;
import kwibbet.tool.Hand;
import kwibbet.tool.HandTools;
import kwibbet.tool.Press;
import kwibbet.tool.Punch;
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
                new ScoringBoard("board", Length.ofInches(13), grooves, ScoringBoard.Plate.SQUARE),
                new Press(Length.ofInches(7), Length.ofInches(9), 1),
                dies,
                Hand.LEFT,
                new HandTools(
                        Punch.parse(
                                        "1/8 reaching 1 1/2, jar 1 1/2 reaching 2, hexagon 25mm x 30mm reaching 1",
                                        MeasureSystem.INCH,
                                        List.of(SampleOutlines.jar()))
                                .orThrow(),
                        EdgePunch.parse("4 scallops 1/4 deep every 1/2, waves 3mm deep every 6mm", MeasureSystem.INCH)
                                .orThrow(),
                        List.of(Length.ofInches(1, 4), Length.ofMillimetres(10)),
                        Optional.of(new Size(Length.ofInches(5), Length.ofMillimetres(150))),
                        Optional.of(new Size(Length.ofInches(6), Length.ofInches(6))),
                        Optional.empty(),
                        Optional.of(SheetSizes.LETTER),
                        false));
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
                KnownLists.NONE);
    }

    @Test
    void whatIsReadGivesTheSameLists() {
        SettledRun run = run();
        RunPlan plan = run.plan();
        SettledRun read = RunDocument.read(RunDocument.write(run, plan)).orThrow();
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
        String worse = RunDocument.write(run, plan).replaceFirst("\"sheetsAtLeast\":\\d+", "\"sheetsAtLeast\":0");
        assertThat(RunDocument.read(worse)
                        .orThrow()
                        .plan()
                        .sheets()
                        .papers()
                        .get(0)
                        .atLeast())
                .isZero();
        String without = RunDocument.write(run, plan).replace("\"plans\":{\"", "\"plans\":{\"no ");
        assertThatThrownBy(() -> RunDocument.read(without).orThrow().plan()).hasMessageContaining("no plan for");
    }

    /** Another order than would be found is followed; of an earlier release's run, which has none, one is found. */
    @Test
    void theFenceIsSetAsItWasSettled() {
        SettledRun run = run();
        String text = RunDocument.write(run, run.plan());
        Matcher order = Pattern.compile("\"trimmer\":\\[(.*?)]").matcher(text);
        assertThat(order.find()).isTrue();
        String all = order.group(1);
        List<Rounded> found = sets(run);
        List<String> settings = List.of(all.split(","));
        assertThat(settings).hasSizeGreaterThan(2);
        assertThat(IntStream.range(1, settings.size()).mapToObj(first -> {
                    String other = text.substring(0, order.start(1)) + settings.get(first) + "," + all + "," + all
                            + text.substring(order.end(1));
                    return sets(RunDocument.read(other).orThrow());
                }))
                .anyMatch(sets -> !sets.get(0).equals(found.get(0)));
        String without = text.substring(0, text.indexOf(",\"fence\":")) + "}";
        assertThat(RunDocument.read(without).orThrow().plan()).isEqualTo(run.plan());
    }

    private static List<Rounded> sets(SettledRun run) {
        return run.plan().bench().trim().settings().stream()
                .map(TrimSetting::set)
                .toList();
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
        String text = RunDocument.write(run, run.plan());
        assertThat(text).contains(good);
        assertThat(RunDocument.read(text.replace(good, bad)).reasons())
                .extracting("field")
                .containsExactly(pointer);
    }

    @Test
    void aTrimmerIsReadAsItWasWritten() {
        Trimmer read = RunDocument.read(RunDocument.write(run(), run().plan()))
                .orThrow()
                .tools()
                .trimmer();
        assertThat(read).isEqualTo(Toolbox.GENERIC_METRIC.trimmer());
    }

    /** Before a trimmer was asked how narrow a strip it holds, it held any; the lists of such a run stay as they are. */
    @Test
    void aTrimmerOfAnEarlierReleaseHoldsAnyStrip() {
        SettledRun run = run();
        String earlier = RunDocument.write(run, run.plan()).replaceFirst("\"narrowest\":\"[^\"]*\",", "");
        assertThat(earlier).doesNotContain("narrowest");
        assertThat(RunDocument.read(earlier).orThrow().tools().trimmer().reach().narrowest())
                .isEqualTo(Length.ZERO);
    }
}
