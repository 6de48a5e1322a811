package kwibbet.picture;

import java.util.List;
import java.util.Random;
import java.util.stream.LongStream;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

import kwibbet.Tries;
import kwibbet.card.AnyDesign;
import kwibbet.card.Card;
import kwibbet.card.CardMaker;
import kwibbet.card.Design;
import kwibbet.card.Pose;
import kwibbet.outcome.Outcome;
import kwibbet.review.Finding.Severity;
import kwibbet.review.Review;

import static kwibbet.Inches.MATERIALS;
import static kwibbet.Inches.add;
import static kwibbet.Inches.base;
import static kwibbet.Inches.design;
import static kwibbet.Inches.folded;
import static kwibbet.Inches.front;
import static kwibbet.Inches.make;
import static kwibbet.Inches.on;
import static org.assertj.core.api.Assertions.assertThat;

/** What is drawn in front is what a ray from the eye meets first (ray casting, as in Appel 1968, from memory). */
class RayCastTest {

    private static List<String> disagreements(Card card, long seed) {
        return card.form().poses().stream()
                .flatMap(pose -> RayCast.disagreements(card, MATERIALS.shelf(), pose, new Random(seed), 60).stream())
                .toList();
    }

    /** Cards as they are made, with something behind a panel, between two, or round the whole card. */
    static Stream<Design> designs() {
        var wall = add("mat", "wall", front(), "border", "1/8");
        return Stream.of(
                design(folded("5", "7"), wall, add("blind", "blind", on("wall"))),
                design(folded("5", "7"), add("blind", "blind", front())),
                design(folded("5", "7"), wall, add("shaker", "shaker", on("wall"), "back", "clear")),
                design(
                        folded("5", "7"),
                        wall,
                        add("shaker", "shaker", on("wall"), "back", "clear", "built", "through")),
                design(folded("5", "7"), add("shaker", "shaker", front(), "back", "clear", "built", "through")),
                design(
                        folded("5", "7"),
                        add("ornament", "sign", front(), "shape", "octagon", "width", "2", "height", "2"),
                        add("mat", "mat", on("sign"))),
                base("pinwheel", "4", "4").plus(add("belly-band", "band", on("flap-1-outside"))),
                base("shutter-gate", "5", "7"),
                base("past-fold", "5", "7").plus(add("pocket", "pocket", on("back-outside"))));
    }

    @ParameterizedTest
    @MethodSource("designs")
    void whatIsDrawnInFrontIsInFront(Design design) {
        assertThat(disagreements(make(design).orThrow(), 1)).isEmpty();
    }

    /** Any card there is, unless its parts get into each other's way, which is said of it. */
    @Test
    void itIsSoOnAnyCard() {
        List<Card> cards = LongStream.range(0, 20 + Tries.of(230))
                .mapToObj(seed -> CardMaker.make(AnyDesign.random(seed), MATERIALS))
                .filter(Outcome.Made.class::isInstance)
                .map(Outcome::orThrow)
                .filter(card -> Review.of(card).stream().noneMatch(finding -> finding.severity() == Severity.TROUBLE))
                .toList();
        assertThat(cards).hasSizeGreaterThan(Tries.of(230) / 4);
        assertThat(cards).allSatisfy(card -> assertThat(disagreements(card, cards.indexOf(card)))
                .as(card.design().base().key())
                .isEmpty());
    }

    /** A ray that meets a hole goes on: behind the opening of a mat hangs its blind, and beside it the mat is met. */
    @Test
    void aRayGoesThroughAnOpening() {
        Card card = make(designs().findFirst().orElseThrow(() -> new IllegalStateException("there is a first card")))
                .orThrow();
        Pose shut = card.form().pose(Pose.SHUT);
        assertThat(RayCast.nearest(card, shut, 7.5, 3.6)).contains("blind");
        assertThat(RayCast.nearest(card, shut, 5.5, 3.6)).contains("wall");
        assertThat(RayCast.nearest(card, shut, 5.06, 3.6)).contains("base");
        assertThat(RayCast.nearest(card, shut, 20, 3.6)).contains("nothing");
    }
}
