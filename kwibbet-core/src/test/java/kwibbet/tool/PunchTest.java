package kwibbet.tool;

import java.util.List;
import java.util.Optional;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import kwibbet.card.Addition;
import kwibbet.card.Card;
import kwibbet.card.Design;
import kwibbet.card.Piece;
import kwibbet.card.PieceId;
import kwibbet.card.Settings;
import kwibbet.card.feature.Ornament;
import kwibbet.making.Does;
import kwibbet.making.Making;
import kwibbet.making.Operation;
import kwibbet.making.Way;
import kwibbet.measure.MeasureSystem;
import kwibbet.outline.OwnShape;
import kwibbet.outline.SampleShapes;
import kwibbet.press.PressPlan;
import kwibbet.review.Finding;
import kwibbet.review.ToolReview;
import kwibbet.shape.CutShape;
import kwibbet.shape.Size;

import static kwibbet.Inches.TOOLS;
import static kwibbet.Inches.add;
import static kwibbet.Inches.base;
import static kwibbet.Inches.in;
import static kwibbet.Inches.line;
import static kwibbet.Inches.make;
import static kwibbet.Inches.on;
import static kwibbet.Inches.size;
import static org.assertj.core.api.Assertions.assertThat;

/** What a punch cuts and reaches; that a throat lets the paper in only so far is common practice, no source. */
class PunchTest {

    private static final List<OwnShape> OWN = List.of(SampleShapes.jar());
    private static final Punch EIGHTH = punch("1/8 reaching 1");

    private static Punch punch(String said) {
        return Punch.parse(said, MeasureSystem.INCH, OWN).orThrow().get(0);
    }

    private static HandTools tools(String said) {
        return tools(Punch.parse(said, MeasureSystem.INCH, OWN).orThrow(), Optional.empty(), Optional.empty());
    }

