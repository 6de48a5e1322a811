package kwibbet.cutting;

import kwibbet.measure.Length;
import kwibbet.shape.Size;

/**
 * Which leftovers go into the drawer and which into the bin.
 *
 * @param shortSide the least a leftover worth keeping measures one way
 * @param longSide the least it measures the other way
 */
public record Keeping(Length shortSide, Length longSide) {

    /** At least 1 1/2 × 3 in; common practice, no source. */
    public static final Keeping USUAL = new Keeping(Length.ofInches(3, 2), Length.ofInches(3));

    /** Whether a leftover is worth keeping. */
    public boolean keeps(Size leftover) {
        Length shorter = Length.min(leftover.width(), leftover.height());
        Length longer = Length.max(leftover.width(), leftover.height());
        return !shorter.isShorterThan(shortSide) && !longer.isShorterThan(longSide);
    }
}
