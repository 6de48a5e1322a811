package kwibbet.card;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

import kwibbet.card.base.Bases;
import kwibbet.card.base.Starts;
import kwibbet.card.feature.Beginnings;
import kwibbet.card.feature.Features;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.shape.Size;

import static kwibbet.Inches.MATERIALS;
import static kwibbet.Inches.STOCK;
import static kwibbet.Inches.base;
import static kwibbet.Inches.make;
import static kwibbet.Inches.on;
import static kwibbet.Inches.size;
import static org.assertj.core.api.Assertions.assertThat;

/** What pages, documents and the service rely on of every base and every feature, those still to be written included. */
class CraftsTest {

    static Stream<Base> bases() {
        return Bases.ALL.stream();
    }

    static Stream<Feature> features() {
        return Features.ALL.stream();
    }

    static Stream<Craft> crafts() {
        return Stream.concat(bases(), features());
    }

    @ParameterizedTest
    @MethodSource("crafts")
    void parametersHaveNamesOfTheirOwnSentencesAndPresetsWithinTheirRange(Craft craft) {
        assertThat(craft.key()).matches("[a-z][a-z-]*");
        assertThat(craft.title()).isNotBlank();
        assertThat(craft.sentence()).endsWith(".");
        assertThat(craft.parameters()).extracting(Parameter::key).doesNotHaveDuplicates();
        assertThat(craft.papers()).extracting(PaperSlot::key).doesNotHaveDuplicates();
        for (Parameter parameter : craft.parameters()) {
            assertThat(parameter.label()).isNotBlank();
            assertThat(parameter.sentence()).as(parameter.key()).endsWith(".");
            if (parameter instanceof Parameter.OfChoice choice) {
                assertThat(choice.choices()).extracting(Parameter.Choice::key).doesNotHaveDuplicates();
                assertThat(choice.choices()).extracting(Parameter.Choice::label).doesNotHaveDuplicates();
            }
        }
        assertThat(CardMaker.outOfRange(craft, Settings.PRESET, MeasureSystem.INCH))
                .isEmpty();
    }

    @ParameterizedTest
    @MethodSource("crafts")
    void whatIsAskedIsAmongWhatCanBeSetWhateverIsChosen(Craft craft) {
        for (Parameter parameter : craft.parameters()) {
            if (parameter instanceof Parameter.OfChoice choice) {
                for (Parameter.Choice way : choice.choices()) {
                    Settings settings = Settings.PRESET.with(choice, way.key());
                    assertThat(craft.parameters()).containsAll(craft.asked(settings));
                    assertThat(craft.asked(settings)).doesNotHaveDuplicates().isNotEmpty();
                }
            }
        }
    }

    @ParameterizedTest
    @MethodSource("bases")
    void keysAreUsedOnce(Base base) {
        assertThat(Bases.find(base.key())).contains(base);
        assertThat(crafts().map(Craft::key)).doesNotHaveDuplicates();
    }

    @ParameterizedTest
    @MethodSource("bases")
    void aBaseHangsTogether(Base base) {
        Form form = make(base(base.key(), "5", "7")).orThrow().form();
        Set<PanelId> seen = new HashSet<>();
        for (Panel panel : form.panels()) {
            panel.hanging()
                    .on()
                    .ifPresent(on -> assertThat(seen).as(panel.id().value()).contains(on));
            assertThat(seen.add(panel.id())).isTrue();
        }
        assertThat(form.panels().stream().filter(panel -> panel.hanging() instanceof Panel.Still))
                .hasSize(1);
        assertThat(form.faces()).extracting(Face::id).doesNotHaveDuplicates();
        assertThat(form.faces()).extracting(Face::title).doesNotHaveDuplicates();
        assertThat(seen).containsAll(form.faces().stream().map(Face::panel).toList());
        List<ScoreId> scores = form.pieces().stream()
                .flatMap(piece -> piece.scores().stream())
                .map(Score::id)
                .toList();
        assertThat(scores).doesNotHaveDuplicates().containsAll(form.closing());
        assertThat(form.poses())
                .extracting(Pose::key)
                .containsExactly(Pose.SHUT, Pose.OPEN, Pose.BEHIND, Pose.STANDING);
        assertThat(form.closing()).allSatisfy(score -> assertThat(
                        form.poses().stream().anyMatch(pose -> pose.angles().containsKey(score)))
                .as(score.value())
                .isTrue());
    }

    /** Four quarters bring everything back where it was; words for sides do not turn back. */
    @ParameterizedTest
    @MethodSource("bases")
    void fourQuarterTurnsAreNone(Base base) {
        Form form = make(base(base.key(), "5", "7")).orThrow().form();
        Form round = form.turned().turned().turned().turned();
        assertThat(round.pieces()).isEqualTo(form.pieces());
        assertThat(round.panels()).isEqualTo(form.panels());
        assertThat(round.finished()).isEqualTo(form.finished());
        assertThat(form.turned().finished()).isEqualTo(form.finished().turned());
    }

