package kwibbet.cutting;

import kwibbet.measure.Length;

/**
 * What the fence of a trimmer can do.
 *
 * @param longestCut what is longer is cut with a knife
 * @param mark how far its marks are apart
 */
public record Fence(Length longestCut, Length mark) {

    /**
     * Checks the marks.
     *
     * @throws IllegalArgumentException when they lie on each other
     */
    public Fence {
        if (!mark.isPositive()) {
            throw new IllegalArgumentException("marks are some way apart, not " + mark);
        }
    }

    /** A fence that can be set to anything. */
    public static Fence anywhere(Length longestCut) {
        return new Fence(longestCut, Length.TICK);
    }
}
