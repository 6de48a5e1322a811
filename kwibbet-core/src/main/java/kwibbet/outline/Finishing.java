package kwibbet.outline;

import java.util.List;

import kwibbet.measure.Figure;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.shape.Region;

/** Grows, shrinks and scallops an outline; what is cut out of it stays as it is. */
final class Finishing {

    private static final Length WIDEST = Length.ofInches(4);
    private static final Length CLOSEST = Length.ofInches(1, 8);

    private Finishing() {}

    static Outcome<Region> of(Region whole, Finish finish, MeasureSystem system) {
        return bordered(whole.outline(), finish.border(), system)
                .then(outline -> scalloped(outline, finish.scallops(), system))
                .then(outline -> Outcome.made(largest(outline, whole.holes())));
    }

    private static Outcome<Outline> bordered(Outline outline, Length border, MeasureSystem system) {
        if (border.isZero()) {
            return Outcome.made(outline);
        }
        if (border.abs().isLongerThan(WIDEST)) {
            return Outcome.refused(
                    "border",
                    "A border is at most " + Figure.of(system.mostSaid(WIDEST), system) + ", outwards or inwards.");
        }
        if (border.isPositive()) {
            return Outcome.made(Overlay.around(outline, border));
        }
        List<Outline> within = Overlay.inset(outline, border.negated());
        return within.isEmpty()
                ? Outcome.refused("border", "Nothing would be left so far within it.")
                : Outcome.made(within.get(0));
    }

    private static Outcome<Outline> scalloped(Outline outline, Length pitch, MeasureSystem system) {
        if (pitch.isZero()) {
            return Outcome.made(outline);
        }
        if (pitch.isShorterThan(CLOSEST) || pitch.isLongerThan(WIDEST)) {
            return Outcome.refused(
                    "scallops",
                    "Scallops are "
                            + Figure.of(system.leastSaid(CLOSEST), system).text() + " to "
                            + Figure.of(system.mostSaid(WIDEST), system) + " apart, or 0 for none.");
        }
        return Scallops.of(outline, pitch)
                .map(Outcome::made)
                .orElseGet(() -> Outcome.refused("scallops", "It is too narrow somewhere for scallops so far apart."));
    }

    private static Region largest(Outline outline, List<Outline> holes) {
        return Overlay.without(
                        Region.of(outline), holes.stream().map(Region::of).toList())
                .stream()
                .max((one, other) -> Double.compare(one.area(), other.area()))
                .orElseGet(() -> Region.of(outline));
    }
}
