package kwibbet.measure;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/**
 * Reads one entry from left to right.
 *
 * <pre>
 * length   := [sign] quantity { sign quantity }
 * quantity := number [unit]
 * number   := decimal | whole | fraction | whole (blank | hyphen | nothing) fraction
 * </pre>
 *
 * A hyphen that touches a bare whole number on its left and a fraction on its right joins a mixed number ({@code 4-1/4});
 * anywhere else it subtracts. What could be read either way is refused: a guess costs a sheet.
 */
final class LengthParser {

    private static final int MOST_DIGITS = 9;
    private static final int LONGEST_ENTRY = 200;
    private static final String FRACTION_SLASHES = "/⁄∕";
    private static final String MINUS_SIGNS = "-−–";
    private static final Map<Character, long[]> VULGAR_FRACTIONS = Map.ofEntries(
            Map.entry('¼', new long[] {1, 4}),
            Map.entry('½', new long[] {1, 2}),
            Map.entry('¾', new long[] {3, 4}),
            Map.entry('⅓', new long[] {1, 3}),
            Map.entry('⅔', new long[] {2, 3}),
            Map.entry('⅙', new long[] {1, 6}),
            Map.entry('⅚', new long[] {5, 6}),
            Map.entry('⅛', new long[] {1, 8}),
            Map.entry('⅜', new long[] {3, 8}),
            Map.entry('⅝', new long[] {5, 8}),
            Map.entry('⅞', new long[] {7, 8}));

    /** Ticks in one of each unit, by every way it is written. */
    private static final Map<String, Long> UNITS = Map.ofEntries(
            Map.entry("in", Length.TICKS_PER_INCH),
            Map.entry("inch", Length.TICKS_PER_INCH),
            Map.entry("inches", Length.TICKS_PER_INCH),
            Map.entry("\"", Length.TICKS_PER_INCH),
            Map.entry("″", Length.TICKS_PER_INCH),
            Map.entry("”", Length.TICKS_PER_INCH),
            Map.entry("''", Length.TICKS_PER_INCH),
            Map.entry("ft", 12 * Length.TICKS_PER_INCH),
            Map.entry("yd", 36 * Length.TICKS_PER_INCH),
            Map.entry("mm", Length.TICKS_PER_MILLIMETRE),
            Map.entry("cm", 10 * Length.TICKS_PER_MILLIMETRE),
            Map.entry("m", 1000 * Length.TICKS_PER_MILLIMETRE));

    private record Ratio(BigInteger numerator, BigInteger denominator, boolean isDecimal) {
        Ratio plus(Ratio other) {
            return new Ratio(
                    numerator.multiply(other.denominator).add(other.numerator.multiply(denominator)),
                    denominator.multiply(other.denominator),
                    false);
        }
    }

    private final String text;
    private final MeasureSystem system;
    private int at;

    LengthParser(String text, MeasureSystem system) {
        this.text = text;
        this.system = system;
    }

    Length parse() {
        if (text.length() > LONGEST_ENTRY) {
            throw refused(LONGEST_ENTRY, "That is too long for a length. Try " + example() + ".");
        }
        skipBlanks();
        if (atEnd()) {
            throw refused(at, "Enter a length, such as " + example() + ".");
        }
        try {
            Length sum = signedQuantity(takeSign());
            for (skipBlanks(); !atEnd(); skipBlanks()) {
                sum = sum.plus(signedQuantity(takeSignBetween()));
            }
            return sum;
        } catch (ArithmeticException outOfRange) {
            throw refused(0, "“" + text.strip() + "” is longer than any length.");
        }
    }

    private Length signedQuantity(int sign) {
        Length quantity = quantity();
        return sign < 0 ? quantity.negated() : quantity;
    }

    private int takeSign() {
        if (!atEnd() && (isMinus(peek()) || peek() == '+')) {
            return isMinus(text.charAt(at++)) ? -1 : 1;
        }
        return 1;
    }

