package kwibbet.app.store;

import kwibbet.measure.MeasureSystem;

/**
 * What holds for all that is made here, until a card or a paper says otherwise.
 *
 * @param system what is measured in
 * @param sheets the sheets that are common where it is
 */
public record Studio(MeasureSystem system, Sheets sheets) {

    /** What is taken until the maker chose. */
    public static final Studio UNCHOSEN = new Studio(MeasureSystem.INCH, Sheets.LETTER);

    /** The common sheets of a place. */
    public enum Sheets {
        LETTER("letter and 12 × 12 in"),
        A4("A4");

        private final String words;

        Sheets(String words) {
            this.words = words;
        }

        /** What makers call them. */
        public String words() {
            return words;
        }
    }
}
