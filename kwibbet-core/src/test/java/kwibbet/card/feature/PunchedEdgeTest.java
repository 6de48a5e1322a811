package kwibbet.card.feature;

import java.util.List;
import java.util.Optional;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import kwibbet.card.Card;
import kwibbet.card.CardMaker;
import kwibbet.card.Design;
import kwibbet.card.Piece;
import kwibbet.card.PieceId;
import kwibbet.making.Does;
import kwibbet.making.Making;
import kwibbet.making.Operation;
import kwibbet.making.Way;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.outline.EdgePattern;
import kwibbet.outline.EdgeRun;
import kwibbet.press.HandCut;
import kwibbet.press.PressPlan;
import kwibbet.review.Finding;
import kwibbet.review.Review;
import kwibbet.review.ToolReview;
import kwibbet.shape.Edge;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.shape.Rect;
import kwibbet.shape.Region;
import kwibbet.shape.Size;
import kwibbet.tool.EdgePunch;
import kwibbet.tool.HandTools;
import kwibbet.tool.Toolbox;
import kwibbet.trial.TrialMaking;

import static kwibbet.Inches.MATERIALS;
import static kwibbet.Inches.TOOLS;
import static kwibbet.Inches.add;
import static kwibbet.Inches.base;
import static kwibbet.Inches.front;
import static kwibbet.Inches.in;
import static kwibbet.Inches.line;
import static kwibbet.Inches.make;
import static kwibbet.Inches.on;
import static kwibbet.Inches.size;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.offset;

/** Areas by calculus: of pitch × depth a half ellipse is π/4, a triangle and a sine with its mean in the middle are half. That punches are begun in the middle is common practice, no source. */
class PunchedEdgeTest {

    private static Design strip(String... settings) {
        return base("folded", "5", "7")
                .plus(add("mat", "strip", front(), "fit", "size", "width", "4 1/4", "height", "2"))
                .plus(add("edge-punch", "edge", on("strip"), settings));
    }

