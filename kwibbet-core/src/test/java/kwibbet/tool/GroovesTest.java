package kwibbet.tool;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import kwibbet.measure.MeasureSystem;

import static kwibbet.Inches.in;
import static org.assertj.core.api.Assertions.assertThat;

class GroovesTest {

    @Test
    void aRuleIsReadAndSaidAgain() {
        Grooves grooves = Grooves.parse("every 1/4 from 0 to 12, plus 3/8 and 5/8", MeasureSystem.INCH)
                .orThrow();
        assertThat(grooves.places()).hasSize(50).startsWith(in("1/4"), in("3/8"), in("1/2"), in("5/8"));
        assertThat(grooves.words(MeasureSystem.INCH)).isEqualTo("every 1/4 from 0 to 12, 3/8, 5/8");
        assertThat(Grooves.parse(grooves.words(MeasureSystem.INCH), MeasureSystem.INCH)
                        .orThrow())
                .isEqualTo(grooves);
        assertThat(Grooves.parse("every 5mm to 300mm", MeasureSystem.INCH)
                        .orThrow()
                        .places())
                .hasSize(60);
    }

    /** A board in millimetres is said in millimetres, and read again it is the same board. */
    @Test
    void aBoardInMillimetresStaysOne() {
        Grooves grooves =
                Grooves.parse("every 5 to 300, 12.5", MeasureSystem.METRIC).orThrow();
        assertThat(grooves.marks()).isEqualTo(MeasureSystem.METRIC);
        assertThat(grooves.words(MeasureSystem.INCH)).isEqualTo("every 5 mm from 0 to 300 mm, 12.5 mm");
        assertThat(Grooves.parse(grooves.words(MeasureSystem.INCH), MeasureSystem.INCH)
                        .orThrow())
                .isEqualTo(grooves);
        assertThat(Grooves.every(in("1/8"), in("12")).marks()).isEqualTo(MeasureSystem.INCH);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "every 0 to 12", "every 1/4 from 6 to 2", "often", "-1/4", "every 1/64 to 60", "0"})
    void whatIsNoRuleIsRefusedWithAWord(String rule) {
        assertThat(Grooves.parse(rule, MeasureSystem.INCH).reasons())
                .singleElement()
                .satisfies(reason -> {
                    assertThat(reason.field()).isEqualTo("grooves");
                    assertThat(reason.message()).isNotBlank();
                });
    }
}
