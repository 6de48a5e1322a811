package kwibbet.measure;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.RoundingMode;
import java.util.Set;

/**
 * A length as it is printed, in parts, so that a page or a drawing can set the fraction as a fraction.
 *
 * @param isExact whether the parts say the length exactly; otherwise it is printed with {@code ≈}
 * @param sign {@code ""} or {@code "−"}
 * @param whole the whole or decimal number; empty when there is only a fraction
 * @param numerator above the line; empty when there is no fraction
 * @param denominator below the line; empty when there is no fraction
 * @param system which unit the parts are in
 */
public record Figure(
        boolean isExact, String sign, String whole, String numerator, String denominator, MeasureSystem system) {

    /** The fractions of an inch that hands know: halves to sixty-fourths, and thirds halved down. */
    private static final Set<Long> DENOMINATORS = Set.of(1L, 2L, 4L, 8L, 16L, 32L, 64L, 3L, 6L, 12L, 24L, 48L);

    private static final Graduation NEAR = new Graduation(Length.ofInches(1, 32));
    private static final int INCH_DECIMALS = 4;
    private static final int MILLIMETRE_DECIMALS = 2;

    /** The figure of {@code length} in {@code system}. */
    public static Figure of(Length length, MeasureSystem system) {
        return system == MeasureSystem.INCH ? inInches(length) : inMillimetres(length);
    }

    /** A mixed fraction where the trade has one, otherwise the nearest 1/32, printed with {@code ≈}. */
    public static Figure inInches(Length length) {
        long divisor = commonDivisor(length.toTicks(), Length.TICKS_PER_INCH);
        if (DENOMINATORS.contains(Length.TICKS_PER_INCH / divisor)) {
            return exactFraction(length);
        }
        Figure near = exactFraction(length.roundedTo(NEAR).shown());
        String whole = near.whole.isEmpty() && near.numerator.isEmpty() ? "0" : near.whole;
        return new Figure(false, near.sign, whole, near.numerator, near.denominator, near.system);
    }

    /** A decimal with no more than two places. */
    public static Figure inMillimetres(Length length) {
        return decimal(length, MeasureSystem.METRIC);
    }

    /**
     * A length as it is typed, exactly: without a unit where the system of the field can say it, with one where the other can, and else as
     * {@link Length#toString} has it.
     */
    public static String entry(Length length, MeasureSystem system) {
        Figure own = of(length, system);
        if (own.isExact()) {
            return own.text();
        }
        Figure other = system == MeasureSystem.INCH ? inMillimetres(length) : inInches(length);
        return other.isExact() ? other.textWithUnit() : length.toString();
    }

    /**
     * A length as it stands in an entry field of a card: as {@link #entry} has it, but for lengths that neither system can say exactly; these are
     * given as near as the system of the field comes, and whoever reads the field takes that for the length itself.
     */
    public static String field(Length length, MeasureSystem system) {
        boolean exact = inInches(length).isExact() || inMillimetres(length).isExact();
        Figure near = of(length, system);
        return exact ? entry(length, system) : near.text().replaceFirst("^≈ ", "");
    }

    /** Decimal inches or millimetres, for those who ask for decimals. */
    public static Figure decimal(Length length, MeasureSystem system) {
        long perUnit = system == MeasureSystem.INCH ? Length.TICKS_PER_INCH : Length.TICKS_PER_MILLIMETRE;
        int places = system == MeasureSystem.INCH ? INCH_DECIMALS : MILLIMETRE_DECIMALS;
        BigDecimal rounded =
                BigDecimal.valueOf(length.toTicks()).divide(BigDecimal.valueOf(perUnit), places, RoundingMode.HALF_UP);
        boolean exact =
                rounded.multiply(BigDecimal.valueOf(perUnit)).compareTo(BigDecimal.valueOf(length.toTicks())) == 0;
        String digits =
                rounded.signum() == 0 ? "0" : rounded.abs().stripTrailingZeros().toPlainString();
        return new Figure(exact, rounded.signum() < 0 ? "−" : "", digits, "", "", system);
    }

    /** A mixed fraction of an inch, whatever its denominator. */
    static Figure exactFraction(Length length) {
        // BigInteger because the most negative tick count has no positive counterpart in a long.
        BigInteger perInch = BigInteger.valueOf(Length.TICKS_PER_INCH);
        BigInteger[] parts = BigInteger.valueOf(length.toTicks()).abs().divideAndRemainder(perInch);
        String sign = length.isNegative() ? "−" : "";
        if (parts[1].signum() == 0) {
            return new Figure(true, sign, parts[0].toString(), "", "", MeasureSystem.INCH);
        }
        BigInteger divisor = parts[1].gcd(perInch);
        String whole = parts[0].signum() == 0 ? "" : parts[0].toString();
        String numerator = parts[1].divide(divisor).toString();
        return new Figure(true, sign, whole, numerator, perInch.divide(divisor).toString(), MeasureSystem.INCH);
    }

    private static long commonDivisor(long one, long other) {
        return BigInteger.valueOf(one).gcd(BigInteger.valueOf(other)).longValueExact();
    }

    /** Whether there is a fraction to set. */
    public boolean hasFraction() {
        return !numerator.isEmpty();
    }

    /** {@code ≈} before a figure that is not exact, the sign, and the whole number. */
    public String lead() {
        return (isExact ? "" : "≈ ") + sign + whole;
    }

    /** The figure on one line without its unit, as {@code 4 1/4}. */
    public String text() {
        if (!hasFraction()) {
            return lead();
        }
        return lead() + (whole.isEmpty() ? "" : " ") + numerator + "/" + denominator;
    }

    /** The figure on one line with its unit, as {@code 4 1/4 in}. */
    public String textWithUnit() {
        return text() + " " + system.symbol();
    }

    @Override
    public String toString() {
        return textWithUnit();
    }
}
