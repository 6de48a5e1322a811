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

    /** Whether all of a bar can be cut at the fence. */
    boolean holds(Bar bar) {
        Length across = bar.waste();
        for (Bar.Kind kind : bar.kinds()) {
            across = across.plus(kind.width().multipliedBy(kind.count()));
        }
        return holds(bar.length(), new Size(bar.length(), across));
    }

    private boolean holds(Length cut, Size inHand) {
        return !cut.isLongerThan(longestCut)
                && !Length.min(inHand.width(), inHand.height()).isShorterThan(narrowest);
    }
}
