package kwibbet.tool;

import kwibbet.measure.Length;

/**
 * A hand-cranked press: dies and paper lie between plates on its bed.
 *
 * @param bed how wide the bed is; what is wider does not go through
 * @param plate how long the plates are
 * @param layers how many layers of card stock a die cuts at once; at least 1
 */
public record Press(Length bed, Length plate, int layers) {

    /**
     * Checks the figures.
     *
     * @throws IllegalArgumentException when there is no bed, no plate or nothing it cuts
     */
    public Press {
        if (!bed.isPositive() || !plate.isPositive()) {
            throw new IllegalArgumentException("a press has a bed and plates");
        }
        if (layers < 1) {
            throw new IllegalArgumentException("a press cuts at least one layer");
        }
    }
}
