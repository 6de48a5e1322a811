package kwibbet.layout;

import kwibbet.card.PieceId;
import kwibbet.measure.Length;
import kwibbet.shape.Axis;

/** A rectangle of a sheet: cut in two from edge to edge, a piece, or left over. Its size is its parent's to know. */
public sealed interface Section {

    /**
     * Cut in two.
     *
     * @param axis the direction of the cut
     * @param at its distance from the section's left or top edge; more than zero and less than the section
     * @param first the part to the left or above
     * @param second the part to the right or below
     */
    record Split(Axis axis, Length at, Section first, Section second) implements Section {}

    /**
     * A wanted piece that fills the section.
     *
     * @param piece which
     * @param turned whether it lies a quarter turned
     */
    record Part(PieceId piece, boolean turned) implements Section {}

    /** Nothing wanted. */
    record Leftover() implements Section {}

    /** Nothing wanted. */
    Section LEFTOVER = new Leftover();

    /** A cut that makes two parts, or one leftover when there is nothing wanted on either side. */
    static Section split(Axis axis, Length at, Section first, Section second) {
        if (first.equals(LEFTOVER) && second.equals(LEFTOVER)) {
            return LEFTOVER;
        }
        // Two strips with the same waste at their ends are better cut across first: the waste stays in one piece.
        if (first instanceof Split one
                && second instanceof Split other
                && one.axis != axis
                && one.axis == other.axis
                && one.at.equals(other.at)
                && one.second.equals(LEFTOVER)
                && other.second.equals(LEFTOVER)) {
            return new Split(one.axis, one.at, split(axis, at, one.first, other.first), LEFTOVER);
        }
        return new Split(axis, at, first, second);
    }
}
