package kwibbet.card;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import kwibbet.card.base.Bases;
import kwibbet.card.base.Starts;
import kwibbet.card.feature.Beginnings;
import kwibbet.card.feature.Features;
import kwibbet.card.feature.Placing;
import kwibbet.card.feature.QuickWays;
import kwibbet.measure.Graduation;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.paper.PaperId;
import kwibbet.review.Finding;
import kwibbet.review.Review;
import kwibbet.shape.Size;

import static org.assertj.core.api.Assertions.assertThat;

/** What is offered to makers who measure in millimetres is round in them, and can be made as what is offered in inches can. */
class PresetsTest {

    private static final Graduation HALVES = new Graduation(Length.ofMillimetres(1, 2));
    private static final Materials METRIC = new Materials(Materials.USUAL.shelf(), Graduation.MILLIMETRES);

    /** 1/8 in is usual and 3 mm is where millimetres are; common practice, no source. The others are the nearest of our own row. */
    @ParameterizedTest
    @CsvSource({"1/8,3", "1/16,1.5", "1/4,6", "1/2,12", "3/8,10", "1,25", "2,50", "4,100", "1/64,0.5", "-1/4,-6", "0,0"
    })
    void hasAUsualLengthForEachOfTheInchTrade(String inches, String millimetres) {
        Length length = Length.parse(inches, MeasureSystem.INCH);
        assertThat(MeasureSystem.METRIC.usual(length)).isEqualTo(Length.parse(millimetres, MeasureSystem.METRIC));
        assertThat(MeasureSystem.INCH.usual(length)).isEqualTo(length);
    }

    private static Card card(Base base, MeasureSystem system, Size size) {
        Design design = Design.of("Offered", system, base, Starts.sized(base, size, system), PaperId.NONE);
        return CardMaker.make(design, system == MeasureSystem.METRIC ? METRIC : Materials.USUAL)
                .orThrow();
    }

    private static List<String> odd(String what, Settings settings, Graduation marks) {
        return settings.lengths().entrySet().stream()
                .filter(entry -> !entry.getValue().roundedTo(marks).isExact())
                .map(entry -> what + " " + entry.getKey() + " " + entry.getValue())
                .toList();
    }

    @Test
    void everyLengthOfEveryBaseAndFeatureIsRound() {
        List<String> odd = new ArrayList<>();
        for (Base base : Bases.ALL) {
            Card card = card(
                    base,
                    MeasureSystem.METRIC,
                    CardSize.find("a5").orElseThrow().size());
            odd.addAll(odd(base.key(), card.design().settings(), HALVES));
            for (Feature feature : Features.ALL) {
                odd.addAll(odd(base.key() + ", " + feature.key(), Beginnings.of(feature, card, host(card)), HALVES));
            }
            QuickWays.matEveryPanel(card).additions().forEach(mat -> odd.addAll(odd("mats", mat.settings(), HALVES)));
        }
        assertThat(odd).isEmpty();
    }

    @Test
    void whatCanBeMadeInInchesCanBeMadeInMillimetres() {
        List<String> refused = new ArrayList<>();
        for (Base base : Bases.ALL) {
            Card inches = card(
                    base,
                    MeasureSystem.INCH,
                    CardSize.find("five-by-seven").orElseThrow().size());
            Card millimetres = card(
                    base,
                    MeasureSystem.METRIC,
                    CardSize.find("a5").orElseThrow().size());
            for (Feature feature : Features.ALL) {
                if (added(inches, feature).isEmpty()) {
                    added(millimetres, feature).forEach(reason -> refused.add(base.key() + ": " + reason));
                }
            }
        }
        assertThat(refused).isEmpty();
    }

    /** What laps behind its opening or stays off edges needs more room beside the first than an opening; slits open at another edge. One cut of the corners takes them all. */
    @ParameterizedTest
    @CsvSource({"INCH,five-by-seven,1/16", "INCH,standard,1/16", "METRIC,a5,0.5"})
    void aSecondOfEachBeginsWhereItCanBeMade(MeasureSystem system, String size, String marks) {
        List<String> wrong = new ArrayList<>();
        for (Feature feature : Features.ALL) {
            Card card = card(
                    Bases.find("folded").orElseThrow(),
                    system,
                    CardSize.find(size).orElseThrow().size());
            Card first = with(card, feature).orThrow();
            if (!feature.key().equals("ends")
                    && !(feature.key().equals("edge-punch") && system == MeasureSystem.METRIC)) {
                with(first, feature).reasons().forEach(reason -> wrong.add(feature.key() + ": " + reason.message()));
            }
            wrong.addAll(odd(
                    feature.key(),
                    Beginnings.of(feature, first, host(first)),
                    new Graduation(Length.parse(marks, system))));
        }
        assertThat(wrong).isEmpty();
    }

