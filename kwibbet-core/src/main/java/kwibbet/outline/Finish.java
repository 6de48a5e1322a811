package kwibbet.outline;

import kwibbet.measure.Length;

/**
 * What is done to an outline once its parts are together, in this order.
 *
 * @param border how much it grows all round; negative where it shrinks
 * @param scallops how far the scallops of its edge are apart; zero for an edge without
 * @param mirrored whether it is seen from behind
 */
public record Finish(Length border, Length scallops, boolean mirrored) {

    /** As its parts come together. */
    public static final Finish NONE = new Finish(Length.ZERO, Length.ZERO, false);
}