    private int takeSignBetween() {
        int start = at;
        if (!isMinus(peek()) && peek() != '+') {
            throw refused(
                    at, "“" + text.substring(at).strip() + "” does not belong after a length. Try " + example() + ".");
        }
        boolean blankBefore = start > 0 && isBlank(text.charAt(start - 1));
        int sign = takeSign();
        boolean blankAfter = !atEnd() && isBlank(peek());
        if (sign < 0 && !atEnd() && blankBefore != blankAfter) {
            throw refused(
                    start,
                    "Write a blank on both sides of the minus to subtract, or on neither for a mixed number:"
                            + " “4 - 1/4” or “4-1/4”.");
        }
        return sign;
    }

    private Length quantity() {
        skipBlanks();
        int start = at;
        Ratio number = number();
        long ticksPerUnit =
                unit().orElse(system == MeasureSystem.INCH ? Length.TICKS_PER_INCH : Length.TICKS_PER_MILLIMETRE);
        BigInteger[] ticks =
                number.numerator.multiply(BigInteger.valueOf(ticksPerUnit)).divideAndRemainder(number.denominator);
        if (ticks[1].signum() != 0) {
            throw betweenMarks(start, number, ticksPerUnit, ticks[0].longValueExact());
        }
        return Length.ofTicks(ticks[0].longValueExact());
    }

    /** A rounded decimal such as 0.38 nearly always stands for a fraction; the refusal offers it. */
    private LengthParseException betweenMarks(int start, Ratio number, long ticksPerUnit, long floorTicks) {
        String typed = text.substring(start, at).strip();
        Length near = Length.ofTicks(floorTicks);
        if (ticksPerUnit != Length.TICKS_PER_INCH) {
            Length mark =
                    near.roundedTo(new Graduation(Length.ofMillimetres(1, 100))).shown();
            return refused(start, "“" + typed + "” is finer than 0.01 mm. Try " + Figure.inMillimetres(mark) + ".");
        }
        Figure mark = Figure.inInches(nearestFraction(number));
        return refused(start, "“" + typed + "” falls between the marks. Did you mean " + mark + "?");
    }

    private static Length nearestFraction(Ratio number) {
        double inches = number.numerator.doubleValue() / number.denominator.doubleValue();
        Length best = Length.ZERO;
        double leastScore = Double.MAX_VALUE;
        for (long denominator : new long[] {2, 3, 4, 8, 16, 32, 64}) {
            long numerator = Math.round(inches * denominator);
            // The coarser mark wins unless a finer one is clearly nearer: 0.33 is 1/3, 0.38 is 3/8, 0.06 is 1/16.
            double score = Math.abs(inches - (double) numerator / denominator) + denominator * 0.0001;
            if (score < leastScore) {
                leastScore = score;
                best = Length.ofInches(numerator, denominator);
            }
        }
        return best;
    }

    private Ratio number() {
        if (atEnd()) {
            throw refused(at, "A length is missing at the end of “" + text.strip() + "”.");
        }
        if (VULGAR_FRACTIONS.containsKey(peek())) {
            return vulgar();
        }
        if (!Character.isDigit(peek()) && peek() != '.' && peek() != ',') {
            throw refused(at, "“" + text.substring(at).strip() + "” is not a length. Try " + example() + ".");
        }
        Ratio first = decimal();
        if (!atEnd() && isSlash(peek())) {
            return fractionAfter(first);
        }
        return first.isDecimal ? first : first.plus(fractionJoinedTo());
    }

    private Ratio vulgar() {
        long[] parts = Objects.requireNonNull(VULGAR_FRACTIONS.get(text.charAt(at++)));
        return new Ratio(BigInteger.valueOf(parts[0]), BigInteger.valueOf(parts[1]), false);
    }

    /** The fraction after a whole number, or zero when none follows. */
    private Ratio fractionJoinedTo() {
        int start = at;
        boolean hyphen = !atEnd() && isMinus(peek());
        if (hyphen) {
            at++;
        } else {
            skipBlanks();
        }
        if (!atEnd() && VULGAR_FRACTIONS.containsKey(peek())) {
            return vulgar();
        }
        if (!atEnd() && Character.isDigit(peek()) && (hyphen || at > start)) {
            Ratio numerator = decimal();
            if (!atEnd() && isSlash(peek())) {
                return fractionAfter(numerator);
            }
            if (!hyphen) {
                throw refused(start, "“" + text.strip() + "” holds two numbers side by side. Try " + example() + ".");
            }
        }
        at = start;
        return new Ratio(BigInteger.ZERO, BigInteger.ONE, false);
    }

