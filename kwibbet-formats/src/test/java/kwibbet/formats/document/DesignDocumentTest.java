package kwibbet.formats.document;

import java.util.List;
import java.util.Map;
import java.util.Optional;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import kwibbet.artwork.Artwork;
import kwibbet.artwork.ArtworkId;
import kwibbet.card.Addition;
import kwibbet.card.Copies;
import kwibbet.card.Cutter;
import kwibbet.card.Design;
import kwibbet.card.Host;
import kwibbet.card.OwnMaking;
import kwibbet.card.OwnMaking.Telling;
import kwibbet.card.OwnStep;
import kwibbet.card.PieceId;
import kwibbet.card.Settings;
import kwibbet.card.Side;
import kwibbet.card.base.FoldedBase;
import kwibbet.card.feature.Mat;
import kwibbet.card.feature.PrintedPicture;
import kwibbet.formats.Samples;
import kwibbet.layout.Thrift;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Refusal;
import kwibbet.paper.Colour;
import kwibbet.paper.PaperId;
import kwibbet.run.CardRun;
import kwibbet.shape.Size;
import kwibbet.tool.DieId;

import static org.assertj.core.api.Assertions.assertThat;

class DesignDocumentTest {

    private static final Design DESIGN = Samples.design("Lantern “evening” \\ 42")
            .with(OwnMaking.NONE
                    .plus(new OwnStep("own-1", PieceId.BASE, Side.UNDER, "Sign it", "", 2, 0))
                    .told(new Telling(List.of("own-1"), "Sign.")));
    private static final CardRun RUN = new CardRun(DESIGN, new Copies(24, 0), Thrift.FEWEST_SHEETS);
    private static final String TEXT = DesignDocument.write(RUN);

    @Test
    void whatIsWrittenIsReadBack() {
        assertThat(DesignDocument.read(TEXT).orThrow()).isEqualTo(RUN);
        Design metric = DESIGN.withSystem(MeasureSystem.METRIC)
                .with(DESIGN.settings()
                        .with(FoldedBase.WIDTH, Length.ofMillimetres(10_505, 100))
                        .with(FoldedBase.HEIGHT, Length.ofTicks(700_001))
                        .with(FoldedBase.FOLD, FoldedBase.AT_TOP))
                .withPapers(DESIGN.papers(), true)
                .withNotes("Score before lunch.")
                .resized(new Size(Length.ofInches(4), Length.ofInches(6)));
        CardRun other = new CardRun(metric, new Copies(7, 3), Thrift.LEFTOVERS_FIRST);
        assertThat(DesignDocument.read(DesignDocument.write(other)).orThrow()).isEqualTo(other);
        for (Cutter cutter : List.of(Cutter.HAND, new Cutter.ByDie(new DieId("wheel-3")))) {
            CardRun cut = new CardRun(DESIGN.with(DESIGN.settings().with(cutter)), RUN.copies(), RUN.thrift());
            assertThat(DesignDocument.read(DesignDocument.write(cut)).orThrow()).isEqualTo(cut);
        }
    }

    /** What is known of a picture is in the design; its dots go beside it, and come back as they were. */
    @Test
    void picturesTravelWithTheirDesign() {
        Artwork artwork = new Artwork(new ArtworkId("a1b2"), "Poster “dusk”", 1200, 1800, new Colour("#112233"));
        Addition print = new Addition(
                new PieceId("print-1"),
                "Picture",
                new PrintedPicture(),
                new Host.OnPiece(new PieceId("mat-1")),
                Settings.PRESET.with(PrintedPicture.PICTURE, artwork),
                Map.of());
        CardRun printed = RUN.with(DESIGN.plus(print));
        String text = DesignDocument.write(printed);
        assertThat(DesignDocument.read(text).orThrow()).isEqualTo(printed);
        byte[] dots = {1, 2, 3, -4};
        String whole = ArtworkDocument.withDots(text, printed.design(), id -> Optional.of(dots));
        assertThat(DesignDocument.read(whole).orThrow()).isEqualTo(printed);
        assertThat(ArtworkDocument.dots(whole).get(artwork.id())).isEqualTo(dots);
        assertThat(ArtworkDocument.withDots(text, printed.design(), id -> Optional.empty()))
                .doesNotContain("AQID");
        assertThat(DesignDocument.read(text.replace("\"across\":1200", "\"across\":0"))
                        .reasons())
                .singleElement()
                .satisfies(reason -> assertThat(reason.field()).startsWith("/additions/2/pictures/picture"));
    }

