package kwibbet.tool;

import kwibbet.measure.Graduation;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;

/**
 * A guillotine or rotary trimmer that cuts from edge to edge.
 *
 * @param name what the maker calls it
 * @param reach what it can cut across
 * @param graduation the spacing of the marks on its ruler
 * @param stack how much it cuts at once
 * @param slits whether a cut can start and stop inside the paper
 */
public record Trimmer(String name, Reach reach, Graduation graduation, Stack stack, Slits slits) {

    /**
     * What a trimmer can cut across.
     *
     * @param longest the longest cut it makes
     * @param narrowest how wide a strip must be that it holds safely; 0 where it holds any
     */
    public record Reach(Length longest, Length narrowest) {

        /**
         * Checks the figures.
         *
         * @throws IllegalArgumentException when the longest cut is not longer than zero or the narrowest strip is less than nothing
         */
        public Reach {
            if (!longest.isPositive() || narrowest.isNegative()) {
                throw new IllegalArgumentException("a trimmer cuts over some length and holds strips of some width");
            }
        }
    }

    /**
     * How much a trimmer cuts in one pass.
     *
     * @param sheets how many sheets; at least 1
     * @param thickest how thick they may be together; one sheet is always cut
     */
    public record Stack(int sheets, Length thickest) {

        /**
         * Checks the figures.
         *
         * @throws IllegalArgumentException when no sheet can be cut
         */
        public Stack {
            if (sheets < 1 || !thickest.isPositive()) {
                throw new IllegalArgumentException("a trimmer cuts at least one sheet");
            }
        }
    }

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

    /** The same, if it held strips of any width. */
    public Trimmer holdingAny() {
        return new Trimmer(name, new Reach(reach.longest(), Length.ZERO), graduation, stack, slits);
    }

    /** The longest cut it makes. */
    public Length longestCut() {
        return reach.longest();
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
        long byThickness = caliper.isPositive() ? stack.thickest().dividedBy(caliper) : stack.sheets();
        return (int) Math.max(1, Math.min(stack.sheets(), byThickness));
    }
}
