package kwibbet.tool;

import kwibbet.measure.Length;

/**
 * A hand-cranked press: dies and paper lie between plates on its bed.
 *
 * @param bed how wide the bed is; what is wider does not go through
 * @param plate how long the plates are
 */
public record Press(Length bed, Length plate) {

    /**
     * Checks the figures.
     *
     * @throws IllegalArgumentException when there is no bed or no plate
     */
    public Press {
        if (!bed.isPositive() || !plate.isPositive()) {
            throw new IllegalArgumentException("a press has a bed and plates");
        }
    }
}
