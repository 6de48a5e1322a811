package kwibbet.measure;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

class LengthParserTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "4 1/4|17|4",
                "4-1/4|17|4",
                "4¼|17|4",
                "4 ¼|17|4",
                "4.25|17|4",
                "4,25|17|4",
                "17/4|17|4",
                "4 1⁄4|17|4",
                "5 1/2 - 1/4|21|4",
                "5 1/2-1/4|21|4",
                "4 - 1/4|15|4",
                "5 + 2 + 1/8|57|8",
                ".5|1|2",
                "1/3|1|3",
                "2⅔|8|3",
                "4 1/4 in|17|4",
                "4 1/4\"|17|4",
                "4 1/4″|17|4",
                "4 in.|4|1",
                "1/2 inch + 1/4 inches|3|4",
                "-1/16|-1|16",
                "−1/16|-1|16",
                " 7 |7|1",
                "25.4mm|1|1",
                "2.54 CM|1|1",
                "4 in + 12.7mm|9|2"
            })
    void readsEveryNotationInInches(String text, long numerator, long denominator) {
        assertThat(Length.parse(text, MeasureSystem.INCH)).isEqualTo(Length.ofInches(numerator, denominator));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"108|10800", "107.5|10750", "107,55|10755", "10.8cm|10800", "148 - 3|14500", "1/2|50", "5in|12700"
            })
    void readsBareNumbersAsMillimetresInAMetricDesign(String text, long hundredths) {
        assertThat(Length.parse(text, MeasureSystem.METRIC)).isEqualTo(Length.ofMillimetres(hundredths, 100));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "''|0|Enter a length", "four|0|“four” is not a length", "4 1/0|3|0 below the line",
                "4 1/|3|nothing below the line", "4 5|1|two numbers side by side", "4 -1/4|2|blank on both sides",
                "4- 1/4|1|blank on both sides", "4 furlongs|2|“furlongs” is not a unit", "5 1/2 -|7|missing at the end",
                "1,500|1|1500 or 1.500", "9999999999|0|too many figures", "4.|1|missing after the point",
                "1/2/3|3|does not belong", "1 in + 2 mm x|12|does not belong"
            })
    void saysWhatIsWrongAndWhere(String text, int position, String words) {
        String typed = text.equals("''") ? "" : text;
        assertThatThrownBy(() -> Length.parse(typed, MeasureSystem.INCH))
                .isInstanceOfSatisfying(LengthParseException.class, refused -> {
                    assertThat(refused.getMessage()).contains(words);
                    assertThat(refused.position()).isEqualTo(position);
                    assertThat(refused.text()).isEqualTo(typed);
                });
    }

    @ParameterizedTest
    @CsvSource({"0.38,3/8 in", "0.33,1/3 in", "0.06,1/16 in", "4.13,4 1/8 in", "2.67,2 2/3 in", "0.19,3/16 in"})
    void offersTheFractionARoundedDecimalStandsFor(String text, String meant) {
        assertThatThrownBy(() -> Length.parse(text, MeasureSystem.INCH)).hasMessageContaining("Did you mean " + meant);
    }

    @Test
    void refusesWhatNoLengthCanHold() {
        String sum = "999999999 in" + " + 999999999 in".repeat(12);
        assertThat(Length.parse(sum, MeasureSystem.INCH)).isEqualTo(Length.ofInches(13L * 999_999_999));
        assertThatThrownBy(() -> Length.ofInches(Long.MAX_VALUE / 1000)).isInstanceOf(ArithmeticException.class);
        assertThatThrownBy(() -> Length.parse("1".repeat(300), MeasureSystem.INCH))
                .hasMessageContaining("too long");
    }
}
