package kwibbet.measure;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.LongRange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

/** What holds of every length: the algebra of whole numbers, and text that reads back. */
class LengthProperties {

    private static final long KILOMETRE = Length.TICKS_PER_MILLIMETRE * 1_000_000;

    @Property
    void addingIsUndoneBySubtracting(
            @ForAll @LongRange(min = -KILOMETRE, max = KILOMETRE) long a,
            @ForAll @LongRange(min = -KILOMETRE, max = KILOMETRE) long b) {
        Length one = Length.ofTicks(a);
        Length other = Length.ofTicks(b);
        assertThat(one.plus(other).minus(other)).isEqualTo(one);
        assertThat(one.plus(other)).isEqualTo(other.plus(one));
        assertThat(one.minus(other)).isEqualTo(other.minus(one).negated());
    }

    @Property
    void equalPartsMakeTheWhole(
            @ForAll @LongRange(min = -KILOMETRE, max = KILOMETRE) long ticks,
            @ForAll @IntRange(min = 1, max = 99) int n) {
        Length length = Length.ofTicks(ticks);
        assertThat(length.multipliedBy(n).dividedBy(n)).isEqualTo(length);
    }

    @Property
    void orderFollowsTheTicks(@ForAll long a, @ForAll long b) {
        Length one = Length.ofTicks(a);
        Length other = Length.ofTicks(b);
        assertThat(Integer.signum(one.compareTo(other))).isEqualTo(Integer.signum(Long.compare(a, b)));
        assertThat(one.isLongerThan(other)).isEqualTo(a > b);
        assertThat(one.equals(other)).isEqualTo(a == b);
    }

    @Property
    void everyLengthIsReadBackFromItsText(@ForAll @LongRange(min = -KILOMETRE, max = KILOMETRE) long ticks) {
        Length length = Length.ofTicks(ticks);
        assertThat(Length.parse(length.toString(), MeasureSystem.INCH)).isEqualTo(length);
        assertThat(Length.parse(length.toString(), MeasureSystem.METRIC)).isEqualTo(length);
    }

    @Property
    void sixtyFourthsAreReadBackFromEveryNotation(
            @ForAll @IntRange(min = 1, max = 99) int whole, @ForAll @IntRange(min = 1, max = 63) int part) {
        Length length = Length.ofInches(whole * 64L + part, 64);
        String fraction = part + "/64";
        assertThat(Length.parse(whole + " " + fraction, MeasureSystem.INCH)).isEqualTo(length);
        assertThat(Length.parse(whole + "-" + fraction, MeasureSystem.INCH)).isEqualTo(length);
        assertThat(Length.parse(whole + " + " + fraction, MeasureSystem.INCH)).isEqualTo(length);
        assertThat(Length.parse((whole + 1) + " - " + (64 - part) + "/64", MeasureSystem.INCH))
                .isEqualTo(length);
        String decimal = String.valueOf(whole + part / 64.0);
        assertThat(Length.parse(decimal, MeasureSystem.INCH)).isEqualTo(length);
        assertThat(Length.parse(Figure.inInches(length).text(), MeasureSystem.INCH))
                .isEqualTo(length);
    }

    @Property
    void theNearestMarkIsAtMostHalfAStepAway(
            @ForAll @LongRange(min = -KILOMETRE, max = KILOMETRE) long ticks,
            @ForAll @LongRange(min = 1, max = 60_960) long step) {
        Graduation graduation = new Graduation(Length.ofTicks(step));
        Rounded nearest = Length.ofTicks(ticks).roundedTo(graduation);
        assertThat(nearest.shown().toTicks() % step).isZero();
        assertThat(Math.abs(nearest.error().toTicks()) * 2).isLessThanOrEqualTo(step);
        assertThat(Length.ofTicks(ticks).roundedUpTo(graduation).error().isNegative())
                .isFalse();
        assertThat(Length.ofTicks(ticks).roundedDownTo(graduation).error().isPositive())
                .isFalse();
    }

    @Property
    void noTextBreaksTheReader(@ForAll String text) {
        try {
            Length.parse(text, MeasureSystem.INCH);
        } catch (LengthParseException refused) {
            assertThat(refused.getMessage()).isNotBlank();
            assertThat(refused.position()).isBetween(0, text.length());
        }
    }

    @Property
    void whatOverflowsThrows(@ForAll @LongRange(min = Long.MAX_VALUE / 2 + 1) long ticks) {
        Length huge = Length.ofTicks(ticks);
        assertThatThrownBy(() -> huge.plus(huge)).isInstanceOf(ArithmeticException.class);
        assertThatThrownBy(() -> huge.multipliedBy(2)).isInstanceOf(ArithmeticException.class);
    }
}
