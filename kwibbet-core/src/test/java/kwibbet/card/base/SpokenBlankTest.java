package kwibbet.card.base;

import java.util.List;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import kwibbet.Inches;
import kwibbet.card.Card;
import kwibbet.card.Design;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Refusal;

import static kwibbet.Inches.STOCK;
import static kwibbet.Inches.in;
import static kwibbet.Inches.make;
import static kwibbet.Inches.size;
import static org.assertj.core.api.Assertions.assertThat;

/** A blank said is the card that is cut so. Sizes are common practice, no source. */
class SpokenBlankTest {

    private static List<SpokenBlank.Reading> readings(String said) {
        return SpokenBlank.parse(said, MeasureSystem.INCH).orThrow().readings(MeasureSystem.INCH, Inches.MATERIALS);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    4 1/4 × 8 1/2, score at 5 1/2          | folded     | 4 1/4 | 5 1/2
                    8 1/2 x 5 1/2 scored at 4 1/4          | folded     | 4 1/4 | 5 1/2
                    10 by 7, score at 2 1/2 and 7 1/2      | gate       | 5     | 7
                    10 × 5 1/2; scored at 4 1/4, 8 1/2     | wrap-over  | 4 1/4 | 5 1/2
                    5 × 9, score at 7                      | folded     | 5     | 7
                    11 15/16 × 6, score at 4 and 8         | roll       | 4     | 6
                    12 × 5, score at 3, 6 and 9            | zigzag     | 3     | 5
                    """)
    void whatIsSaidIsTheBaseItIs(String said, String base, String width, String height) {
        SpokenBlank.Reading first = readings(said).stream()
                .filter(each -> each.base().key().equals(base))
                .findFirst()
                .orElseThrow();
        Card card = make(Design.of("Said", MeasureSystem.INCH, first.base(), first.settings(), STOCK))
                .orThrow();
        assertThat(card.form().finished()).isEqualTo(size(width, height));
    }

    /** 5 × 9 scored at 7 may have a short front, or a clear one: both are offered. */
    @Test
    void whatMayBeSeveralThingsIsOfferedAsEach() {
        assertThat(readings("5 × 9, score at 7"))
                .extracting(each -> each.base().key())
                .contains("folded", "bridged", "custom");
        SpokenBlank.Reading bridged = readings("5 × 9, score at 7").get(1);
        assertThat(bridged.settings().length(BridgedBase.STRIP)).isEqualTo(in("2"));
        // Doors of 2 and 3 1/2 over 5 overlap; nothing else is cut so but a strip of one's own.
        assertThat(readings("10 1/2 × 7, score at 2 and 7"))
                .extracting(each -> each.base().key())
                .containsExactly("gate", "custom");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    a square thing                  | Say it like this
                    5 × 7                           | Say it like this
                    5 × 7, score at 9               | past the end of the blank
                    5 × seven, score at 3           | Say it like this
                    10 × 7, score at 3 and 3        | Scores lie at
                    10 × 7, score at 0              | Scores lie at
                    """)
    void whatCannotBeSaysWhatWouldBeRight(String said, String words) {
        assertThat(SpokenBlank.parse(said, MeasureSystem.INCH).reasons())
                .singleElement()
                .extracting(Refusal::message)
                .asString()
                .contains(words);
    }
}