    /** How a card that lies a quarter turned stands is the base's to say, like how one stands whose folds are upright. */
    @Test
    void aBaseSaysHowItsCardStandsTurned() {
        Form form = make(base("zigzag", "5", "7")).orThrow().form();
        Pose.View upright = new Pose.View(0, 0, 40, 10);
        Pose.View lying = new Pose.View(0, 3, 5, 7);
        List<Pose> poses = Pose.all(Map.of(), Map.of(), upright, lying);
        Form standing = Form.of(form.finished(), form.base(), form.panels(), form.faces(), poses, form.closing());
        assertThat(standing.pose(Pose.STANDING).view()).isEqualTo(upright);
        assertThat(standing.turned().pose(Pose.STANDING).view()).isEqualTo(lying);
        assertThat(standing.turned().pose(Pose.SHUT).view()).isEqualTo(Pose.View.ABOVE);
    }

    /** Everyday sizes, ISO ones among them: a card of just that size, or a reason that names a parameter. */
    @ParameterizedTest
    @MethodSource("bases")
    void everyEverydaySizeIsMadeOrRefusedByName(Base base) {
        List<String> refused = new ArrayList<>();
        for (CardSize everyday : CardSize.ALL) {
            Settings settings = Starts.sized(base, everyday.size(), everyday.system());
            Design design = Design.of("Card", everyday.system(), base, settings, STOCK);
            Outcome<Card> card = CardMaker.make(design, MATERIALS);
            if (card instanceof Outcome.Made<Card> made) {
                Size finished = made.value().form().finished();
                // Two are as wide as their marks times √2, and a round one is as high as wide.
                boolean isNear = Set.of("pinwheel", "square-envelope", "shaped").contains(base.key());
                assertThat(isNear || finished.equals(everyday.size()))
                        .as(everyday.title())
                        .isTrue();
                assertThat(base.finished(settings)).isEqualTo(finished);
            } else {
                refused.add(everyday.title());
                assertThat(base.parameters())
                        .extracting(Parameter::key)
                        .containsAll(card.reasons().stream()
                                .map(reason -> reason.field())
                                .toList());
            }
        }
        // A shutter as high as a narrow card's is wide has no room for its point.
        assertThat(refused).as(base.key()).hasSizeLessThanOrEqualTo(base.key().equals("shutter-gate") ? 5 : 1);
    }

    @ParameterizedTest
    @MethodSource("features")
    void aFeatureGoesOnEveryFaceOfEveryBaseOrSaysWhyNot(Feature feature) {
        int made = 0;
        for (Base base : Bases.ALL) {
            Card card = make(base(base.key(), "5", "7")).orThrow();
            for (Face face : card.faces()) {
                Host host = new Host.OnFace(face.id());
                PieceId id = new PieceId(feature.key() + "-1");
                Settings settings = Beginnings.of(feature, card, host);
                Addition addition = new Addition(id, "Thing", feature, host, settings, Map.of());
                Outcome<Card> more = make(card.design().plus(addition));
                made += more.reasons().isEmpty() ? 1 : 0;
                more.reasons().forEach(reason -> {
                    String field = reason.field().substring(reason.field().indexOf('.') + 1);
                    boolean named = field.equals("form")
                            || feature.parameters().stream()
                                    .anyMatch(each -> each.key().equals(field));
                    assertThat(named)
                            .as(feature.key() + " on " + face.title() + ": " + reason)
                            .isTrue();
                });
            }
        }
        assertThat(made).as(feature.key()).isGreaterThan(20);
    }

    @ParameterizedTest
    @MethodSource("features")
    void whatAFeatureAddsBearsItsNameAndHangsOnWhatIsThere(Feature feature) {
        Card card = make(base("folded", "8", "10")).orThrow();
        Host host = on("front-outside");
        PieceId id = new PieceId(feature.key() + "-1");
        Addition addition = new Addition(id, "Thing", feature, host, Beginnings.of(feature, card, host), Map.of());
        Card more = make(card.design().plus(addition)).orThrow();
        List<Piece> added = more.pieces().stream()
                .filter(piece -> !card.pieces().stream().map(Piece::id).toList().contains(piece.id()))
                .toList();
        assertThat(added).allSatisfy(piece -> {
            assertThat(piece.id().value()).startsWith(id.value());
            assertThat(more.additionOf(piece.id())).contains(addition);
            assertThat(more.panelsOf(piece.id())).isNotEmpty();
            assertThat(more.join(piece.id())).isPresent();
        });
        boolean leavesATrace = !added.isEmpty()
                || !more.base().openings().isEmpty()
                || !more.base().zones().isEmpty()
                || !more.base().slits().isEmpty()
                || !more.closures().isEmpty()
                || !more.base().partCuts().isEmpty()
                || !more.base().isRectangle();
        assertThat(leavesATrace).as(feature.key()).isTrue();
        assertThat(make(more.design().without(id)).orThrow().pieces()).isEqualTo(card.pieces());
        assertThat(size("8", "10")).isEqualTo(more.form().finished());
    }
}
