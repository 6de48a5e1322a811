package kwibbet.tool;

import kwibbet.measure.Graduation;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;

/**
 * A guillotine or rotary trimmer that cuts from edge to edge.
 *
 * @param name what the maker calls it
 * @param longestCut the longest cut it makes
 * @param graduation the spacing of the marks on its ruler
 * @param sheetsAtOnce how many sheets it cuts in one pass; at least 1
 * @param thickestStack how thick they may be together; one sheet is always cut
 * @param slits whether a cut can start and stop inside the paper
 */
public record Trimmer(
        String name, Length longestCut, Graduation graduation, int sheetsAtOnce, Length thickestStack, Slits slits) {

    /** Whether a cut can start and stop inside the paper. */
    public enum Slits {
        INSIDE("can start and stop inside"),
        NONE("from edge to edge only");

        private final String words;

        Slits(String words) {
            this.words = words;
        }

        /** How such a trimmer cuts. */
        public String words() {
            return words;
        }
    }

    /**
     * Checks the figures.
     *
     * @throws IllegalArgumentException when the cut is not longer than zero or no sheet can be cut
     */
    public Trimmer {
        if (!longestCut.isPositive() || sheetsAtOnce < 1 || !thickestStack.isPositive()) {
            throw new IllegalArgumentException("a trimmer cuts at least one sheet, over some length");
        }
    }

    /** What its marks are read in. */
    public MeasureSystem marks() {
        return graduation.step().isMultipleOf(Length.ofInches(1, 64)) ? MeasureSystem.INCH : MeasureSystem.METRIC;
    }

    /** The side of a piece as its marks give it: at the nearest, and at least at the first. */
    public Length atMark(Length side) {
        return Length.max(side.roundedTo(graduation).shown(), graduation.step());
    }

    /** What is cut off an edge so that at least {@code margin} is gone: to the next mark. */
    public Length offEdge(Length margin) {
        Length down = graduation.step().multipliedBy(margin.dividedBy(graduation.step()));
        return down.equals(margin) ? margin : down.plus(graduation.step());
    }

    /** In how many passes sheets of a thickness are cut. */
    public int passesFor(int sheets, Length caliper) {
        int stack = stackOf(caliper);
        return (sheets + stack - 1) / stack;
    }

    /** How many sheets of a thickness are cut at once; one always is. */
    public int stackOf(Length caliper) {
        long byThickness = caliper.isPositive() ? thickestStack.dividedBy(caliper) : sheetsAtOnce;
        return (int) Math.max(1, Math.min(sheetsAtOnce, byThickness));
    }
}
