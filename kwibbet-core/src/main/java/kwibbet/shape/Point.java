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
}
