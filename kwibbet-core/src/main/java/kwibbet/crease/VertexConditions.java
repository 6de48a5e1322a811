package kwibbet.crease;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.IntStream;

import kwibbet.crease.Crease.Fold;

/**
 * What must hold at each vertex within the paper for it to fold flat: the theorems of Kawasaki and of Maekawa.
 *
 * <p>Of the angles between the creases that fold there, every other one adds up to 180° (Kawasaki), which needs an even number of them; mountains
 * and valleys differ by two (Maekawa).
 */
final class VertexConditions {

    /** Angles this near, in radians, are the same: far more than rounding, far less than a hand can score. */
    private static final double NEAR = 1e-4;

    private final CreasePattern pattern;
    private final double tolerance;
    private final List<List<Stretch>> sides;

    private VertexConditions(CreasePattern pattern) {
        this.pattern = pattern;
        this.tolerance = pattern.tolerance() * 2;
        this.sides = pattern.facets().stream()
                .map(facet -> FlatShape.of(facet, Isometry.SAME).sides())
                .toList();
    }

    /** What is wrong at the vertices of a pattern; nothing where it may fold flat as far as they tell. */
    static List<Misfold> broken(CreasePattern pattern) {
        return new VertexConditions(pattern).broken();
    }

    private record Spoke(int crease, double angle) {}

    private record Hub(int sheet, Vertex at) {}

    private List<Misfold> broken() {
        List<Misfold> broken = new ArrayList<>();
        for (Hub hub : hubs()) {
            List<Spoke> spokes = spokes(hub);
            if (isWithin(hub)) {
                check(hub.at(), spokes.stream().filter(this::folds).toList()).ifPresent(broken::add);
            }
        }
        return broken;
    }

    private boolean folds(Spoke spoke) {
        return pattern.creases().get(spoke.crease()).folds();
    }

    private List<Hub> hubs() {
        List<Hub> hubs = new ArrayList<>();
        for (Crease crease : pattern.creases()) {
            int sheet = pattern.facets().get(crease.first()).sheet();
            for (Vertex end : List.of(crease.line().from(), crease.line().to())) {
                if (hubs.stream().noneMatch(hub -> hub.sheet() == sheet && isAt(end, hub.at()))) {
                    hubs.add(new Hub(sheet, end));
                }
            }
        }
        return hubs;
    }

    private boolean isAt(Vertex one, Vertex other) {
        return Math.abs(one.x() - other.x()) < tolerance && Math.abs(one.y() - other.y()) < tolerance;
    }

    /** The creases that end at a vertex, in the order they are met going round it. */
    private List<Spoke> spokes(Hub hub) {
        return IntStream.range(0, pattern.creases().size())
                .filter(i ->
                        pattern.facets().get(pattern.creases().get(i).first()).sheet() == hub.sheet())
                .mapToObj(i -> spoke(i, hub.at()))
                .flatMap(Optional::stream)
                .sorted(Comparator.comparingDouble(Spoke::angle))
                .toList();
    }

    private Optional<Spoke> spoke(int index, Vertex at) {
        Stretch line = pattern.creases().get(index).line();
        if (isAt(line.from(), at)) {
            return Optional.of(new Spoke(index, angle(line.along())));
        }
        return isAt(line.to(), at)
                ? Optional.of(new Spoke(index, angle(line.along().times(-1))))
                : Optional.empty();
    }

    private static double angle(Vertex direction) {
        return Math.atan2(direction.y(), direction.x());
    }

    /** A vertex lies within the paper when every side of a facet that ends there is a crease. */
    private boolean isWithin(Hub hub) {
        for (int i = 0; i < pattern.facets().size(); i++) {
            if (pattern.facets().get(i).sheet() == hub.sheet()) {
                for (Stretch side : sides.get(i)) {
                    boolean ends = isAt(side.from(), hub.at()) || isAt(side.to(), hub.at());
                    if (ends && !isCrease(side, hub)) {
                        return false;
                    }
                }
            }
        }
        return true;
    }

    private boolean isCrease(Stretch side, Hub hub) {
        Vertex near = near(side, hub.at());
        return pattern.creases().stream()
                .anyMatch(crease -> pattern.facets().get(crease.first()).sheet() == hub.sheet()
                        && crease.line().holds(near, tolerance)
                        && crease.line().isInLineWith(side, tolerance));
    }

    /** A place on a side near one of its ends. */
    private Vertex near(Stretch side, Vertex end) {
        Vertex other = isAt(side.from(), end) ? side.to() : side.from();
        return end.plus(other.minus(end).times(Math.min(0.5, 8 * tolerance / side.length())));
    }

    private Optional<Misfold> check(Vertex at, List<Spoke> spokes) {
        List<Integer> facets = spokes.stream()
                .map(spoke -> pattern.creases().get(spoke.crease()))
                .flatMap(crease -> List.of(crease.first(), crease.second()).stream())
                .distinct()
                .toList();
        if (spokes.size() % 2 == 1) {
            return Optional.of(new Misfold(
                    place(at) + spokes.size() + " creases meet. Paper folds flat only where an even number meets.",
                    facets,
                    Optional.of(at)));
        }
        double everyOther = IntStream.range(0, spokes.size() / 2)
                .mapToDouble(
                        i -> spokes.get(2 * i + 1).angle() - spokes.get(2 * i).angle())
                .sum();
        if (!spokes.isEmpty() && Math.abs(everyOther - Math.PI) > NEAR) {
            double degrees = Math.toDegrees(everyOther);
            return Optional.of(new Misfold(
                    place(at)
                            + String.format(
                                    Locale.ROOT,
                                    "every other angle between the creases adds up to %.2f°. It must be 180°.",
                                    degrees),
                    facets,
                    Optional.of(at)));
        }
        long mountains = count(spokes, Fold.MOUNTAIN);
        long valleys = count(spokes, Fold.VALLEY);
        boolean assigned = mountains + valleys == spokes.size();
        if (!spokes.isEmpty() && assigned && Math.abs(mountains - valleys) != 2) {
            return Optional.of(new Misfold(
                    place(at) + mountains + " mountain and " + valleys
                            + " valley creases meet. One kind must be two more than the other.",
                    facets,
                    Optional.of(at)));
        }
        return Optional.empty();
    }

    private long count(List<Spoke> spokes, Fold fold) {
        return spokes.stream()
                .filter(spoke -> pattern.creases().get(spoke.crease()).fold() == fold)
                .count();
    }

    private static String place(Vertex at) {
        return String.format(Locale.ROOT, "At (%.4g, %.4g) ", at.x(), at.y());
    }
}
