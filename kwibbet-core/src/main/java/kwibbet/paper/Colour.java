package kwibbet.paper;

import java.util.Locale;
import java.util.regex.Pattern;

/**
 * The colour of a face, for drawing it.
 *
 * @param hex {@code #} and six lower-case hexadecimal digits of sRGB
 */
public record Colour(String hex) {

    private static final Pattern HEX = Pattern.compile("#[0-9a-f]{6}");

    /** White. */
    public static final Colour WHITE = new Colour("#ffffff");

    /**
     * Brings it to lower case and checks it.
     *
     * @throws IllegalArgumentException when it is not # and six hexadecimal digits
     */
    public Colour {
        hex = hex.toLowerCase(Locale.ROOT);
        if (!HEX.matcher(hex).matches()) {
            throw new IllegalArgumentException("a colour is # and six hexadecimal digits, not " + hex);
        }
    }

    /** Whether white stands out better from it than black, by relative luminance as in WCAG 2.2. */
    public boolean isDark() {
        // White and black contrast equally where (1.05)/(L + 0.05) = (L + 0.05)/0.05.
        return luminance() < Math.sqrt(1.05 * 0.05) - 0.05;
    }

    /** Its relative luminance as in WCAG 2.2, from 0 for black to 1 for white. */
    public double luminance() {
        return 0.2126 * linear(1) + 0.7152 * linear(3) + 0.0722 * linear(5);
    }

    private double linear(int at) {
        double share = Integer.parseInt(hex.substring(at, at + 2), 16) / 255.0;
        return share <= 0.04045 ? share / 12.92 : Math.pow((share + 0.055) / 1.055, 2.4);
    }

    /** This colour in less light: each channel at that share, 0 to 1. */
    public Colour shaded(double share) {
        int red = (int) Math.round(channel(1) * share);
        int green = (int) Math.round(channel(3) * share);
        int blue = (int) Math.round(channel(5) * share);
        return new Colour(String.format(Locale.ROOT, "#%02x%02x%02x", red, green, blue));
    }

    private int channel(int at) {
        return Integer.parseInt(hex.substring(at, at + 2), 16);
    }
}
