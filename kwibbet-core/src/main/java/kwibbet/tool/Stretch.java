package kwibbet.tool;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import kwibbet.measure.Length;

/**
 * A straight-sided die that cuts a longer or a shorter shape than its own, in passes that overlap.
 *
 * <p>With a die D long, a shape T long and a plate that stays c clear of what must not be cut yet: the die's near end is cut first, the plate
 * ending c short of its far end (of the far cut, where the shape is shorter). Then the die is shifted by no more than
 * D − 2c at a time, so that every pass goes on where the one before left off, until its far end lies T − D further on, and
 * the plate begins c past its near end. Each shift is a whole number of repeats of the die's edge, or its pattern would not meet. Common practice, no source.
 */
public final class Stretch {

    /** How far a plate's edge stays off a cut that must not be made. Common practice, no source. */
    public static final Length CLEAR = Length.ofInches(1, 4);

    private Stretch() {}

    /**
     * The passes in which a die cuts a shape as wide as itself.
     *
     * @param die how long the die is
     * @param wanted how long the shape is
     * @param sides the die's edge
     * @return the passes in order, one where it is as long as the die; nothing where the pattern would not meet or too little of either is left between the plate's edges
     */
    public static Optional<List<DiePass>> passes(Length die, Length wanted, Sides sides) {
        Length shift = wanted.minus(die);
        if (shift.isZero()) {
            return Optional.of(List.of(DiePass.WHOLE));
        }
        if (!sides.landsAfter(shift)) {
            return Optional.empty();
        }
        return shift.isPositive() ? longer(die, shift, sides) : shorter(wanted, shift);
    }

    private static Optional<List<DiePass>> longer(Length die, Length shift, Sides sides) {
        long repeats = die.minus(CLEAR).minus(CLEAR).dividedBy(sides.pitch());
        if (repeats < 1) {
            return Optional.empty();
        }
        Length step = sides.pitch().multipliedBy(repeats);
        List<DiePass> passes = new ArrayList<>();
        for (Length at = Length.ZERO; ; at = Length.min(shift, at.plus(step))) {
            Length begins = at.plus(CLEAR);
            Length ends = at.plus(die).minus(CLEAR);
            passes.add(new DiePass(
                    at,
                    at.isZero() ? Optional.empty() : Optional.of(begins),
                    at.equals(shift) ? Optional.empty() : Optional.of(ends)));
            if (at.equals(shift)) {
                return Optional.of(passes);
            }
        }
    }

    private static Optional<List<DiePass>> shorter(Length wanted, Length shift) {
        Length ends = wanted.minus(CLEAR);
        return ends.isShorterThan(CLEAR)
                ? Optional.empty()
                : Optional.of(List.of(
                        new DiePass(Length.ZERO, Optional.empty(), Optional.of(ends)),
                        new DiePass(shift, Optional.of(CLEAR), Optional.empty())));
    }

    /** The lengths nearest to a wanted one that a die can cut: the next shorter and the next longer; one where it can cut that itself. */
    public static List<Length> nearest(Length die, Length wanted, Sides sides) {
        long repeats = wanted.minus(die).dividedBy(sides.pitch());
        Length below = die.plus(sides.pitch().multipliedBy(repeats));
        List<Length> both = below.equals(wanted) ? List.of(below) : List.of(below, below.plus(sides.pitch()));
        return both.stream()
                .filter(length ->
                        length.isPositive() && passes(die, length, sides).isPresent())
                .toList();
    }
}
