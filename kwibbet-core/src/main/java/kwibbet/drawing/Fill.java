package kwibbet.drawing;

import kwibbet.paper.Colour;

/** What an area is filled with. */
public sealed interface Fill {

    /** Nothing. */
    Fill NONE = new None();

    /** Nothing. */
    record None() implements Fill {}

    /**
     * The face of a paper.
     *
     * @param colour its colour
     */
    record Paper(Colour colour) implements Fill {}

    /** Clear film: what lies behind shows through, a little paler. */
    record Film() implements Fill {}
}