    /** Three gems, or words, in the middle of a mat would fall out with its window. */
    @ParameterizedTest
    @CsvSource({"bits", "surface"})
    void whatIsSetOnBeginsBesideAWindow(String feature) {
        Card card = card(
                Bases.find("folded").orElseThrow(),
                MeasureSystem.INCH,
                CardSize.find("five-by-seven").orElseThrow().size());
        Card matted = with(card, Features.find("mat").orElseThrow()).orThrow();
        Host mat = new Host.OnPiece(new PieceId("mat-1"));
        Card window = with(matted, Features.find("opening").orElseThrow(), mat).orThrow();
        Card set = with(window, Features.find(feature).orElseThrow(), mat).orThrow();
        assertThat(Review.of(set)).extracting(Finding::rule).doesNotContain("work-cut-away");
    }

    @Test
    void whereThereIsRoomAThingBeginsAsLargeAsItUsuallyIs() {
        Card card = card(
                Bases.find("folded").orElseThrow(),
                MeasureSystem.INCH,
                new Size(Length.ofInches(12), Length.ofInches(12)));
        for (Feature feature : Features.ALL) {
            Settings begun = Beginnings.of(feature, card, host(card));
            Settings usual = feature.start(MeasureSystem.INCH);
            assertThat(feature.parameters())
                    .as(feature.key())
                    .filteredOn(Parameter.OfLength.class::isInstance)
                    .map(Parameter.OfLength.class::cast)
                    .filteredOn(length ->
                            !List.of(Placing.FROM_LEFT, Placing.FROM_TOP).contains(length))
                    .allSatisfy(length -> assertThat(begun.length(length)).isEqualTo(usual.length(length)));
        }
    }

    /** Also on a panel between two folds, on a narrow door and on a strip. */
    @ParameterizedTest
    @CsvSource({"folded", "gate", "roll", "zigzag", "wrap-over", "bridged", "shutter-gate"})
    void whatIsAtAnEdgeOrNeedsRoomBeginsWhereItCanBeMade(String base) {
        Card card = card(
                Bases.find(base).orElseThrow(),
                MeasureSystem.INCH,
                CardSize.find("five-by-seven").orElseThrow().size());
        List<String> refused = new ArrayList<>();
        for (String feature : List.of("edge-die", "edge-punch", "pocket", "stretched-die")) {
            for (Face face : card.faces()) {
                with(card, Features.find(feature).orElseThrow(), new Host.OnFace(face.id()))
                        .reasons()
                        .forEach(reason ->
                                refused.add(feature + " on " + face.id().value() + ": " + reason.message()));
            }
        }
        assertThat(refused).isEmpty();
    }

    /** On what is left of a small frame, cut into from an edge up to its opening, too: the hole of an area may touch its edge. */
    @ParameterizedTest
    @CsvSource({"pinwheel", "square-envelope"})
    void whatHasHardlyAnyRoomIsMadeOrRefused(String base) {
        Card card = card(
                Bases.find(base).orElseThrow(),
                MeasureSystem.INCH,
                CardSize.find("standard").orElseThrow().size());
        Card framed = with(card, Features.find("shaker").orElseThrow()).orThrow();
        for (Feature feature : Features.ALL) {
            Outcome<Card> tried = with(framed, feature, new Host.OnPiece(new PieceId("shaker-1")));
            assertThat(tried.reasons()).as(feature.key()).allSatisfy(reason -> assertThat(reason.message())
                    .isNotBlank());
        }
    }

    private static Host host(Card card) {
        return new Host.OnFace(card.faces().get(0).id());
    }

    private static Outcome<Card> with(Card card, Feature feature) {
        return with(card, feature, host(card));
    }

    private static Outcome<Card> with(Card card, Feature feature, Host host) {
        Settings settings = Beginnings.of(feature, card, host);
        return CardMaker.make(
                card.design().settled().plus(card.design().next(feature, host, settings, Map.of())), card.materials());
    }

    private static List<String> added(Card card, Feature feature) {
        return with(card, feature).reasons().stream()
                .map(reason -> reason.field() + " " + reason.message())
                .toList();
    }
}