    private Ratio fractionAfter(Ratio numerator) {
        int slash = at++;
        if (atEnd() || !Character.isDigit(peek())) {
            throw refused(slash, "The fraction in “" + text.strip() + "” has nothing below the line.");
        }
        Ratio denominator = decimal();
        if (numerator.isDecimal || denominator.isDecimal) {
            throw refused(slash, "A fraction needs whole numbers above and below the line, such as 1/4.");
        }
        if (denominator.numerator.signum() == 0) {
            throw refused(slash, "A fraction cannot have 0 below the line.");
        }
        return new Ratio(numerator.numerator, denominator.numerator, false);
    }

    private Ratio decimal() {
        int start = at;
        while (!atEnd() && Character.isDigit(peek())) {
            at++;
        }
        if (atEnd() || (peek() != '.' && peek() != ',')) {
            return new Ratio(digits(start, at), BigInteger.ONE, false);
        }
        int point = at++;
        while (!atEnd() && Character.isDigit(peek())) {
            at++;
        }
        int places = at - point - 1;
        if (places == 0) {
            throw refused(point, "Figures are missing after the point in “" + text.strip() + "”.");
        }
        if (text.charAt(point) == ',' && places == 3) {
            String typed = text.substring(start, at);
            throw refused(
                    point,
                    "“" + typed + "” can be read two ways. Write " + typed.replace(",", "") + " or "
                            + typed.replace(',', '.') + ".");
        }
        BigDecimal value = new BigDecimal(digits(start, point) + "." + digits(point + 1, at, places));
        return new Ratio(value.unscaledValue(), BigInteger.TEN.pow(value.scale()), true);
    }

    private BigInteger digits(int from, int to) {
        if (to - from > MOST_DIGITS) {
            throw refused(from, "“" + text.substring(from, to) + "” has too many figures for a length.");
        }
        // Character.isDigit accepts the digits of every script, and so does BigInteger.
        return from == to ? BigInteger.ZERO : new BigInteger(text.substring(from, to));
    }

    private String digits(int from, int to, int places) {
        return String.format(Locale.ROOT, "%0" + places + "d", digits(from, to));
    }

    private Optional<Long> unit() {
        skipBlanks();
        int start = at;
        while (!atEnd() && (Character.isLetter(peek()) || "\"″”'".indexOf(peek()) >= 0)) {
            at++;
        }
        if (at == start) {
            return Optional.empty();
        }
        String unit = text.substring(start, at);
        Optional<Long> ticks = Optional.ofNullable(UNITS.get(unit.toLowerCase(Locale.ROOT)));
        if (ticks.isEmpty()) {
            throw refused(start, "“" + unit + "” is not a unit. Use in, mm or cm.");
        }
        if (!atEnd() && peek() == '.' && "in".equalsIgnoreCase(unit)) {
            at++; // “4 in.” as often written
        }
        return ticks;
    }

    private String example() {
        return system == MeasureSystem.INCH ? "4 1/4" : "108 or 107.5";
    }

    private LengthParseException refused(int position, String problem) {
        return new LengthParseException(text, position, problem);
    }

    private void skipBlanks() {
        while (!atEnd() && isBlank(peek())) {
            at++;
        }
    }

    private boolean atEnd() {
        return at >= text.length();
    }

    private char peek() {
        return text.charAt(at);
    }

    private static boolean isBlank(char character) {
        return Character.isWhitespace(character) || Character.isSpaceChar(character);
    }

    private static boolean isMinus(char character) {
        return MINUS_SIGNS.indexOf(character) >= 0;
    }

    private static boolean isSlash(char character) {
        return FRACTION_SLASHES.indexOf(character) >= 0;
    }
}
