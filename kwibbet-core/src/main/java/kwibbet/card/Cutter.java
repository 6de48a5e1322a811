package kwibbet.card;

import kwibbet.tool.DieId;

/** What a maker wants a shape cut with. */
public sealed interface Cutter {

    /** Whichever of the dies cuts it most easily, else the hand. */
    Cutter ANY = new Any();

    /** The hand, whatever dies there are. */
    Cutter HAND = new ByHand();

    /** See {@link #ANY}. */
    record Any() implements Cutter {}

    /** See {@link #HAND}. */
    record ByHand() implements Cutter {}

    /**
     * One die of several that cut it. Where that is not at hand, or does not cut it any more, it is cut as if nothing were said.
     *
     * @param die which
     */
    record ByDie(DieId die) implements Cutter {}
}
