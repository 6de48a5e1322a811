package kwibbet.measure;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.RoundingMode;

/**
 * A length, exact in both systems, as a whole number of ticks.
 *
 * <p>One tick is an eighth of the {@link #GRAIN} of what makers type, 1/121 920 inch: the largest unit of which 1/64 inch, a third of an inch and
 * 0.01 mm are all whole multiples, the inch being 25.4 mm exactly (international yard and pound agreement, 1959). So halves, quarters and eighths of
 * what is typed are exact as well. A length may be negative: offsets and errors are lengths too. The range is that of {@code long}, some 240 000
 * kilometres either way; going past it throws.
 */
public final class Length implements Comparable<Length> {

    private static final long TICKS_PER_GRAIN = 8;

    /** Ticks in one inch. */
    public static final long TICKS_PER_INCH = 121_920 * TICKS_PER_GRAIN;
    /** Ticks in one millimetre. */
    public static final long TICKS_PER_MILLIMETRE = 4_800 * TICKS_PER_GRAIN;

    /** No length. */
    public static final Length ZERO = new Length(0);
    /** The shortest there is. */
    public static final Length TICK = new Length(1);
    /** 1/121 920 inch: whatever is typed in 64ths, thirds and hundredths of a millimetre is a whole multiple of it, and half of it is exact. */
    public static final Length GRAIN = new Length(TICKS_PER_GRAIN);

    /** Up to here the product of a number of inches and the ticks of one is within a thousandth of a tick. */
    private static final double SURELY_NEAR = 1e12;

    private final long ticks;

    private Length(long ticks) {
        this.ticks = ticks;
    }

    /** The length of {@code ticks} ticks. */
    public static Length ofTicks(long ticks) {
        return ticks == 0 ? ZERO : new Length(ticks);
    }

    /**
     * The length of {@code inches} whole inches.
     *
     * @throws ArithmeticException when it is out of range
     */
    public static Length ofInches(long inches) {
        return ofTicks(Math.multiplyExact(inches, TICKS_PER_INCH));
    }

    /**
     * The length of {@code numerator/denominator} inches, exactly.
     *
     * @param denominator not 0
     * @throws ArithmeticException when the fraction is no whole number of ticks, the denominator is 0, or it is out of
     *     range
     */
    public static Length ofInches(long numerator, long denominator) {
        return exactly(BigInteger.valueOf(numerator), BigInteger.valueOf(denominator), TICKS_PER_INCH);
    }

    /**
     * The length of {@code millimetres} whole millimetres.
     *
     * @throws ArithmeticException when it is out of range
     */
    public static Length ofMillimetres(long millimetres) {
        return ofTicks(Math.multiplyExact(millimetres, TICKS_PER_MILLIMETRE));
    }

    /**
     * The length of {@code numerator/denominator} millimetres, exactly.
     *
     * @param denominator not 0
     * @throws ArithmeticException when the fraction is no whole number of ticks, the denominator is 0, or it is out of
     *     range
     */
    public static Length ofMillimetres(long numerator, long denominator) {
        return exactly(BigInteger.valueOf(numerator), BigInteger.valueOf(denominator), TICKS_PER_MILLIMETRE);
    }

    static Length exactly(BigInteger numerator, BigInteger denominator, long ticksPerUnit) {
        BigInteger[] parts =
                numerator.multiply(BigInteger.valueOf(ticksPerUnit)).divideAndRemainder(denominator);
        if (parts[1].signum() != 0) {
            throw new ArithmeticException(numerator + "/" + denominator + " falls between two ticks");
        }
        return ofTicks(parts[0].longValueExact());
    }

    /**
     * The length nearest to a computed number of inches, for what 45°, hexagons and circles yield.
     *
     * @throws ArithmeticException when {@code inches} is not finite or out of range
     */
    public static Length nearestInches(double inches) {
        if (!Double.isFinite(inches)) {
            throw new ArithmeticException(inches + " is no length");
        }
        // A drawing asks this thousands of times: the plain product will do unless it is huge or so near a half that
        // its own error counts.
        double near = inches * TICKS_PER_INCH;
        if (Math.abs(near) < SURELY_NEAR && Math.abs(near - Math.floor(near) - 0.5) > 1e-3) {
            return ofTicks(Math.round(near));
        }
        return ofTicks(BigDecimal.valueOf(inches)
                .multiply(BigDecimal.valueOf(TICKS_PER_INCH))
                .setScale(0, RoundingMode.HALF_EVEN)
                .longValueExact());
    }

    /**
     * Reads what a maker types: {@code 4 1/4}, {@code 4-1/4}, {@code 4¼}, {@code 4.25}, {@code 108mm}, {@code 10.8 cm},
     * {@code 20 m}, {@code 33 ft}, {@code 10 yd}, {@code 5 1/2 - 1/4}.
     *
     * @param text the entry; may hold sums with {@code +} and {@code -}
     * @param system what a number without a unit is measured in
     * @throws LengthParseException when the text is not a length, is ambiguous, is out of range, or is a decimal that
     *     no mark stands for exactly
     */
    public static Length parse(String text, MeasureSystem system) {
        return new LengthParser(text, system).parse();
    }

    /**
     * This length and another together.
     *
     * @throws ArithmeticException when it is out of range
     */
    public Length plus(Length other) {
        return ofTicks(Math.addExact(ticks, other.ticks));
    }

    /**
     * This length less another.
     *
     * @throws ArithmeticException when it is out of range
     */
    public Length minus(Length other) {
        return ofTicks(Math.subtractExact(ticks, other.ticks));
    }

