package kwibbet.fold;

import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

import kwibbet.card.Addition;
import kwibbet.card.Base;
import kwibbet.card.Card;
import kwibbet.card.Design;
import kwibbet.card.PanelId;
import kwibbet.card.base.Bases;
import kwibbet.crease.FlatFolding;
import kwibbet.crease.FoldSequence;
import kwibbet.crease.FoldStep;
import kwibbet.crease.FoldStep.Kind;
import kwibbet.crease.Isometry;
import kwibbet.crease.LayerOrder;
import kwibbet.crease.Vertex;

import static kwibbet.Inches.add;
import static kwibbet.Inches.base;
import static kwibbet.Inches.make;
import static kwibbet.Inches.on;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.offset;

class CardFoldingTest {

    private static Card card(String key, String... pairs) {
        return make(base(key, "5", "7", pairs)).orThrow();
    }

    private static FlatFolding.Folds folds(CardFolding folding) {
        return (FlatFolding.Folds) folding.folding();
    }

    private static List<String> sentences(CardFolding folding) {
        return folding.sequence().orElseThrow().steps().stream()
                .map(step -> FoldWords.of(step, folding.pattern().pattern()))
                .toList();
    }

    private static int facet(CardFolding folding, String panel) {
        return Objects.requireNonNull(folding.pattern().carriers().get(new PanelId(panel)));
    }

    /**
     * Common practice, no source: an 8 inch square scored at 3 inches and pleated at 1 closes to 4 1/4; exactly, 3√2, as the docstring of
     * the base derives. Its flaps lie over each other in a ring, the last tucked under the first.
     */
    @Test
    void aPinwheelClosesToThreeTimesTheRootOfTwoWithARingOfFourAndOneTuck() {
        CardFolding pinwheel = CardFolding.of(make(base("pinwheel", "4 1/4", "4 1/4", "mark", "3", "pleat", "1"))
                .orThrow());
        Vertex size = folds(pinwheel).size();
        assertThat(size.x()).isCloseTo(3 * Math.sqrt(2), offset(1e-5));
        assertThat(size.y()).isCloseTo(3 * Math.sqrt(2), offset(1e-5));
        FoldSequence sequence = pinwheel.sequence().orElseThrow();
        assertThat(sequence.count(Kind.TUCK)).isEqualTo(1);
        assertThat(sequence.count(Kind.FOLD)).isEqualTo(7);
        // The flap that is tucked gets its strip folded back before, from behind.
        assertThat(sequence.count(Kind.TURN)).isEqualTo(2);
        assertThat(sentences(pinwheel))
                .containsSequence(
                        "Fold flap 1 over, towards you.",
                        "Fold pleat 1 over, towards you.",
                        "Fold flap 2 over, towards you.",
                        "Fold pleat 2 over, towards you.");
        assertThat(sentences(pinwheel)).last().isEqualTo("Fold flap 4 over and tuck it under flap 1.");
        LayerOrder order = folds(pinwheel).orders().get(0);
        for (int flap = 1; flap <= 4; flap++) {
            int next = flap % 4 + 1;
            assertThat(order.isAbove(facet(pinwheel, "flap-" + next), facet(pinwheel, "flap-" + flap)))
                    .as("flap %s over flap %s", next, flap)
                    .isTrue();
            // Common practice, no source: the strip lies back on its flap.
            assertThat(order.isAbove(facet(pinwheel, "pleat-" + flap), facet(pinwheel, "flap-" + flap)))
                    .isTrue();
        }
    }

    /** What folds is called what its maker calls it. */
    @Test
    void panelsOfAnAdditionAreCalledByItsName() {
        Addition collar = add("collar", "collar-1", on("front-outside")).withName("Lapel");
        Card card = make(base("folded", "5", "7").plus(collar)).orThrow();
        assertThat(card.panels().stream().map(card::nameOf))
                .contains("Lapel, flap 1", "Lapel, flap 2")
                .noneMatch(name -> name.startsWith("collar"));
    }

    static Stream<Base> bases() {
        return Bases.ALL.stream();
    }

    /** From flat to shut: at the end each facet lies where reflecting in every score puts it, and frames end where steps end. */
    @ParameterizedTest
    @MethodSource("bases")
    void everyBaseClosesAndItsFramesEndWhereItsStepsDo(Base base) {
        Card card = make(base(base.key(), "5", "7")).orThrow();
        CardFolding folding = CardFolding.of(card);
        FoldSequence sequence = folding.sequence().orElseThrow();
        assertThat(sequence.isShortest()).isTrue();
        FoldStep last = sequence.steps().get(sequence.steps().size() - 1);
        double spacing = 0.001;
        List<FoldMotion.Way> ways = FoldMotion.of(sequence, folding.leaves(), spacing);
        for (FoldMotion.Way way : ways) {
            Isometry place = way.leaf().at(last.after().places().of(way.leaf().facet()));
            Frame end = way.moments().get(way.moments().size() - 1).frame();
            for (Vertex corner : way.leaf().rings().get(0)) {
                Vector there = end.at(corner.x(), corner.y());
                assertThat(place.apply(corner).distance(new Vertex(there.x(), there.y())))
                        .as("%s of %s", way.leaf().name(), base.key())
                        .isLessThan(1e-9);
                assertThat(Math.abs(there.z())).isLessThan(1);
            }
            assertThat(way.moments().get(0).at()).isZero();
        }
    }

