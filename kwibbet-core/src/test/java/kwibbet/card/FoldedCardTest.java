package kwibbet.card;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import kwibbet.card.base.FoldedBase;
import kwibbet.card.feature.Mat;
import kwibbet.measure.Length;
import kwibbet.outcome.Outcome;
import kwibbet.outcome.Refusal;
import kwibbet.shape.Edge;
import kwibbet.shape.Rect;

import static kwibbet.Inches.border;
import static kwibbet.Inches.card;
import static kwibbet.Inches.design;
import static kwibbet.Inches.fixed;
import static kwibbet.Inches.folded;
import static kwibbet.Inches.front;
import static kwibbet.Inches.in;
import static kwibbet.Inches.make;
import static kwibbet.Inches.mat;
import static kwibbet.Inches.on;
import static kwibbet.Inches.size;
import static org.assertj.core.api.Assertions.assertThat;

/** The folded base and its mats; the dimensions are common practice in the craft, no source. */
class FoldedCardTest {

    @ParameterizedTest
    @CsvSource({"4 1/4,5 1/2,side,8 1/2,5 1/2,4 1/4", "5,7,side,10,7,5", "4,9,top,4,18,9", "5,7,top,5,14,7"})
    void theFlatBaseIsTwiceAsDeepAndScoredHalfway(
            String width, String height, String fold, String flatWidth, String flatHeight, String score) {
        Piece base = card(folded(width, height).with(FoldedBase.FOLD, fold)).base();
        assertThat(base.size()).isEqualTo(size(flatWidth, flatHeight));
        assertThat(base.scores()).singleElement().satisfies(at -> {
            Score.Measured measured = at.measured(base.size()).orElseThrow();
            assertThat(measured.at()).isEqualTo(in(score));
            assertThat(measured.from()).isEqualTo(fold.equals("side") ? Edge.LEFT : Edge.TOP);
            assertThat(base.size().across(measured.from().axis()).minus(measured.at()))
                    .isEqualTo(in(score));
            assertThat(measured.isWhole()).isTrue();
        });
    }

    @Test
    void aShortFrontMovesTheScoreAndShortensTheFlat() {
        Card card = card(folded("5", "7").with(FoldedBase.SHORT_BY, in("1 1/2")));
        assertThat(card.base().size()).isEqualTo(size("8 1/2", "7"));
        assertThat(card.base().scores().get(0).line().middle().x()).isEqualTo(in("3 1/2"));
        assertThat(card.form().finished()).isEqualTo(size("5", "7"));
    }

    @Test
    void anEighthAllRoundTheStandardFrontTakesFourByFiveAndAQuarter() {
        Card card = card(
                folded("4 1/4", "5 1/2"),
                mat("mat-1", front(), border("1/8")),
                mat("mat-2", new Host.OnPiece(new PieceId("mat-1")), border("1/8")));
        assertThat(card.pieces().get(1).size()).isEqualTo(size("4", "5 1/4"));
        assertThat(card.pieces().get(2).size()).isEqualTo(size("3 3/4", "5"));
    }

    @Test
    void matsOfAFixedSizeLieInTheMiddle() {
        Card card = card(folded("5", "7"), mat("mat-1", front(), fixed("4 1/2", "6")));
        Join join = card.joins().get(0);
        Rect zone = join.zone().bounds();
        assertThat(zone.left().minus(card.hostArea(join).bounds().left())).isEqualTo(in("1/4"));
        assertThat(zone.top()).isEqualTo(in("1/2"));
    }

    @ParameterizedTest
    @CsvSource({"0,7,width,Width must be 1 to 24 in", "5,-7,height,not −7 in", "5,999,height,not 999 in"})
    void impossibleSizesAreRefusedWithTheirField(String width, String height, String field, String words) {
        Settings settings = Settings.PRESET.with(FoldedBase.WIDTH, in(width)).with(FoldedBase.HEIGHT, in(height));
        assertThat(make(design(settings)).reasons()).singleElement().satisfies(reason -> {
            assertThat(reason.field()).isEqualTo(field);
            assertThat(reason.message()).contains(words);
        });
    }

    @Test
    void whatDoesNotFitIsRefusedWithTheLayerAndTheLimit() {
        Design design = design(
                folded("5", "7"),
                mat("mat-1", front(), fixed("5 1/8", "6")),
                mat("mat-2", front(), border("2 1/2")),
                mat("mat-3", front(), border("-1/8")),
                mat("mat-4", new Host.OnPiece(new PieceId("mat-1")), border("1/8")),
                mat("mat-5", front(), fixed("5", "1/16")));
        assertThat(make(design).reasons())
                .extracting(Refusal::field)
                .containsExactly("mat-1.width", "mat-2.border", "mat-3.border", "mat-4.on", "mat-5.height");
        assertThat(make(design).reasons().get(0).message())
                .contains("at most 5 in")
                .contains("front");
    }

    @Test
    void aFrontKeepsHalfAnInch() {
        Settings settings = folded("5", "7").with(FoldedBase.SHORT_BY, in("4 3/4"));
        assertThat(make(design(settings)).reasons())
                .extracting(Refusal::message)
                .containsExactly("The front must stay 1/2 in deep: shorten it by 4 1/2 in or less.");
    }

    @ParameterizedTest
    @CsvSource({"0,0,make", "1000000,0,make", "1,-1,spares", "1,1001,spares"})
    void absurdCountsAreRefused(int make, int spares, String field) {
        assertThat(new Copies(make, spares).checked().reasons())
                .extracting(Refusal::field)
                .containsExactly(field);
    }

    @Test
    void whatSatOnARemovedLayerSitsOnWhatItSatOn() {
        PieceId lower = new PieceId("mat-1");
        Design design = design(
                folded("5", "7"),
                mat("mat-1", front(), border("1/8")),
                mat("mat-2", new Host.OnPiece(lower), border("1/8")));
        Card card = make(design.without(lower)).orThrow();
        assertThat(card.pieces().get(1).size()).isEqualTo(size("4 3/4", "6 3/4"));
        assertThat(design.without(lower).topOf(on("front-outside"))).isEqualTo(new Host.OnPiece(new PieceId("mat-2")));
    }

    @Property
    void everyLayerLiesWithinWhatItSitsOn(
            @ForAll @IntRange(min = 8, max = 192) int width,
            @ForAll @IntRange(min = 8, max = 192) int height,
            @ForAll @IntRange(max = 40) int border,
            @ForAll boolean top) {
        Length eighth = in("1/8");
        Settings settings = Settings.PRESET
                .with(FoldedBase.WIDTH, eighth.multipliedBy(width))
                .with(FoldedBase.HEIGHT, eighth.multipliedBy(height))
                .with(FoldedBase.FOLD, top ? FoldedBase.AT_TOP : FoldedBase.AT_SIDE);
        Settings fit = Settings.PRESET.with(Mat.BORDER, Length.ofInches(border, 64));
        Design design =
                design(settings, mat("mat-1", front(), fit), mat("mat-2", new Host.OnPiece(new PieceId("mat-1")), fit));
        make(design).then(card -> {
            for (Join join : card.joins()) {
                assertThat(card.hostArea(join).bounds().contains(join.zone().bounds()))
                        .isTrue();
            }
            assertThat(card.joins()).hasSize(2);
            return Outcome.made(card);
        });
    }
}
