package kwibbet.shape;

import kwibbet.measure.Length;

/**
 * A width and a height.
 *
 * @param width left to right; more than zero
 * @param height top to bottom; more than zero
 */
public record Size(Length width, Length height) {

    /**
     * Checks both.
     *
     * @throws IllegalArgumentException when either is not longer than zero
     */
    public Size {
        if (!width.isPositive() || !height.isPositive()) {
            throw new IllegalArgumentException("a size must be more than 0 both ways, not " + width + " × " + height);
        }
    }

    /** The extent across lines that run along {@code axis}: the width for vertical lines. */
    public Length across(Axis axis) {
        return axis == Axis.VERTICAL ? width : height;
    }

    /** The extent along lines that run along {@code axis}: the height for vertical lines. */
    public Length along(Axis axis) {
        return across(axis.across());
    }

    /** A size larger by a border all round. */
    public Size grown(Length border) {
        Length twice = border.multipliedBy(2);
        return new Size(width.plus(twice), height.plus(twice));
    }

    /** Width and height exchanged. */
    public Size turned() {
        return new Size(/* width= */ height, /* height= */ width);
    }

    /** Whether this lies within {@code other} without turning. */
    public boolean fitsIn(Size other) {
        return !width.isLongerThan(other.width) && !height.isLongerThan(other.height);
    }

    /** Square inches, for shares and comparisons only. */
    public double area() {
        return width.toInches() * height.toInches();
    }

    @Override
    public String toString() {
        return width + " × " + height;
    }
}
