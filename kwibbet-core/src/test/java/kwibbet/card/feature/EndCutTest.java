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
import kwibbet.press.PressPlan;
import kwibbet.review.Finding;
import kwibbet.review.ToolReview;
import kwibbet.tool.HandTools;
import kwibbet.tool.Toolbox;

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
import static org.assertj.core.api.Assertions.offset;
import static org.assertj.core.api.Assertions.tuple;

/** Areas are worked out by hand: a rounded corner leaves a quarter of a circle of its square. That a corner rounder has one radius is common practice, no source. */
class EndCutTest {

    private static Design banner(String... settings) {
        return base("folded", "5", "7")
                .plus(add("mat", "banner", front(), "fit", "size", "width", "4", "height", "2"))
                .plus(add("ends", "ends", on("banner"), settings));
    }

    private static HandTools rounders(String... radii) {
        List<Length> all = List.of(radii).stream().map(radius -> in(radius)).toList();
        return new HandTools(
                List.of(),
                List.of(),
                all,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                true);
    }

    private static Operation cutOut(Card card, Toolbox tools) {
        PressPlan press = PressPlan.of(List.of(line(card, 1)), tools);
        return Making.of(card, press, Way.ONE).steps().stream()
                .filter(step -> step.does() == Does.CUT_OUT)
                .findFirst()
                .orElseThrow();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "rounded | all | 7.7854 | All four corners: push each into the corner rounder of 1/2 in and punch.",
                "clipped | right | 7.75 | Top right and bottom right: mark 1/2 in along both edges, and cut the corners off.",
                "notched | top | 7.5 | Top left and top right: mark 1/2 in along both edges, and cut the corners out square."
            })
    void cornersComeOff(String cut, String corners, double area, String words) {
        Card card = make(banner("cut", cut, "size", "1/2", "corners", corners)).orThrow();
        Piece banner = card.pieceOf(new PieceId("banner"));
        assertThat(banner.outline().area()).isCloseTo(area, offset(2e-3));
        assertThat(cutOut(card, TOOLS).sentence(MeasureSystem.INCH).text()).isEqualTo("banner. " + words);
    }

    /** A triangle of the end's width, as deep as it is said: 2 × 3/4 / 2 off each end. */
    @Test
    void endsAreCutToFishtails() {
        Card card =
                make(banner("cut", "fishtail", "deep", "3/4", "ends", "across")).orThrow();
        assertThat(card.pieceOf(new PieceId("banner")).outline().area()).isCloseTo(6.5, offset(1e-6));
        assertThat(cutOut(card, TOOLS).sentence(MeasureSystem.INCH).text())
                .isEqualTo(
                        "banner. Each of the edges left and right: mark 3/4 in from it, midway, and cut from there to"
                                + " both its corners.");
    }

    /** A corner at the fold is one of both panels; what is begun on a front takes the corners that are free. */
    @Test
    void cornersAtAFoldStay() {
        Design card = base("folded", "5", "7");
        assertThat(CardMaker.make(card.plus(add("ends", "ends", front())), MATERIALS)
                        .reasons())
                .singleElement()
                .satisfies(reason -> assertThat(reason.message()).contains("would cut into a fold"));
        assertThat(Beginnings.of(new EndCut(), make(card).orThrow(), front()).choice(EndCut.CORNERS))
                .isEqualTo("right");
        assertThat(CardMaker.make(banner("size", "1"), MATERIALS).reasons())
                .singleElement()
                .satisfies(reason -> assertThat(reason.message()).contains("less than 1 in"));
    }

    /** A mat follows a panel with round corners, its straight sides exactly a border within. */
    @ParameterizedTest
    @CsvSource({"1/16, 4 7/8, 6 7/8", "1/8, 4 3/4, 6 3/4", "1/4, 4 1/2, 6 1/2"})
    void aMatKeepsItsBorderExactly(String border, String width, String height) {
        Design design = base("folded", "5", "7")
                .plus(add("ends", "ends", front(), "corners", "right"))
                .plus(add("mat", "mat", front(), "border", border));
        assertThat(make(design).orThrow().pieceOf(new PieceId("mat")).size()).isEqualTo(size(width, height));
    }

    @Test
    void aCornerNeedsARounderOfItsRadius() {
        Card card = make(banner("size", "3/8")).orThrow();
        assertThat(ToolReview.of(card, HandTools.ANY)).isEmpty();
        assertThat(ToolReview.of(card, rounders("1/4", "3/8"))).isEmpty();
        assertThat(cutOut(card, TOOLS.withHandTools(rounders("3/8"))).tool().words())
                .isEqualTo("corner rounder");
        assertThat(ToolReview.of(card, rounders("1/4", "1/8")))
                .extracting(Finding::rule, finding -> finding.words().text())
                .containsExactly(
                        tuple("no-rounder", "You have no corner rounder of 3/8 in for banner; the nearest is 1/4 in."));
        assertThat(cutOut(card, TOOLS.withHandTools(rounders("1/4")))
                        .sentence(MeasureSystem.INCH)
                        .text())
                .contains("set a compass to 3/8 in");
    }

    @Test
    void stencilAndHeatAreAskedOnlyWhereTheyAreSaid() {
        HandTools bench = new HandTools(
                List.of(),
                List.of(),
                List.of(),
                Optional.empty(),
                Optional.of(size("3", "3")),
                Optional.empty(),
                Optional.empty(),
                false);
        Design design = base("folded", "5", "7")
                .plus(add("surface", "dots", front(), "technique", "stencil", "fit", "face"))
                .plus(add("surface", "words", on("back-inside"), "technique", "heat"));
        Card card = make(design).orThrow();
        assertThat(ToolReview.of(card, bench))
                .extracting(Finding::rule)
                .containsExactlyInAnyOrder("stencil-too-small", "no-heat-tool");
        assertThat(ToolReview.of(card, HandTools.ANY)).isEmpty();
        // The whole face follows its size.
        assertThat(make(design.resized(size("4", "6")))
                        .orThrow()
                        .base()
                        .zones()
                        .get(0)
                        .outline()
                        .bounds()
                        .size())
                .isEqualTo(size("4", "6"));
    }
}
