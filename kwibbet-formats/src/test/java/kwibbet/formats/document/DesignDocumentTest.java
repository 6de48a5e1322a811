package kwibbet.formats.document;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import kwibbet.card.Design;
import kwibbet.card.Run;
import kwibbet.card.base.FoldedBase;
import kwibbet.formats.Samples;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Refusal;

import static org.assertj.core.api.Assertions.assertThat;

class DesignDocumentTest {

    private static final Design DESIGN = Samples.design("Lantern “evening” \\ 42");
    private static final String TEXT = DesignDocument.write(DESIGN);

    @Test
    void whatIsWrittenIsReadBack() {
        assertThat(DesignDocument.read(TEXT).orThrow()).isEqualTo(DESIGN);
        Design metric = DESIGN.withSystem(MeasureSystem.METRIC)
                .withBase(
                        DESIGN.settings()
                                .with(FoldedBase.WIDTH, Length.ofMillimetres(10_505, 100))
                                .with(FoldedBase.HEIGHT, Length.ofTicks(700_001))
                                .with(FoldedBase.FOLD, FoldedBase.AT_TOP),
                        DESIGN.paper(),
                        true)
                .withRun(new Run(7, 3));
        assertThat(DesignDocument.read(DesignDocument.write(metric)).orThrow()).isEqualTo(metric);
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
                "\"version\":1|\"version\":2|/version|reads up to version 1",
                "\"version\":1|\"version\":\"x\"|/version|whole number",
                "kwibbet-design|other|/format|kwibbet-design",
                "\"5 in\"|\"five\"|/base/lengths/width|not a length",
                "\"key\":\"folded\"|\"key\":\"origami\"|/base/key|no such base",
                "\"mat-2\"|\"Mat 2\"|/layers/1/id|lower-case",
                "\"1/8 in\"|8|/layers/0/border|missing",
                "\"2 in\"|\"0\"|/layers/1/width|more than 0",
                "\"system\":\"inch\"|\"system\":\"ell\"|/system|inch",
                "\"make\":24|\"make\":2.5|/run/make|whole number"
            })
    void whatIsDamagedIsRefusedWithItsPlace(String found, String instead, String pointer, String words) {
        String damaged = TEXT.replace(found, instead);
        assertThat(damaged).isNotEqualTo(TEXT);
        assertThat(DesignDocument.read(damaged).reasons()).singleElement().satisfies(reason -> {
            assertThat(reason.field()).isEqualTo(pointer);
            assertThat(reason.message()).contains(words);
        });
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
