package kwibbet.card;

import kwibbet.measure.Length;
import kwibbet.shape.Size;

/** How the size of a layer follows from what it sits on. */
public sealed interface Fit {

    /**
     * Smaller than its host by a border all round.
     *
     * @param border what shows of the host on each side; 0 covers it
     */
    record ByBorder(Length border) implements Fit {}

    /**
     * A size of its own, centred on its host.
     *
     * @param size its width and height
     */
    record BySize(Size size) implements Fit {}
}