    /**
     * This length {@code factor} times.
     *
     * @throws ArithmeticException when it is out of range
     */
    public Length multipliedBy(long factor) {
        return ofTicks(Math.multiplyExact(ticks, factor));
    }

    /**
     * One of {@code divisor} equal parts, exactly.
     *
     * @param divisor not 0
     * @throws ArithmeticException when the parts are no whole number of ticks, or the divisor is 0
     */
    public Length dividedBy(long divisor) {
        if (divisor == 0) {
            throw new ArithmeticException(this + " cannot be divided by 0");
        }
        if (ticks % divisor != 0) {
            throw new ArithmeticException(this + " cannot be divided by " + divisor + " exactly");
        }
        return ofTicks(ticks / divisor);
    }

    /** Half of this length; rounded down by half a tick where it is an odd number of ticks, which nothing typed and no half or quarter of it is. */
    public Length half() {
        return dividedDownBy(2);
    }

    /**
     * One of {@code divisor} equal parts, rounded down to a tick.
     *
     * @param divisor not 0
     * @throws ArithmeticException when the divisor is 0
     */
    public Length dividedDownBy(long divisor) {
        return ofTicks(Math.floorDiv(ticks, divisor));
    }

    /**
     * This length {@code factor} times, rounded to the nearest tick, ties upwards: for shares and for drawing. Beyond the range it is the
     * end of the range.
     *
     * @param factor finite
     */
    public Length scaledBy(double factor) {
        return ofTicks(Math.round(ticks * factor));
    }

    /** How many times another length this is; for drawing only. */
    public double ratioTo(Length other) {
        return (double) ticks / other.ticks;
    }

    /**
     * Whether this length is a whole multiple of another.
     *
     * @param step not zero
     */
    public boolean isMultipleOf(Length step) {
        return ticks % step.ticks == 0;
    }

    /**
     * How many whole times {@code part} goes into this length, rounded down.
     *
     * @param part more than zero
     * @throws ArithmeticException when {@code part} is not positive
     */
    public long dividedBy(Length part) {
        if (part.ticks <= 0) {
            throw new ArithmeticException("a part must be longer than 0, not " + part);
        }
        return Math.floorDiv(ticks, part.ticks);
    }

    /**
     * This length with the other sign.
     *
     * @throws ArithmeticException when it is out of range
     */
    public Length negated() {
        return ofTicks(Math.negateExact(ticks));
    }

    /**
     * This length without its sign.
     *
     * @throws ArithmeticException when it is out of range
     */
    public Length abs() {
        return ticks < 0 ? negated() : this;
    }

    /**
     * This length at the nearest mark of a tool, ties away from zero, with the error.
     *
     * @throws ArithmeticException when that mark is out of range
     */
    public Rounded roundedTo(Graduation graduation) {
        return rounded(graduation, RoundingMode.HALF_UP);
    }

    /**
     * This length at the next mark of a tool that is not shorter, with the error.
     *
     * @throws ArithmeticException when that mark is out of range
     */
    public Rounded roundedUpTo(Graduation graduation) {
        return rounded(graduation, RoundingMode.CEILING);
    }

    /**
     * This length at the next mark of a tool that is not longer, with the error.
     *
     * @throws ArithmeticException when that mark is out of range
     */
    public Rounded roundedDownTo(Graduation graduation) {
        return rounded(graduation, RoundingMode.FLOOR);
    }

    private Rounded rounded(Graduation graduation, RoundingMode mode) {
        long step = graduation.step().ticks;
        BigDecimal marks = BigDecimal.valueOf(ticks).divide(BigDecimal.valueOf(step), 0, mode);
        return Rounded.of(this, graduation.step().multipliedBy(marks.longValueExact()));
    }

    /** The shorter of two lengths. */
    public static Length min(Length one, Length other) {
        return one.ticks <= other.ticks ? one : other;
    }

    /** The longer of two lengths. */
    public static Length max(Length one, Length other) {
        return one.ticks >= other.ticks ? one : other;
    }

    /** Whether this length is longer than zero. */
    public boolean isPositive() {
        return ticks > 0;
    }

    /** Whether this length is shorter than zero. */
    public boolean isNegative() {
        return ticks < 0;
    }

    /** Whether this is no length at all. */
    public boolean isZero() {
        return ticks == 0;
    }

    /** Whether this length is longer than another. */
    public boolean isLongerThan(Length other) {
        return ticks > other.ticks;
    }

    /** Whether this length is shorter than another. */
    public boolean isShorterThan(Length other) {
        return ticks < other.ticks;
    }

    /** The whole number of ticks. */
    public long toTicks() {
        return ticks;
    }

    /** Inches, as near as a {@code double} comes; for drawing and trigonometry only. */
    public double toInches() {
        return (double) ticks / TICKS_PER_INCH;
    }

    /** Millimetres, as near as a {@code double} comes; for drawing and trigonometry only. */
    public double toMillimetres() {
        return (double) ticks / TICKS_PER_MILLIMETRE;
    }

    @Override
    public int compareTo(Length other) {
        return Long.compare(ticks, other.ticks);
    }

    @Override
    public boolean equals(Object object) {
        return object instanceof Length other && ticks == other.ticks;
    }

    @Override
    public int hashCode() {
        return Long.hashCode(ticks);
    }

    /**
     * The length with its unit, exactly, in the shorter of the two systems; {@link #parse} reads it back to an equal
     * length.
     */
    @Override
    public String toString() {
        Figure inches = Figure.inInches(this);
        if (inches.isExact()) {
            return inches.textWithUnit();
        }
        Figure millimetres = Figure.inMillimetres(this);
        return millimetres.isExact()
                ? millimetres.textWithUnit()
                : Figure.exactFraction(this).textWithUnit();
    }
}
