package kwibbet.tool;

import kwibbet.measure.Graduation;
import kwibbet.measure.Length;

/**
 * A board with parallel grooves, measured from the fence at its left.
 *
 * @param name what the maker calls it
 * @param width the last groove's distance from the fence
 * @param grooves the spacing of its grooves
 */
public record ScoringBoard(String name, Length width, Graduation grooves) {

    /**
     * Checks the width.
     *
     * @throws IllegalArgumentException when the width is not longer than zero
     */
    public ScoringBoard {
        if (!width.isPositive()) {
            throw new IllegalArgumentException("a board needs a width");
        }
    }
}
