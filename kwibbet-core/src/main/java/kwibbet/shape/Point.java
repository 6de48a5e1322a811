package kwibbet.shape;

import kwibbet.measure.Length;

/**
 * A place on a piece or a sheet.
 *
 * @param x from the left
 * @param y from the top
 */
public record Point(Length x, Length y) {

    /** The left top corner. */
    public static final Point ORIGIN = new Point(Length.ZERO, Length.ZERO);

    /** This point moved to the right and down. */
    public Point plus(Length right, Length down) {
        return new Point(x.plus(right), y.plus(down));
    }

    /** The point halfway to another, to the tick below. */
    public Point middle(Point other) {
        return new Point(half(x, other.x), half(y, other.y));
    }

    private static Length half(Length one, Length other) {
        return one.plus(other).half();
    }
}
