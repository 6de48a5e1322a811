package kwibbet.tool;

import kwibbet.measure.Length;

/**
 * A board with parallel grooves, measured from the fence at its side.
 *
 * @param name what the maker calls it
 * @param width how far it reaches from the fence
 * @param grooves where its grooves are
 * @param plate whether it has a 45° plate, and how a piece lies in it
 */
public record ScoringBoard(String name, Length width, Grooves grooves, Plate plate) {

    /** How a piece is laid to be scored at 45°. */
    public enum Plate {
        NONE("none"),
        /** Its corner points at the fence, and it is scored in the board's own grooves. */
        AT_45("paper lies turned"),
        /** It lies square, and the plate's grooves slant away from the fence; each is marked by where it begins at the top. */
        SQUARE("paper lies square");

        private final String words;

        Plate(String words) {
            this.words = words;
        }

        /** What it does, for whoever has such a board. */
        public String words() {
            return words;
        }
    }

    /**
     * Checks the width.
     *
     * @throws IllegalArgumentException when a groove lies beyond the board
     */
    public ScoringBoard {
        if (grooves.last().isLongerThan(width)) {
            throw new IllegalArgumentException(
                    "a groove at " + grooves.last() + " lies beyond a board " + width + " wide");
        }
    }
}
