package kwibbet.cutting;

import kwibbet.measure.Length;
import kwibbet.shape.Axis;

/** A rectangle of a sheet: cut in two from edge to edge, a part, or left over. Its size is its parent's to know. */
public sealed interface Section {

    /**
     * Cut in two.
     *
     * @param axis the direction of the cut
     * @param at its distance from the section's left or top edge; more than zero and less than the section. What the
     *     blade takes away lies beyond it
     * @param first what is to the left or above
     * @param second what is to the right or below
     */
    record Split(Axis axis, Length at, Section first, Section second) implements Section {}

    /**
     * A wanted part that fills the section.
     *
     * @param part which
     * @param turned whether it lies a quarter turned
     */
    record Filled(PartId part, boolean turned) implements Section {}

    /** Nothing wanted. */
    record Leftover() implements Section {}

    /** Nothing wanted. */
    Section LEFTOVER = new Leftover();

    /** A cut that makes two parts, or one leftover when there is nothing wanted on either side. */
    static Section split(Axis axis, Length at, Section first, Section second) {
        return first.equals(LEFTOVER) && second.equals(LEFTOVER) ? LEFTOVER : new Split(axis, at, first, second);
    }

    /** Two strips with the same waste at their ends cut across first, so that the waste stays in one piece; all through. */
    static Section gathered(Section section) {
        if (!(section instanceof Split split)) {
            return section;
        }
        Section first = gathered(split.first);
        Section second = gathered(split.second);
        if (first instanceof Split one
                && second instanceof Split other
                && one.axis != split.axis
                && one.axis == other.axis
                && one.at.equals(other.at)
                && one.second.equals(LEFTOVER)
                && other.second.equals(LEFTOVER)) {
            return new Split(one.axis, one.at, split(split.axis, split.at, one.first, other.first), LEFTOVER);
        }
        return split(split.axis, split.at, first, second);
    }
}
