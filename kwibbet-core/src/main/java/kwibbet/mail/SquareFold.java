package kwibbet.mail;

import kwibbet.card.base.SquareEnvelope;
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

    /**
     * The least square for what goes into it, all its marks such as a tool shows.
     *
     * @param enclosure what goes into it
     * @param system decides what a tool shows: sixteenths or millimetres
     */
    public static SquareFold of(Enclosure enclosure, MeasureSystem system) {
        Graduation marks = system == MeasureSystem.INCH ? Graduation.SIXTEENTHS : Graduation.MILLIMETRES;
        SquareEnvelope.Sheet sheet = SquareEnvelope.Sheet.of(enclosure.needs(), SquareEnvelope.OVERLAP.preset(), marks);
        Size envelope = sheet.envelope();
        double across = sheet.side().toInches() * Math.sqrt(2);
        return new SquareFold(
                envelope,
                sheet.side(),
                sheet.sides(),
                sheet.flaps(),
                Length.nearestInches(across - 2 * envelope.height().toInches()));
    }
}
