package kwibbet.press;

import java.util.List;

import kwibbet.measure.Length;
import kwibbet.shape.Axis;
import kwibbet.shape.Outline;
import kwibbet.shape.Placement;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Size;
import kwibbet.tool.Die;
import kwibbet.tool.DiePass;

/**
 * A die that cuts a wanted shape.
 *
 * @param want the shape
 * @param through the same shape in pieces that lie on it or under it and are cut with it
 * @param die the die
 * @param degrees how far the die is turned on the piece, clockwise; a multiple of 90
 * @param run the direction it is shifted in from pass to pass
 * @param passes its passes, in order; one where the die has the shape itself
 */
public record DieUse(Want want, List<Want> through, Die die, int degrees, Axis run, List<DiePass> passes) {

    /** Copies the lists. */
    public DieUse {
        through = List.copyOf(through);
        passes = List.copyOf(passes);
    }

    /** A die for a shape in one piece. */
    static DieUse of(Want want, Die die, int degrees, Axis run, List<DiePass> passes) {
        return new DieUse(want, List.of(), die, degrees, run, passes);
    }

    /** The same cutting through other pieces as well. */
    DieUse through(List<Want> others) {
        return new DieUse(want, others, die, degrees, run, passes);
    }

    /** Whether the die has the shape itself, and all of it lies under the plate. */
    public boolean isWhole() {
        return passes.equals(List.of(DiePass.WHOLE));
    }

    /** Where its cut lies on the piece in a pass. */
    public Rect cut(DiePass pass) {
        Point corner = want.box().corner();
        Point shifted = run == Axis.HORIZONTAL
                ? corner.plus(pass.shift(), Length.ZERO)
                : corner.plus(Length.ZERO, pass.shift());
        Size size = die.shape().size();
        return new Rect(shifted, degrees % 180 == 0 ? size : size.turned());
    }

    /** Where its metal lies on the piece in a pass. */
    public Rect metal(DiePass pass) {
        return cut(pass).grown(die.metal());
    }

    /** The line it cuts in a pass, on the piece. */
    public Outline cutLine(DiePass pass) {
        return turnedInto(die.shape().outline(), degrees, cut(pass).corner());
    }

    /** The outside of its metal in a pass, on the piece. */
    public Outline rim(DiePass pass) {
        return turnedInto(die.rim().outline(), degrees, metal(pass).corner());
    }

    /** An outline turned, the corner of its bounds at a place. */
    static Outline turnedInto(Outline outline, int degrees, Point corner) {
        Outline turned = outline.in(new Placement(Point.ORIGIN, degrees, false));
        Point at = turned.bounds().corner();
        return turned.plus(corner.x().minus(at.x()), corner.y().minus(at.y()));
    }
}
