package kwibbet.cutting;

import kwibbet.cutting.FencePlan.Guide;
import kwibbet.cutting.SheetLayout.Cut;
import kwibbet.measure.Length;
import kwibbet.shape.Size;

/**
 * What the fence of a trimmer can do.
 *
 * @param longestCut what is longer is cut with a knife
 * @param narrowest so is what is narrower
 * @param mark how far its marks are apart
 */
public record Fence(Length longestCut, Length narrowest, Length mark) {

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
        return new Fence(longestCut, Length.ZERO, Length.TICK);
    }

    /** How the place of a cut is found. */
    Guide guide(Cut cut) {
        return holds(cut.length(), cut.inHand().size()) ? Guide.FENCE : Guide.KNIFE;
    }

    /** Whether a bar is held until its last cut, in whatever order its pieces are cut off. */
    boolean holds(Bar bar) {
        return holds(bar.length(), new Size(bar.length(), bar.narrowestInHand()));
    }

    private boolean holds(Length cut, Size inHand) {
        return !cut.isLongerThan(longestCut)
                && !Length.min(inHand.width(), inHand.height()).isShorterThan(narrowest);
    }
}
