package kwibbet.mail;

import kwibbet.measure.Graduation;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.shape.Size;

/**
 * An envelope folded from a square that lies on its corner: its four corners are folded to the middle, the sides first. Each fold runs from edge to edge at half a right angle,
 * so it is found by two marks as far from a corner along both edges.
 *
 * @param envelope its size, the longer side across
 * @param side the side of the square
 * @param sides how far from the left and the right corner the marks lie along both edges
 * @param flaps how far from the upper and the lower corner they do
 * @param overlap how far the upper flap reaches over the lower
 */
public record SquareFold(Size envelope, Length side, Length sides, Length flaps, Length overlap) {

    /** The flaps overlap by so much at least, for the adhesive; common practice, no source. */
    public static final Length LEAST_OVERLAP = Length.ofInches(3, 4);

    /** The side flaps are at least so deep, so that their corners lie under the others; common practice, no source. */
    public static final Length LEAST_SIDE = Length.ofInches(1, 2);

    private static final Length EIGHTH = Length.ofInches(1, 8);

    /**
     * The least square for what goes into it, to the next eighth.
     *
     * @param enclosure what goes into it
     */
    public static SquareFold of(Enclosure enclosure) {
        Size needs = enclosure.needs();
        double width = needs.width().toInches();
        double height = needs.height().toInches();
        // The diagonal holds the height and both flaps, which meet and overlap; the width and both side flaps; and,
        // since the corners of the envelope lie on
        // paper, width and height together.
        double diagonal = Math.max(
                2 * height + LEAST_OVERLAP.toInches(), Math.max(width + 2 * LEAST_SIDE.toInches(), width + height));
        Length side = up(diagonal / Math.sqrt(2));
        double across = side.toInches() * Math.sqrt(2);
        return new SquareFold(
                needs,
                side,
                Length.nearestInches((across - width) / Math.sqrt(2)),
                Length.nearestInches((across - height) / Math.sqrt(2)),
                Length.nearestInches(across - 2 * height));
    }

    /** The marks of the side folds, as near as they are told. */
    public Length nearSides(MeasureSystem system) {
        return near(sides, system);
    }

    /** The marks of the flaps, as near as they are told. */
    public Length nearFlaps(MeasureSystem system) {
        return near(flaps, system);
    }

    private static Length near(Length length, MeasureSystem system) {
        return length.roundedTo(
                        new Graduation(system == MeasureSystem.INCH ? Length.ofInches(1, 16) : Length.ofMillimetres(1)))
                .shown();
    }

    private static Length up(double inches) {
        return EIGHTH.multipliedBy((int) Math.ceil(inches * 8 - 1e-9));
    }
}
