package kwibbet.formats.pdf;

import org.apache.pdfbox.pdmodel.common.PDRectangle;

/** The sheets documents are printed on. */
public enum PageFormat {
    A4,
    LETTER;

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
