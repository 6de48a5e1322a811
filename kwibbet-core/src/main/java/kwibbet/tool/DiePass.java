package kwibbet.tool;

import java.util.Optional;

import kwibbet.measure.Length;

/**
 * One pass of a die, measured along the shape it cuts, from the near end of that shape.
 *
 * @param shift where the die's near cut lies; below zero where it reaches out before the shape
 * @param from where the plate begins; nothing where it covers the die's near end
 * @param to where the plate ends; nothing where it covers the die's far end
 */
public record DiePass(Length shift, Optional<Length> from, Optional<Length> to) {

    /** The whole die under the plate. */
    public static final DiePass WHOLE = new DiePass(Length.ZERO, Optional.empty(), Optional.empty());

    /** Whether the plate's edge has to lie in a certain place. */
    public boolean isPartial() {
        return from.isPresent() || to.isPresent();
    }
}