    @Test
    void plyByPlyTheFramesLieAsTheOrderSays() {
        CardFolding folding = CardFolding.of(card("roll"));
        FoldSequence sequence = folding.sequence().orElseThrow();
        List<FoldMotion.Way> ways = FoldMotion.of(sequence, folding.leaves(), 0.01);
        LayerOrder order =
                sequence.steps().get(sequence.steps().size() - 1).after().order();
        for (FoldMotion.Way one : ways) {
            for (FoldMotion.Way other : ways) {
                if (order.isAbove(one.leaf().facet(), other.leaf().facet())) {
                    assertThat(height(one)).isGreaterThan(height(other));
                }
            }
        }
    }

    private static double height(FoldMotion.Way way) {
        return way.moments().get(way.moments().size() - 1).frame().origin().z();
    }

    /** Common practice, no source: a wrap-over flap comes last, over the front; the inner flap of a roll comes first. */
    @ParameterizedTest
    @CsvSource({
        "wrap-over,Fold the front over,Fold the flap over",
        "roll,Fold flap 1 over,Fold the front over",
        "gate,Fold the left door over,Fold the right door over"
    })
    void basesCloseInTheOrderTheyAreMeantTo(String key, String first, String second) {
        assertThat(sentences(CardFolding.of(card(key))))
                .containsExactly(first + ", towards you.", second + ", towards you.");
    }

    @Test
    void theFrontOfAShutCardIsSeenUprightAndWhatRidesOnAPanelGoesAlong() {
        Design design = base("folded", "5", "7").plus(add("mat", "mat-1", on("front-outside"), "border", "1/8"));
        Card card = make(design).orThrow();
        CardFolding folding = CardFolding.of(card);
        FoldStep last = folding.sequence().orElseThrow().steps().get(0);
        List<SeenFace> seen = folding.seen(card, last.after(), last.isSeenFromUnder());
        assertThat(seen).hasSize(1);
        assertThat(seen.get(0).title()).isEqualTo("front");
        assertThat(seen.get(0).wayUp()).isEqualTo("upright");
        assertThat(folding.leaves()).hasSize(3);
        assertThat(folding.pattern().facets()).hasSize(2);
        Thickness thick = Thickness.of(card, folding.leaves(), last.after().places());
        assertThat(thick.thickest().plies()).isEqualTo(3);
        assertThat(thick.thinnest().plies()).isEqualTo(2);
        assertThat(thick.thickest().thick())
                .isEqualTo(card.materials().caliper(card.base().paper()).multipliedBy(3));
    }

    /** What is told to be tucked is what ends up behind something: a shutter behind the sleeve, not the door it hangs on. */
    @Test
    void theShuttersOfAGateAreTuckedAndNotItsDoors() {
        assertThat(sentences(CardFolding.of(card("shutter-gate"))))
                .containsExactly(
                        "Fold the left shutter over, towards you.",
                        "Fold the left door over and tuck the left shutter under the sleeve and the right shutter.",
                        "Fold the right shutter over, towards you.",
                        "Fold the right door over and tuck the right shutter under the left door and the sleeve.");
    }

    /** Doors that overlap close one after the other: the order is fixed, and swung at once they would run into each other. */
    @Test
    void whatMayChangePlacesAndWhatRunsIntoEachOtherIsTold() {
        CardFolding meeting = CardFolding.of(card("gate"));
        assertThat(meeting.sequence()
                        .orElseThrow()
                        .exchangeable(meeting.pattern().pattern()))
                .containsExactly(0);
        assertThat(Swing.of(card("gate"), meeting.pattern()).clashes()).isEmpty();
        Card wide = card("gate", "doors", "overlap", "left", "3", "right", "3");
        CardFolding overlapping = CardFolding.of(wide);
        assertThat(overlapping
                        .sequence()
                        .orElseThrow()
                        .exchangeable(overlapping.pattern().pattern()))
                .isEmpty();
        assertThat(Swing.of(wide, overlapping.pattern()).clashes())
                .containsExactly(new Swing.Clash("left door", "right door"));
        Card roll = card("roll");
        assertThat(Swing.of(roll, CardPattern.of(roll, true)).clashes()).hasSizeLessThanOrEqualTo(1);
    }

    /** A band only comes on when the card is shut, and takes no part in closing it. */
    @Test
    void aBandIsSlippedOverTheShutCard() {
        Design design = base("folded", "5", "7").plus(add("belly-band", "band-1", on("front-outside")));
        CardFolding folding = CardFolding.of(make(design).orThrow());
        assertThat(folding.bands()).hasSize(1);
        assertThat(sentences(folding)).containsExactly("Fold the front over, towards you.");
    }

    @Test
    void theSheetOfTheBaseIsDrawnWithItsScores() {
        CardFolding folding = CardFolding.of(card("gate"));
        CardFolding.BaseSheet sheet = folding.baseSheet().orThrow();
        assertThat(sheet.traced().pattern().facets()).hasSize(3);
        assertThat(sheet.graph().edges().stream().filter(edge -> edge.fold().isPresent()))
                .hasSize(2);
        assertThat(sheet.states()).hasSize(2);
    }
}