    private static HandTools bench(String said) {
        return new HandTools(
                List.of(),
                EdgePunch.parse(said, MeasureSystem.INCH).orThrow(),
                List.of(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                true);
    }

    private static Making making(Card card, Toolbox tools) {
        return Making.of(card, PressPlan.of(List.of(line(card, 1)), tools), Way.ONE);
    }

    private static Operation punched(Card card, Toolbox tools) {
        return making(card, tools).steps().stream()
                .filter(step -> step.does() == Does.CUT_OUT)
                .findFirst()
                .orElseThrow();
    }

    private static List<TrialMaking.Ruin> ruins(Card card) {
        return TrialMaking.of(
                card,
                PressPlan.of(List.of(line(card, 1)), TOOLS),
                making(card, TOOLS).steps());
    }

    private static double area(Card card) {
        return card.pieceOf(new PieceId("strip")).outline().area();
    }

    /** 8 repeats of 1/2 × 1/4 off 4 1/4 × 2. */
    @ParameterizedTest
    @CsvSource({"scallops, 0.214602", "bites, 0.785398", "points, 0.5", "waves, 0.5", "squares, 0.5"})
    void whatIsPunchedOutIsTheShareOfItsPattern(String pattern, double share) {
        for (String edge : List.of("top", "bottom")) {
            Card card = make(strip("edge", edge, "pattern", pattern)).orThrow();
            assertThat(area(card)).isCloseTo(8.5 - 8 * 0.125 * share, offset(2e-3));
        }
        // Three fit on the edges of 2 in by a pitch of 5/8.
        for (String edge : List.of("left", "right")) {
            Card card = make(strip("edge", edge, "pattern", pattern, "pitch", "5/8"))
                    .orThrow();
            assertThat(area(card)).isCloseTo(8.5 - 3 * 0.625 * 0.25 * share, offset(2e-3));
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "whole | 1/2 | two scallops meeting at the mark | 8 scallops; 1/8 in stays plain at both ends.",
                "whole | 17/20 | the middle of a scallop at the mark | 5 scallops, from end to end.",
                "one | 1/2 | the middle of a scallop at the mark | 9 scallops, past both ends, where 3/8 in of the last is left.",
                "gap | 1/2 | two scallops meeting at the mark | 10 scallops, past both ends, where 1/8 in of the last is left."
            })
    void isBegunInTheMiddle(String ends, String pitch, String at, String words) {
        Card card = make(strip("edge", "top", "ends", ends, "pitch", pitch)).orThrow();
        assertThat(punched(card, TOOLS).sentence(MeasureSystem.INCH).text())
                .isEqualTo("strip. The top edge: mark 2 1/8 in from the left, punch with " + at
                        + ", and push the punch on to both sides, in line with what is cut: " + words);
        assertThat(ruins(card)).isEmpty();
    }

    /** Where two edges leave their ends plain, a bit between their last repeats falls off: still the paper is its box, and each edge is punched. */
    @Test
    void allFourEdgesOfAPieceArePunched() {
        Design all = base("folded", "5", "7")
                .plus(add("mat", "strip", front(), "fit", "size", "width", "4 3/8", "height", "6 3/16"));
        for (String edge : List.of("right", "top", "left", "bottom")) {
            all = all.plus(add("edge-punch", edge, on("strip"), "edge", edge));
        }
        Card card = make(all).orThrow();
        Piece strip = card.pieceOf(new PieceId("strip"));
        assertThat(strip.isTrimmed()).isTrue();
        assertThat(PressPlan.of(List.of(line(card, 1)), TOOLS).paperFor(strip).size())
                .isEqualTo(new Size(in("4 3/8"), in("6 3/16")));
        Region box = Region.of(Outline.of(Rect.atOrigin(strip.size())));
        List<Region> bitten =
                strip.edgeCuts().stream().map(cut -> Region.of(cut.outline())).toList();
        double bits =
                Overlay.without(box, bitten).stream().mapToDouble(Region::area).sum() - area(card);
        assertThat(bits).isBetween(0.001, 0.25);
        assertThat(((Operation.CutOut) punched(card, TOOLS)).cuts())
                .hasSize(4)
                .hasOnlyElementsOfType(HandCut.EdgePunched.class);
        assertThat(ruins(card)).isEmpty();
        Design across =
                all.plus(add("edge-die", "cut", on("strip"), "edge", "left", "width", "5", "height", "1", "into", "5"));
        assertThat(CardMaker.make(across, MATERIALS).reasons().get(0).message()).contains("in two");
    }

    /** A flap that is narrower than its paper: what is cut out first has the edge, and where that lies is said. Found among random designs. */
    @Test
    void anEdgeWithinThePaperIsCutOutFirst() {
        Card card = make(base("wrap-envelope", "5", "7")
                        .plus(add("edge-punch", "edge", on("flap-outside"), "edge", "left", "pitch", "3/8")))
                .orThrow();
        Operation.CutOut cut = (Operation.CutOut) punched(card, TOOLS);
        assertThat(cut.cuts()).last().isInstanceOf(HandCut.EdgePunched.class);
        assertThat(cut.sentence(MeasureSystem.INCH).text())
                .contains("The left edge that lies")
                .contains("in from that of the paper: mark");
        assertThat(ruins(card)).isEmpty();
    }

    /** A flap that lies aslant on its paper has no left edge there: it is cut along a print. Found among random designs. */
    @Test
    void anEdgeAslantOnThePaperIsCutAlongAPrint() {
        Card card = make(base("square-envelope", "4", "5", "across", "1", "down", "3 1/16", "overlap", "3 5/8")
                        .plus(add(
                                "edge-punch",
                                "edge",
                                on("flap-outside"),
                                "edge",
                                "left",
                                "pitch",
                                "3/8",
                                "deep",
                                "1/8")))
                .orThrow();
        assertThat(((Operation.CutOut) punched(card, TOOLS)).cuts()).containsOnly(new HandCut.Drawn(Optional.empty()));
    }

    /** Somebody who marks it an eighth beside punches it an eighth beside. */
    @Test
    void theTrialBenchSeesAMarkThatIsOff() {
        Card card = make(strip("edge", "right", "pattern", "points")).orThrow();
        PressPlan press = PressPlan.of(List.of(line(card, 1)), TOOLS);
        List<Operation> steps = making(card, TOOLS).steps();
        List<Operation> beside = steps.stream()
                .<Operation>map(step -> step instanceof Operation.CutOut out
                        ? new Operation.CutOut(
                                out.pieces(),
                                out.cuts().stream()
                                        .map(HandCut.EdgePunched.class::cast)
                                        .<HandCut>map(cut -> new HandCut.EdgePunched(
                                                cut.edge(),
                                                cut.inset(),
                                                cut.run(),
                                                cut.middle().plus(in("1/8")),
                                                cut.plain(),
                                                cut.punch()))
                                        .toList())
                        : step)
                .toList();
        assertThat(TrialMaking.of(card, press, steps)).isEmpty();
        assertThat(TrialMaking.of(card, press, beside))
                .extracting(TrialMaking.Ruin::what)
                .contains("punched from that mark, it comes out beside where it belongs");
    }

    /** All four edges, corners and all: 1/4 deep and 1/8 of border on each side leave a mat 3 1/4 × 2 1/4, cut straight. */
    @Test
    void goesRoundAPanel() {
        Design design =
                base("folded", "5", "7").plus(add("mat", "strip", front(), "fit", "size", "width", "4", "height", "3"));
        for (Edge edge : Edge.values()) {
            design = design.plus(add("edge-punch", "on-" + edge.word(), on("strip"), "edge", edge.word()));
        }
        Card card = make(design.plus(add("mat", "on-it", on("strip"), "border", "1/8")))
                .orThrow();
        assertThat(card.pieceOf(new PieceId("strip")).size().width()).isEqualTo(in("4"));
        assertThat(card.pieceOf(new PieceId("on-it")).outline())
                .isEqualTo(Outline.of(Rect.atOrigin(size("3 1/4", "2 1/4"))));
        assertThat(((Operation.CutOut) punched(card, TOOLS)).cuts()).hasSize(4);
        assertThat(ruins(card)).isEmpty();
    }

    @Test
    void whatIsNoEdgeIsRefusedInWords() {
        Design card = base("folded", "5", "7");
        assertThat(CardMaker.make(card.plus(add("edge-punch", "edge", front(), "edge", "left")), MATERIALS)
                        .reasons())
                .singleElement()
                .satisfies(reason -> assertThat(reason.message()).contains("would cut into a fold"));
        assertThat(Beginnings.of(new PunchedEdge(), make(card).orThrow(), front())
                        .choice(PunchedEdge.EDGE))
                .isEqualTo("right");
        assertThat(CardMaker.make(strip("edge", "left", "pitch", "2 1/4"), MATERIALS)
                        .reasons())
                .singleElement()
                .satisfies(reason -> {
                    assertThat(reason.field()).isEqualTo("edge.pitch");
                    assertThat(reason.message()).contains("2 in long");
                });
        Design round = card.plus(add("ornament", "disc", front(), "shape", "oval", "width", "3", "height", "3"))
                .plus(add("edge-punch", "edge", on("disc"), "edge", "top"));
        assertThat(CardMaker.make(round, MATERIALS).reasons())
                .singleElement()
                .satisfies(reason -> assertThat(reason.message()).contains("no straight edge"));
    }

    /** Two that meet in the middle of 4 1/4 leave 1/8 of the last of 1/2, a quarter; one of 3/5 in the middle leaves 1/40. */
    @Test
    void aShredAtTheEndsIsTold() {
        assertThat(Review.of(make(strip("edge", "top", "ends", "gap")).orThrow()))
                .extracting(Finding::rule)
                .doesNotContain("torn-repeat");
        Card torn = make(strip("edge", "top", "ends", "one", "pitch", "3/5")).orThrow();
        Finding finding = Review.of(torn).stream()
                .filter(each -> each.rule().equals("torn-repeat"))
                .findFirst()
                .orElseThrow();
        assertThat(finding.words().text()).contains("only ≈ 1/32 in").contains("looks torn");
        Design beside = finding.remedy().orElseThrow().design();
        assertThat(Review.of(make(beside).orThrow())).extracting(Finding::rule).doesNotContain("torn-repeat");
    }

    @Test
    void aPunchThatIsMissingOrTooLongIsTold() {
        Card card = make(strip("edge", "top")).orThrow();
        assertThat(ToolReview.of(card, HandTools.ANY)).isEmpty();
        assertThat(ToolReview.of(card, bench("4 scallops 1/4 deep every 1/2"))).isEmpty();
        assertThat(punched(card, TOOLS.withHandTools(bench("4 scallops 1/4 deep every 1/2")))
                        .tool()
                        .words())
                .isEqualTo("1/2 in scallop edge punch");
        HandTools others = bench("scallops 1/8 deep every 3/8, points 1/4 deep every 1/2");
        assertThat(ToolReview.of(card, others)).singleElement().satisfies(finding -> assertThat(
                        finding.words().text())
                .isEqualTo("You have no edge punch for strip: scallops, 1/2 in apart and 1/4 in deep; the nearest"
                        + " cuts scallops, 3/8 in apart and 1/8 in deep."));
        assertThat(punched(card, TOOLS.withHandTools(others)).tool().words()).isEqualTo("knife and ruler");
        HandTools tooLong = bench("9 scallops 1/4 deep every 1/2");
        assertThat(ToolReview.of(card, tooLong)).extracting(Finding::rule).containsExactly("edge-punch-too-long");
        // Over both ends, and from end to end, it may run past the paper.
        assertThat(ToolReview.of(make(strip("edge", "top", "ends", "one")).orThrow(), tooLong))
                .isEmpty();
        assertThat(ToolReview.of(make(strip("edge", "right")).orThrow(), tooLong))
                .isEmpty();
    }

    @Test
    void edgePunchesAreReadAsTheyAreSaid() {
        String said = "4 scallops 1/4 deep every 1/2, points 1/8 deep every 1/4";
        List<EdgePunch> punches = EdgePunch.parse(said, MeasureSystem.INCH).orThrow();
        assertThat(EdgePunch.said(punches, MeasureSystem.INCH)).isEqualTo(said);
        assertThat(punches.get(0).atOnce()).isEqualTo(4);
        assertThat(EdgePunch.parse("6 waves 3 deep every 10", MeasureSystem.METRIC)
                        .orThrow())
                .containsExactly(
                        new EdgePunch(EdgePattern.WAVES, Length.ofMillimetres(10), Length.ofMillimetres(3), 6));
        assertThat(EdgePunch.parse("ruffles 1/4 deep every 1/2", MeasureSystem.INCH)
                        .reasons())
                .singleElement()
                .satisfies(reason ->
                        assertThat(reason.message()).contains("there are scallops, bites, points, waves, squares"));
        assertThat(EdgePunch.parse("99 waves 1/4 deep every 1/2", MeasureSystem.INCH)
                        .reasons())
                .singleElement()
                .satisfies(reason -> assertThat(reason.message()).contains("1 to 40 at a time"));
        assertThatThrownBy(() -> new EdgePunch(EdgePattern.WAVES, Length.ZERO, in("1/4"), 1))
                .isInstanceOf(IllegalArgumentException.class);
    }

    /** A curve drawn with straight edges comes to its corners exactly where repeats meet. */
    @Test
    void repeatsMeetExactly() {
        EdgeRun run = new EdgeRun(EdgePattern.WAVES, in("1/3"), in("1/8"), 7);
        for (int i = 0; i <= 7; i++) {
            Length at = in("1/3").multipliedBy(i);
            assertThat(run.shape().outline().corners())
                    .anyMatch(corner -> corner.x().equals(at) && corner.y().equals(in("1/8")));
        }
        assertThat(run.shape().outline().bounds().size()).isEqualTo(run.shape().size());
    }
}
