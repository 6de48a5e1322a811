package kwibbet.tool;

import kwibbet.measure.Length;

/**
 * A board with parallel grooves, measured from the fence at its side.
 *
 * @param name what the maker calls it
 * @param width how far it reaches from the fence
 * @param grooves where its grooves are
 * @param plate whether it has a 45° plate, into which a corner of a piece is laid
 */
public record ScoringBoard(String name, Length width, Grooves grooves, Plate plate) {

    /** Whether a corner can be laid in at 45°. */
    public enum Plate {
        NONE,
        AT_45
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
