package kwibbet.mail;

import java.util.List;

import kwibbet.measure.Length;
import kwibbet.shape.Size;

/**
 * An envelope.
 *
 * @param name what it is called
 * @param size its size, the longer side across
 */
public record Envelope(String name, Size size) {

    /** Sizes of ISO 269, in millimetres; from memory, checked against ISO 216, of whose sheets they take one, whole or folded. */
    public static final List<Envelope> ISO_269 = List.of(
            metric("C6", 162, 114),
            metric("DL", 220, 110),
            metric("C6/C5", 229, 114),
            metric("C5", 229, 162),
            metric("C4", 324, 229),
            metric("C3", 458, 324),
            metric("B6", 176, 125),
            metric("B5", 250, 176),
            metric("B4", 353, 250));

    /** Sizes usual where paper is measured in inches; common practice, no source. */
    public static final List<Envelope> IN_INCHES = List.of(
            inches("4 3/8 × 5 3/4", 46, 35),
            inches("4 3/4 × 6 1/2", 52, 38),
            inches("5 1/4 × 7 1/4", 58, 42),
            inches("5 1/2 × 8 1/8", 65, 44),
            inches("4 1/8 × 9 1/2", 76, 33),
            inches("5 1/2 square", 44, 44),
            inches("6 1/2 square", 52, 52));

    private static Envelope metric(String name, int width, int height) {
        return new Envelope(name, new Size(Length.ofMillimetres(width), Length.ofMillimetres(height)));
    }

    /** In eighths. */
    private static Envelope inches(String name, int width, int height) {
        return new Envelope(name, new Size(Length.ofInches(width, 8), Length.ofInches(height, 8)));
    }
}
