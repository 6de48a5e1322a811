package kwibbet.crease;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Whether two facets overlap as they lie to each other; remembered, since the same two often lie the same way. */
final class ShapesOverlap {

    private final CreasePattern pattern;
    private final double tolerance;
    private final Map<Question, Boolean> known = new HashMap<>();

    /** Two facets, and how the other lies seen from the one, to within the tolerance. */
    private record Question(int one, int other, long across, long down, long turned) {}

    ShapesOverlap(CreasePattern pattern) {
        this.pattern = pattern;
        this.tolerance = pattern.tolerance();
    }

    boolean between(int one, Isometry onePlace, int other, Isometry otherPlace) {
        Isometry seen = otherPlace.within(onePlace.inverse());
        long turned = Math.round(seen.degrees() * 1e4) * (seen.isMirrored() ? -1 : 1);
        Question question = new Question(
                one, other, Math.round(seen.e() / tolerance / 4), Math.round(seen.f() / tolerance / 4), turned);
        return known.computeIfAbsent(question, any -> overlap(one, other, seen));
    }

    private boolean overlap(int one, int other, Isometry seen) {
        FlatShape first = FlatShape.of(pattern.facets().get(one), Isometry.SAME);
        FlatShape second = FlatShape.of(pattern.facets().get(other), seen);
        if (!first.isNear(second, tolerance)) {
            return false;
        }
        List<Stretch> sides = new ArrayList<>(first.sides());
        sides.addAll(second.sides());
        return Parts.looks(sides, tolerance).stream()
                .anyMatch(look -> (first.covers(look.left()) && second.covers(look.left()))
                        || (first.covers(look.right()) && second.covers(look.right())));
    }
}
