package kwibbet.card;

import net.jqwik.api.Assume;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;

import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.review.Finding;
import kwibbet.review.Review;
import kwibbet.shape.Overlay;
import kwibbet.shape.Region;
import kwibbet.shape.Size;

import static kwibbet.Inches.MATERIALS;
import static kwibbet.Inches.add;
import static kwibbet.Inches.base;
import static kwibbet.Inches.on;
import static org.assertj.core.api.Assertions.assertThat;

/** What holds for any design there is: it gives a card that can be cut, or says what stands in its way. */
class DesignProperties {

    @Property(tries = 400)
    void aDesignGivesACardThatCanBeCutOrNamesWhatStandsInItsWay(@ForAll long seed) {
        Design design = AnyDesign.random(seed);
        Outcome<Card> outcome = CardMaker.make(design, MATERIALS);
        outcome.reasons().forEach(reason -> assertThat(reason.message()).isNotBlank());
        outcome.then(card -> {
            for (Piece piece : card.pieces()) {
                assertThat(Length.min(piece.size().width(), piece.size().height()))
                        .isGreaterThan(Length.ZERO);
                for (Opening opening : piece.openings()) {
                    assertThat(Overlay.contains(Region.of(piece.outline()), opening.outline()))
                            .isTrue();
                }
            }
            Review.of(card);
            return outcome;
        });
    }

    /** A collar on a strip has a flap that is too long: the finding knows no way out, since that is no panel of the strip. */
    @Example
    void aFlapThatAFeatureAddsIsNoPanelOfItsStrip() {
        Design design = base(
                        "custom", "7 1/4", "5 1/4", "lies", "turned", "panel2", "3 3/8", "panel3", "1 3/16", "fold1",
                        "valley", "fold2", "valley", "fold3", "flat")
                .plus(add("collar", "collar-1", on("panel-1-inside"), "fromTop", "1 1/4"));
        assertThat(Review.of(CardMaker.make(design, MATERIALS).orThrow()))
                .extracting(Finding::rule)
                .contains("flap-too-long");
    }

    /** No adhesive on show: it lies within both pieces it holds. */
    @Property(tries = 200)
    void adhesiveLiesWithinBothPieces(@ForAll long seed) {
        CardMaker.make(AnyDesign.random(seed), MATERIALS).then(card -> {
            for (Join join : card.joins()) {
                Region upper = card.panelsOf(join.upper())
                        .get(0)
                        .material(card.piece(join.upper()).orElseThrow())
                        .in(join.placement());
                Region lower = card.panel(join.panel())
                        .orElseThrow()
                        .material(card.piece(join.lower()).orElseThrow());
                for (Region tape : join.adhesive()) {
                    assertThat(Overlay.without(tape, upper).stream()
                                    .mapToDouble(Region::area)
                                    .sum())
                            .isLessThan(1e-3);
                    assertThat(Overlay.without(tape, lower).stream()
                                    .mapToDouble(Region::area)
                                    .sum())
                            .isLessThan(1e-3);
                }
            }
            return Outcome.made(card);
        });
    }

    /** What is known from a card made before changes nothing about the next. */
    @Property(tries = 100)
    void aCardMadeAnewIsTheCard(@ForAll long seed) {
        Design design = AnyDesign.random(seed);
        Remaking remaking = new Remaking(MATERIALS);
        remaking.make(design.resized(new Size(Length.ofInches(6), Length.ofInches(6))));
        remaking.make(design);
        remaking.make(design.withSystem(MeasureSystem.METRIC));
        assertThat(remaking.make(design)).isEqualTo(CardMaker.make(design, MATERIALS));
    }

    @Property(tries = 200)
    void aResizeThereAndBackIsTheDesignItWas(@ForAll long seed) {
        Design design = AnyDesign.random(seed);
        Assume.that(CardMaker.make(design, MATERIALS).reasons().isEmpty());
        Size other = new Size(Length.ofMillimetres(105), Length.ofMillimetres(148));
        assertThat(design.resized(other).resized(design.finished())).isEqualTo(design);
        Size square = new Size(Length.ofInches(6), Length.ofInches(6));
        assertThat(design.resized(other).resized(square).resized(design.finished()))
                .isEqualTo(design);
    }
}
