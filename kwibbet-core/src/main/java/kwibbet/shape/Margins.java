package kwibbet.shape;

import kwibbet.measure.Length;

/**
 * How far the edges of something lie within those of what it is on; negative where it sticks out.
 *
 * @param left at the left
 * @param top at the top
 * @param right at the right
 * @param bottom at the bottom
 */
public record Margins(Length left, Length top, Length right, Length bottom) {

    /** Halves can differ by a tick, which no eye sees. */
    private static final Length UNSEEN = Length.ofInches(1, 256);

    /** Those of {@code inner} within {@code outer}, in one frame. */
    public static Margins of(Rect inner, Rect outer) {
        return new Margins(
                inner.left().minus(outer.left()),
                inner.top().minus(outer.top()),
                outer.right().minus(inner.right()),
                outer.bottom().minus(inner.bottom()));
    }

    /** The least of the four. */
    public Length least() {
        return Length.min(Length.min(left, right), Length.min(top, bottom));
    }

    /** Whether it lies nearer to the right edge than to the left. */
    public boolean isNearerRight() {
        return left.minus(right).isLongerThan(UNSEEN);
    }

    /** Whether it lies nearer to the bottom edge than to the top. */
    public boolean isNearerBottom() {
        return top.minus(bottom).isLongerThan(UNSEEN);
    }
}
