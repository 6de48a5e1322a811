package kwibbet.paper;

import kwibbet.measure.Length;
import kwibbet.shape.Size;

/**
 * Published sheet sizes, upright.
 *
 * <p>ISO 216:2007 (A and B) and ISO 217:2013 (RA and SRA) start from one sheet each and halve the longer side, rounding
 * down to the whole millimetre; ISO 269 C sizes do the same.
 */
public final class SheetSizes {

    /** Letter, as ANSI/ASME Y14.1 size A: 8 1/2 × 11 in. */
    public static final Size LETTER = new Size(Length.ofInches(17, 2), Length.ofInches(11));
    /** The craft's square sheet, 12 × 12 in; common practice, no source. */
    public static final Size TWELVE_SQUARE = new Size(Length.ofInches(12), Length.ofInches(12));

    private static final int SMALLEST = 10;

    /** An ISO family of sizes, by its largest sheet in millimetres. */
    public enum Family {
        A(841, 1189),
        B(1000, 1414),
        C(917, 1297),
        RA(860, 1220),
        SRA(900, 1280);

        private final int width;
        private final int height;

        Family(int width, int height) {
            this.width = width;
            this.height = height;
        }
    }

    private SheetSizes() {}

    /**
     * The size of a family after {@code halvings} halvings: {@code of(A, 4)} is A4.
     *
     * @param family the family
     * @param halvings 0 to 10
     * @throws IllegalArgumentException when {@code halvings} is outside that range
     */
    public static Size of(Family family, int halvings) {
        if (halvings < 0 || halvings > SMALLEST) {
            throw new IllegalArgumentException("sizes run from 0 to " + SMALLEST + ", not " + halvings);
        }
        int width = family.width;
        int height = family.height;
        for (int i = 0; i < halvings; i++) {
            int half = height / 2;
            height = width;
            width = half;
        }
        return new Size(Length.ofMillimetres(width), Length.ofMillimetres(height));
    }
}