    private static HandTools tools(List<Punch> punches, Optional<Size> folder, Optional<Size> platform) {
        return new HandTools(punches, List.of(), List.of(), folder, Optional.empty(), platform, Optional.empty(), true);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "1/8 reaching 1 1/2 | 1/8 reaching 1 1/2",
                "1/8 reaching 1 1/2, HEXAGON 1 x 1 reaching 1 | 1/8 reaching 1 1/2, hexagon 1 × 1 reaching 1",
                "scalloped oval 1 1/4 × 1 1/4 reaching 2; 1/4 reaching 2 | scalloped oval 1 1/4 × 1 1/4 reaching 2, 1/4 reaching 2",
                "jar 1 1/2 reaching 2, Jar 3/4 × 1 reaching 1 | Jar 1 1/2 × 2 3/8 reaching 2, Jar 3/4 × 1 reaching 1",
                "3 mm reaching 40mm | 15/127 reaching 1 73/127"
            })
    void punchesAreReadAsTheyAreSaid(String said, String again) {
        List<Punch> punches = Punch.parse(said, MeasureSystem.INCH, OWN).orThrow();
        if (!said.contains("mm")) {
            assertThat(Punch.said(punches, MeasureSystem.INCH)).isEqualTo(again);
        }
        assertThat(Punch.parse(Punch.said(punches, MeasureSystem.INCH), MeasureSystem.INCH, OWN)
                        .orThrow())
                .isEqualTo(punches);
        assertThat(Punch.parse(Punch.said(punches, MeasureSystem.METRIC), MeasureSystem.METRIC, OWN)
                        .orThrow())
                .isEqualTo(punches);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "1/8 | says no size and reach",
                "1/8 reaching 0 | reaches more than 0 in",
                "teapot 1 × 1 reaching 1 | there is no shape called “teapot”",
                "9 reaching 1 | at most 6 in",
                "1/0 reaching 1 | cannot have 0 below"
            })
    void whatIsNoPunchIsToldInWords(String said, String words) {
        assertThat(Punch.parse(said, MeasureSystem.INCH, OWN).reasons())
                .singleElement()
                .satisfies(reason -> {
                    assertThat(reason.field()).isEqualTo("punches");
                    assertThat(reason.message()).contains(words).contains(Punch.example(MeasureSystem.INCH));
                });
    }

    /** Two brads an inch and a half apart on the front of a five-inch card: the farther one three and a quarter in from the free edge. */
    @ParameterizedTest
    @CsvSource({
        "1/16 reaching 3 1/4, , 1/16 in hole punch",
        "1/16 reaching 3, punch-too-short, knife and ruler",
        "1/4 reaching 2, no-punch, knife and ruler"
    })
    void aHoleNeedsAPunchOfItsSizeThatReachesIt(String said, String rule, String tool) {
        Design design = base("folded", "5", "7")
                .plus(add("bits", "bolts", on("front-outside"), "bit", "brad", "count", "2", "apart", "1 1/2"));
        Card card = make(design).orThrow();
        assertThat(ToolReview.of(card, tools(said)))
                .extracting(Finding::rule)
                .isEqualTo(rule == null ? List.of() : List.of(rule));
        assertThat(ToolReview.of(card, HandTools.ANY)).isEmpty();
        Operation open = holes(card, TOOLS.withHandTools(tools(said)));
        assertThat(open.tool().words()).isEqualTo(tool);
        assertThat(open.sentence(MeasureSystem.INCH).text().contains("point of a knife"))
                .isEqualTo(rule != null);
        assertThat(holes(card, TOOLS).tool().words()).isEqualTo("punch");
    }

    /** A blind's holes lie deep in its strip and at the edge of its pleats; a card of four panels has no pleats, whatever its scores. */
    @Test
    void pleatsArePunchedWhereTheyLieOnEachOther() {
        HandTools eighth = tools("1/8 reaching 1/4");
        Card blind = make(base("folded", "5", "7").plus(add("blind", "blind", on("front-outside"))))
                .orThrow();
        assertThat(ToolReview.of(blind, eighth)).isEmpty();
        Card zigzag = make(base("zigzag", "4", "5").plus(add("tie", "tie", on("panel-2-inside"), "apart", "1")))
                .orThrow();
        assertThat(ToolReview.of(zigzag, eighth)).extracting(Finding::rule).contains("punch-too-short");
    }

    private static Operation holes(Card card, Toolbox tools) {
        PressPlan press = PressPlan.of(List.of(line(card, 1)), tools);
        return Making.of(card, press, Way.ONE).steps().stream()
                .filter(step -> step.does() == Does.OPEN)
                .findFirst()
                .orElseThrow();
    }

    /** What no die cuts a punch may, out of a scrap small enough for it; a die goes first. */
    @Test
    void aLabelIsPunchedOutOfAScrap() {
        Card card = make(base("folded", "5", "7")
                        .plus(add(
                                "ornament",
                                "sign",
                                on("front-outside"),
                                "shape",
                                "hexagon",
                                "width",
                                "1",
                                "height",
                                "1")))
                .orThrow();
        Toolbox punched = TOOLS.withHandTools(tools("hexagon 1 × 1 reaching 1"));
        PressPlan press = PressPlan.of(List.of(line(card, 1)), punched);
        // An eighth of an inch of scrap all round it.
        assertThat(press.paperFor(card.piece(new PieceId("sign")).orElseThrow()).size())
                .isEqualTo(size("1 1/4", "1 1/4"));
        Toolbox shallow = TOOLS.withHandTools(tools("hexagon 1 × 1 reaching 3/8"));
        assertThat(PressPlan.of(List.of(line(card, 1)), shallow).byHand())
                .extracting(PressPlan.ByHand::why)
                .containsExactly(PressPlan.Reason.NO_DIE);
        assertThat(press.byHand()).singleElement().satisfies(byHand -> {
            assertThat(byHand.why()).isEqualTo(PressPlan.Reason.PUNCHED);
            assertThat(byHand.cuts().get(0).sentence(MeasureSystem.INCH).text())
                    .isEqualTo(
                            "Punch it out of a scrap with the 1 in hexagon punch, its face up to see where it lands.");
        });
        assertThat(Making.of(card, press, Way.ONE).steps())
                .filteredOn(step -> step.does() == Does.CUT_OUT)
                .singleElement()
                .extracting(step -> step.tool().words())
                .isEqualTo("1 in hexagon punch");
        Die die = kwibbet.Inches.die(CutShape.Kind.HEXAGON, "1", "1");
        assertThat(PressPlan.of(List.of(line(card, 1)), punched.withDies(List.of(die)))
                        .byHand())
                .isEmpty();
        assertThat(EIGHTH.cuts(new CutShape(CutShape.Kind.OVAL, size("1/8", "1/8"))))
                .isTrue();
    }

    /** A round label with a hole: its punch cuts both, and nothing is left to a knife. */
    @Test
    void aPunchCutsTheHoleItHas() {
        Addition label = add("ornament", "label", on("front-outside"));
        CutShape shape = new CutShape(SampleShapes.label(), size("2", "2"));
        Settings cut = new Ornament().cutTo(label.settings(), shape).orElseThrow();
        Card card = make(base("folded", "5", "7").plus(label.with(cut))).orThrow();
        List<OwnShape> own = List.of(SampleShapes.label());
        List<Punch> punch =
                Punch.parse("label 2 reaching 2", MeasureSystem.INCH, own).orThrow();
        Toolbox bench = TOOLS.withHandTools(tools(punch, Optional.empty(), Optional.empty()));
        PressPlan press = PressPlan.of(List.of(line(card, 1)), bench);
        Making making = Making.of(card, press, Way.ONE);
        assertThat(making.steps())
                .extracting(Operation::does)
                .contains(Does.CUT_OUT)
                .doesNotContain(Does.OPEN);
        Piece piece = card.pieceOf(new PieceId("label"));
        assertThat(making.finished().asItIs(piece).openings())
                .isEqualTo(piece.openings())
                .hasSize(1);
        PressPlan none = PressPlan.of(List.of(line(card, 1)), TOOLS);
        assertThat(Making.of(card, none, Way.ONE).steps())
                .extracting(Operation::does)
                .contains(Does.OPEN);
    }

    /** A punch of an outline of the maker's own, said by its width alone: 3 by 4 3/4 at half its size. */
    @Test
    void anOutlineOfOnesOwnIsPunched() {
        Addition jar = add("ornament", "jar", on("front-outside"));
        CutShape half = new CutShape(SampleShapes.jar(), size("1 1/2", "2 3/8"));
        Settings cut = new Ornament().cutTo(jar.settings(), half).orElseThrow();
        Card card = make(base("folded", "5", "7").plus(jar.with(cut))).orThrow();
        PressPlan press = PressPlan.of(List.of(line(card, 1)), TOOLS.withHandTools(tools("jar 1 1/2 reaching 2")));
        assertThat(press.byHand()).extracting(PressPlan.ByHand::why).containsExactly(PressPlan.Reason.PUNCHED);
        assertThat(PressPlan.of(List.of(line(card, 1)), TOOLS.withHandTools(tools("jar 1 5/8 reaching 2")))
                        .byHand())
                .extracting(PressPlan.ByHand::why)
                .containsExactly(PressPlan.Reason.NO_DIE);
    }

    /** A flat base of ten by seven does not go on a platform of six by eight; folded in half it does. A folder of three by four takes no four by four. */
    @ParameterizedTest
    @CsvSource({"6, 8, 0", "4, 8, 1"})
    void aSheetGoesOnThePlatformFlatOrFoldedInHalf(String width, String height, int findings) {
        Card card = make(base("folded", "5", "7").plus(add("surface", "hello", on("front-outside"))))
                .orThrow();
        HandTools platform = tools(List.of(), Optional.empty(), Optional.of(size(width, height)));
        assertThat(ToolReview.of(card, platform)).hasSize(findings);
        Card embossed = make(base("folded", "5", "7")
                        .plus(add(
                                "surface",
                                "ground",
                                on("front-outside"),
                                "technique",
                                "emboss",
                                "width",
                                "4",
                                "height",
                                "4")))
                .orThrow();
        Size folder = new Size(in("3"), in("4"));
        assertThat(ToolReview.of(embossed, tools(List.of(), Optional.of(folder), Optional.empty())))
                .extracting(Finding::rule)
                .containsExactly("folder-too-small");
    }
}
