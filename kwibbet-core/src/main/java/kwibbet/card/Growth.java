package kwibbet.card;

import java.util.Map;

import kwibbet.measure.Graduation;
import kwibbet.measure.Length;
import kwibbet.shape.Size;

/**
 * How the entered lengths of a design follow the size of its card.
 *
 * @param from the size they were entered for
 * @param to the size they are wanted for
 * @param marks what grown lengths are rounded down to, so that they can be cut and still fit what has grown alike; nothing vanishes
 */
record Growth(Size from, Size to, Graduation marks) {

    static Growth of(Design design) {
        Graduation marks = Graduation.usual(design.system());
        Size finished = design.finished();
        return new Growth(design.drawnFor().orElse(finished), finished, marks);
    }

    /** The settings of a base: what follows the width of one that lies a quarter turned grows with the height. */
    Settings ofBase(Base base, Settings settings) {
        Growth asItLies = base.isTurned(settings) ? new Growth(from.turned(), to.turned(), marks) : this;
        return asItLies.grown(base, settings);
    }

    Settings of(Addition addition) {
        return grown(addition.feature(), addition.settings());
    }

    private Settings grown(Craft craft, Settings settings) {
        if (from.equals(to)) {
            return settings;
        }
        Settings grown = settings;
        for (Parameter parameter : craft.parameters()) {
            if (parameter instanceof Parameter.OfLength length && isEntered(length, settings)) {
                grown = grown.with(length, grown(settings.length(length), length.follows()));
            }
        }
        return grown;
    }

    private static boolean isEntered(Parameter.OfLength parameter, Settings settings) {
        Map<String, Length> entered = settings.lengths();
        return parameter.follows() != Parameter.Follows.NOTHING && entered.containsKey(parameter.key());
    }

    private Length grown(Length length, Parameter.Follows follows) {
        double across = to.width().toInches() / from.width().toInches();
        double down = to.height().toInches() / from.height().toInches();
        double factor =
                switch (follows) {
                    case NOTHING -> 1;
                    case WIDTH -> across;
                    case HEIGHT -> down;
                    case BOTH -> Math.min(across, down);
                };
        Length grown = length.scaledBy(factor);
        Length cut = grown.abs().roundedDownTo(marks).shown();
        Length kept = cut.isZero() ? Length.min(length.abs(), marks.step()) : cut;
        return length.isNegative() ? kept.negated() : kept;
    }
}
