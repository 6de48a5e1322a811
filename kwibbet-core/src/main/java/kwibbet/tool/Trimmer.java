package kwibbet.tool;

import kwibbet.measure.Graduation;
import kwibbet.measure.Length;

/**
 * A guillotine or rotary trimmer that cuts from edge to edge.
 *
 * @param name what the maker calls it
 * @param longestCut the longest cut it makes
 * @param graduation the spacing of the marks on its ruler
 * @param sheetsAtOnce how many sheets it cuts in one pass; at least 1
 */
public record Trimmer(String name, Length longestCut, Graduation graduation, int sheetsAtOnce) {

    /**
     * Checks the figures.
     *
     * @throws IllegalArgumentException when the cut is not longer than zero or no sheet can be cut
     */
    public Trimmer {
        if (!longestCut.isPositive() || sheetsAtOnce < 1) {
            throw new IllegalArgumentException("a trimmer cuts at least one sheet, over some length");
        }
    }

    /** In how many passes {@code sheets} sheets are cut. */
    public int passesFor(int sheets) {
        return (sheets + sheetsAtOnce - 1) / sheetsAtOnce;
    }
}
