package kwibbet.card;

import java.util.List;
import java.util.Map;
import java.util.Random;

import net.jqwik.api.Assume;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;

import kwibbet.card.base.Bases;
import kwibbet.card.base.Starts;
import kwibbet.card.feature.Features;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.review.Review;
import kwibbet.shape.Overlay;
import kwibbet.shape.Region;
import kwibbet.shape.Size;

import static kwibbet.Inches.MATERIALS;
import static kwibbet.Inches.STOCK;
import static org.assertj.core.api.Assertions.assertThat;

/** What holds for any design there is: it gives a card that can be cut, or says what stands in its way. */
class DesignProperties {

    /** Found by chance: a shutter whose shoulder lies at its tab has a corner less. */
    @Example
    void aShutterWithoutAShoulderIsMade() {
        assertThat(random(9_052_547_309_058L).name()).isEqualTo("Random");
    }

    /** A design by chance: any base at any size, up to five features anywhere, every parameter anywhere in or about its range. */
    private static Design random(long seed) {
        Random random = new Random(seed);
        Base base = Bases.ALL.get(random.nextInt(Bases.ALL.size()));
        MeasureSystem system = random.nextBoolean() ? MeasureSystem.INCH : MeasureSystem.METRIC;
        Size size =
                new Size(Length.ofInches(16 + random.nextInt(120), 16), Length.ofInches(16 + random.nextInt(120), 16));
        Settings settings = Starts.sized(base, size, system);
        Design design = Design.of(
                "Random", system, base, random.nextInt(3) == 0 ? wild(base, settings, random) : settings, STOCK);
        List<Face> faces = CardMaker.make(design, MATERIALS) instanceof Outcome.Made<Card> made
                ? made.value().faces()
                : List.of(Face.of(new PanelId("front"), Side.UNDER, "front"));
        int count = random.nextInt(6);
        for (int i = 0; i < count; i++) {
            Feature feature = Features.ALL.get(random.nextInt(Features.ALL.size()));
            Host host = !design.additions().isEmpty() && random.nextInt(3) == 0
                    ? new Host.OnPiece(design.additions()
                            .get(random.nextInt(design.additions().size()))
                            .id())
                    : new Host.OnFace(faces.get(random.nextInt(faces.size())).id());
            Addition addition = new Addition(
                    design.nextId(feature),
                    "Thing " + i,
                    feature,
                    host,
                    wild(feature, Settings.PRESET, random),
                    Map.of());
            Design more = design.plus(addition);
            // Mostly such designs as can be made go on; some stay as they are.
            design = CardMaker.make(more, MATERIALS).reasons().isEmpty() || random.nextInt(4) == 0 ? more : design;
        }
        return design;
    }

    private static Settings wild(Craft craft, Settings from, Random random) {
        Settings settings = from;
        for (Parameter parameter : craft.parameters()) {
            if (parameter instanceof Parameter.OfLength length && random.nextBoolean()) {
                long sixteenths = random.nextInt(random.nextInt(8) == 0 ? 400 : 64) - 4L;
                settings = settings.with(length, Length.ofInches(sixteenths, 16));
            } else if (parameter instanceof Parameter.OfCount count && random.nextBoolean()) {
                settings = settings.with(count, count.least() - 1 + random.nextInt(count.most() - count.least() + 3));
            } else if (parameter instanceof Parameter.OfChoice choice) {
                List<Parameter.Choice> choices = choice.choices();
                settings = settings.with(
                        choice, choices.get(random.nextInt(choices.size())).key());
            }
        }
        return settings;
    }

    @Property(tries = 400)
    void aDesignGivesACardThatCanBeCutOrNamesWhatStandsInItsWay(@ForAll long seed) {
        Design design = random(seed);
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

    /** No adhesive on show: it lies within both pieces it holds. */
    @Property(tries = 200)
    void adhesiveLiesWithinBothPieces(@ForAll long seed) {
        CardMaker.make(random(seed), MATERIALS).then(card -> {
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

    @Property(tries = 200)
    void aResizeThereAndBackIsTheDesignItWas(@ForAll long seed) {
        Design design = random(seed);
        Assume.that(CardMaker.make(design, MATERIALS).reasons().isEmpty());
        Size other = new Size(Length.ofMillimetres(105), Length.ofMillimetres(148));
        assertThat(design.resized(other).resized(design.finished())).isEqualTo(design);
        Size square = new Size(Length.ofInches(6), Length.ofInches(6));
        assertThat(design.resized(other).resized(square).resized(design.finished()))
                .isEqualTo(design);
    }
}