    @Test
    void lengthsAreWrittenAsTheyAreSaid() {
        assertThat(TEXT).contains("\"width\":\"5 in\"", "\"border\":\"1/8 in\"");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "\"version\":2|\"version\":3|/version|reads up to version 2",
                "\"version\":2|\"version\":\"x\"|/version|whole number",
                "kwibbet-design|other|/format|kwibbet-design",
                "\"5 in\"|\"five\"|/base/lengths/width|not a length",
                "\"key\":\"folded\"|\"key\":\"origami\"|/base/key|no such base",
                "\"key\":\"folded\"|\"key\":\"folded\",\"cutBy\":\"saw\"|/base/cutBy|which die",
                "\"mat-2\"|\"Mat 2\"|/additions/1/id|lower-case",
                "\"1/8 in\"|8|/additions/0/lengths/border|missing",
                "\"feature\":\"mat\"|\"feature\":\"moat\"|/additions/0/feature|no such feature",
                "\"papers\":{\"paper\":\"stock\"}|\"papers\":{\"paper\":7}|/base/papers/paper|missing",
                "\"system\":\"inch\"|\"system\":\"ell\"|/system|inch",
                "\"make\":24|\"make\":2.5|/run/make|whole number",
                "\"make\":24|\"make\":10001|/run/make|1 to 10 000",
                "\"spares\":0|\"spares\":-1|/run/spares|0 to 1 000",
                "\"make\":24|\"make\":24,\"thrift\":\"none\"|/run/thrift|least-cost",
                "\"minutes\":2|\"minutes\":601|/making/steps/0|0 to 600",
                "\"face\":\"under\"|\"face\":\"left\"|/making/steps/0/face|under",
                "[\"own-1\"]|[]|/making/tellings/0/steps|At least one"
            })
    void whatIsDamagedIsRefusedWithItsPlace(String found, String instead, String pointer, String words) {
        String damaged = TEXT.replace(found, instead);
        assertThat(damaged).isNotEqualTo(TEXT);
        assertThat(DesignDocument.read(damaged).reasons()).singleElement().satisfies(reason -> {
            assertThat(reason.field()).isEqualTo(pointer);
            assertThat(reason.message()).contains(words);
        });
    }

    /** A document as the first version wrote it. */
    @Test
    void theFirstVersionIsStillRead() {
        String first =
                """
                {"format":"kwibbet-design","version":1,"name":"Old","system":"inch",
                 "base":{"key":"folded","paper":"night","foldAlongGrain":true,
                         "lengths":{"width":"4 in"},"choices":{"fold":"top"}},
                 "layers":[{"id":"mat-1","name":"Mat","paper":"oat","face":"front-outside","border":"1/8 in"},
                           {"id":"mat-2","name":"Top","paper":"lamp","layer":"mat-1","width":"2 in","height":"3 in"}],
                 "run":{"make":2,"spares":1}}""";
        CardRun run = DesignDocument.read(first).orThrow();
        assertThat(run.copies()).isEqualTo(new Copies(2, 1));
        Design read = run.design();
        assertThat(read.papers()).containsEntry("paper", new PaperId("night"));
        assertThat(read.foldAlongGrain()).isTrue();
        assertThat(read.additions())
                .extracting(addition -> addition.feature().key())
                .containsExactly("mat", "mat");
        assertThat(read.additions().get(1).settings().length(Mat.HEIGHT)).isEqualTo(Length.ofInches(3));
        assertThat(DesignDocument.read(DesignDocument.write(run)).orThrow()).isEqualTo(run);
        assertThat(DesignDocument.read(first.replace("\"2 in\"", "\"0 in\"")).reasons())
                .extracting(Refusal::field)
                .containsExactly("/layers/1/width");
    }

    @Test
    void whatIsNoDocumentIsRefused() {
        for (String text : new String[] {"", "{", "[]", "null", "42", "{\"format\":\"kwibbet-design\"}", TEXT + "}"}) {
            assertThat(DesignDocument.read(text).reasons())
                    .as(text)
                    .extracting(Refusal::message)
                    .isNotEmpty();
        }
    }
}
