package kwibbet.measure;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.LongRange;

import static org.assertj.core.api.Assertions.assertThat;

/** What is said in millimetres where the trade says inches. */
class SystemProperties {

    private static final Length MILLIMETRE = Length.ofMillimetres(1);

    /** Bounds are said inwards: whoever keeps to what is said keeps to the bound, and is off it by less than a millimetre. */
    @Property
    void whatIsSaidOfABoundIsWithinIt(@ForAll @LongRange(min = 1, max = 160_000_000) long ticks) {
        Length bound = Length.ofTicks(ticks);
        Length least = MeasureSystem.METRIC.leastSaid(bound);
        Length most = MeasureSystem.METRIC.mostSaid(bound);
        assertThat(least).isGreaterThanOrEqualTo(bound);
        assertThat(most).isLessThanOrEqualTo(bound);
        assertThat(least.minus(bound)).isLessThan(MILLIMETRE);
        assertThat(bound.minus(most)).isLessThan(MILLIMETRE);
        assertThat(Figure.inMillimetres(least).isExact()).isTrue();
        assertThat(MeasureSystem.INCH.leastSaid(bound)).isEqualTo(bound);
    }

    /** The round length is near what it stands for, and the longer of two stands for no shorter one. */
    @Property
    void theUsualLengthIsNearAndInOrder(
            @ForAll @LongRange(min = 15_240, max = 22_400_000) long one,
            @ForAll @LongRange(min = 15_240, max = 22_400_000) long other) {
        Length shorter = MeasureSystem.METRIC.usual(Length.ofTicks(Math.min(one, other)));
        Length longer = MeasureSystem.METRIC.usual(Length.ofTicks(Math.max(one, other)));
        assertThat(shorter).isLessThanOrEqualTo(longer);
        assertThat(shorter.toInches() / Length.ofTicks(Math.min(one, other)).toInches())
                .isBetween(0.7, 1.5);
    }

    /** What a field shows is read as the length itself where a system can say it, and is no stranger's fraction where none can. */
    @Property
    void whatAFieldShowsCanBeTypedAgain(@ForAll @LongRange(min = 1, max = 40_000_000) long ticks) {
        Length length = Length.ofTicks(ticks);
        for (MeasureSystem system : MeasureSystem.values()) {
            Length read = Length.parse(Figure.field(length, system), system);
            boolean isSaid = Figure.inInches(length).isExact()
                    || Figure.inMillimetres(length).isExact();
            if (isSaid) {
                assertThat(read).isEqualTo(length);
            } else {
                assertThat(read.minus(length).abs()).isLessThanOrEqualTo(Length.ofInches(1, 64));
            }
        }
    }
}
