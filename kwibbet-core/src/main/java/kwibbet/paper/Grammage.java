package kwibbet.paper;

import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The weight of paper for its area, in g/m² as ISO 536 has it, or said in pounds: what 500 sheets of its basis size weigh. That size goes with the kind of paper;
 * sizes from memory, checked against a printer's table in the test.
 */
public final class Grammage {

    private static final double GRAMS_IN_A_POUND = 453.59237;
    private static final double SQUARE_METRES_IN_A_SQUARE_INCH = 0.00064516;
    private static final int SHEETS = 500;

    /** Square inches of a basis size. */
    private static final Map<String, Double> BASIS = Map.of(
            "bond", 17.0 * 22,
            "text", 25.0 * 38,
            "cover", 20.0 * 26,
            "index", 25.5 * 30.5,
            "bristol", 22.5 * 28.5,
            "tag", 24.0 * 36);

    private static final Pattern METRIC = Pattern.compile("(\\d{1,4})\\s*(g|gsm|g/m²|g/m2)?");
    private static final Pattern POUNDS = Pattern.compile("(\\d{1,3})\\s*(?:lb|lbs|#)\\.?\\s*([a-z]+)");

    private Grammage() {}

    /**
     * Reads a weight, as {@code 216}, {@code 216 gsm} or {@code 80 lb cover}.
     *
     * @return to the nearest g/m²; nothing where it is none
     */
    public static Optional<Integer> parse(String typed) {
        String text = typed.strip().toLowerCase(Locale.ROOT);
        Matcher metric = METRIC.matcher(text);
        if (metric.matches()) {
            return Optional.of(Integer.valueOf(metric.group(1)));
        }
        Matcher pounds = POUNDS.matcher(text);
        return pounds.matches()
                ? Optional.ofNullable(BASIS.get(pounds.group(2)))
                        .map(area -> (int) Math.round(Integer.parseInt(pounds.group(1))
                                * GRAMS_IN_A_POUND
                                / (SHEETS * area * SQUARE_METRES_IN_A_SQUARE_INCH)))
                : Optional.empty();
    }
}
