package kwibbet.formats.pdf;

import org.apache.pdfbox.pdmodel.common.PDRectangle;

import kwibbet.measure.Length;
import kwibbet.shape.Size;

/** The sheets documents are printed on. */
public enum PageFormat {
    A4,
    LETTER;

    /** The page upright. */
    public Size size() {
        return this == A4
                ? new Size(Length.ofMillimetres(210), Length.ofMillimetres(297))
                : new Size(Length.ofInches(17, 2), Length.ofInches(11));
    }

    /** The page upright, in points: A4 after ISO 216, letter 8 1/2 × 11 in. */
    PDRectangle upright() {
        return this == A4 ? PDRectangle.A4 : PDRectangle.LETTER;
    }

    /** The page lying, in points. */
    PDRectangle lying() {
        return new PDRectangle(
                /* width= */ upright().getHeight(), /* height= */ upright().getWidth());
    }
}
