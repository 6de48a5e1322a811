package kwibbet.measure;

import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

class LengthTest {

    /** The international yard and pound agreement of 1959: 1 inch is 25.4 mm exactly. */
    @Test
    void anInchIsTwentyFivePointFourMillimetres() {
        assertThat(Length.ofInches(1)).isEqualTo(Length.ofMillimetres(254, 10));
        assertThat(Length.ofInches(5)).isEqualTo(Length.ofMillimetres(127));
    }

    @Test
    void thirdsSixtyFourthsAndHundredthsOfAMillimetreAreExact() {
        Length third = Length.ofInches(1, 3);
        assertThat(third.plus(third).plus(third)).isEqualTo(Length.ofInches(1));
        assertThat(Length.ofInches(1, 64).multipliedBy(64)).isEqualTo(Length.ofInches(1));
        assertThat(Length.ofMillimetres(1, 100).multipliedBy(2540)).isEqualTo(Length.ofInches(1));
    }

    @Test
    void losingAPartThrows() {
        assertThatThrownBy(() -> Length.ofInches(1, 7)).isInstanceOf(ArithmeticException.class);
        assertThatThrownBy(() -> Length.ofInches(1, 0)).isInstanceOf(ArithmeticException.class);
        assertThatThrownBy(() -> Length.ofTicks(5).dividedBy(2)).hasMessageContaining("exactly");
        assertThatThrownBy(() -> Length.nearestInches(Double.NaN)).isInstanceOf(ArithmeticException.class);
    }

    @Test
    void roundingHandsBackTheError() {
        Rounded onTrimmer = Length.ofInches(4).plus(Length.ofInches(5, 32)).roundedTo(Graduation.SIXTEENTHS);
        assertThat(onTrimmer.shown()).isEqualTo(Length.ofInches(67, 16));
        assertThat(onTrimmer.error()).isEqualTo(Length.ofInches(1, 32));
        assertThat(Length.ofInches(17, 4).roundedTo(Graduation.EIGHTHS).isExact())
                .isTrue();
        assertThat(Length.ofMillimetres(1074, 10)
                        .roundedTo(Graduation.MILLIMETRES)
                        .error())
                .isEqualTo(Length.ofMillimetres(-4, 10));
    }

    @Test
    void printsTheFractionsHandsKnowAndTheNearestOtherwise() {
        assertThat(Figure.inInches(Length.ofInches(17, 4)).text()).isEqualTo("4 1/4");
        assertThat(Figure.inInches(Length.ofInches(-1, 16)).textWithUnit()).isEqualTo("−1/16 in");
        assertThat(Figure.inInches(Length.ofInches(8, 3)).text()).isEqualTo("2 2/3");
        assertThat(Figure.inInches(Length.ZERO).text()).isEqualTo("0");
        assertThat(Figure.inInches(Length.ofMillimetres(100)).text()).isEqualTo("≈ 3 15/16");
        assertThat(Figure.inMillimetres(Length.ofInches(17, 4)).textWithUnit()).isEqualTo("107.95 mm");
        assertThat(Figure.inMillimetres(Length.ofInches(1, 64)).text()).isEqualTo("≈ 0.4");
        assertThat(Figure.decimal(Length.ofInches(1, 16), MeasureSystem.INCH).text())
                .isEqualTo("0.0625");
    }
}
