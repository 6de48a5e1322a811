package kwibbet.crease;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * Which facets lie over each other, region by region, and what meets along each stretch of an edge between regions.
 *
 * <p>The edges of all facets as they lie are cut where they cross or touch; on either side of each part's middle a look tells
 * which facets cover that region. Every region has an edge, so every region is seen. What is narrower than a look is no region.
 *
 * @param spots the facets that cover each region, each set once, with a place in such a region
 * @param meetings what meets along the parts of edges where something folds or goes on as another facet
 */
record Overlaps(Map<BitSet, Vertex> spots, List<Meeting> meetings) {

    /**
     * What meets along a stretch of an edge.
     *
     * @param leftFolds pairs of facets that are folded there and lie on the left
     * @param rightFolds pairs that lie on the right
     * @param through facets that go on there: on the left, and what each is on the right
     */
    record Meeting(List<Pair> leftFolds, List<Pair> rightFolds, List<Pair> through) {}

    /**
     * Two facets.
     *
     * @param one the index of one
     * @param other the index of the other
     */
    record Pair(int one, int other) {}

    /** Looks at a pattern folded flat. */
    static Overlaps of(CreasePattern pattern, FoldedPlaces folded) {
        return new Survey(pattern, folded).overlaps();
    }

    /** The facets that cover each region. */
    Set<BitSet> regions() {
        return spots.keySet();
    }

    /** The most facets that cover a region. */
    int layers() {
        return regions().stream().mapToInt(BitSet::cardinality).max().orElse(0);
    }

    /** One look at everything. */
    private static final class Survey {

        /** Middles nearer than about this many tolerances are one. */
        private static final double GRID = 8;

        private final CreasePattern pattern;
        private final double tolerance;
        private final List<FlatShape> shapes;
        private final List<Side> sides = new ArrayList<>();
        private final List<Stretch> creases;
        private final Set<Long> seen = new HashSet<>();
        private final Map<BitSet, Vertex> spots = new LinkedHashMap<>();
        private final List<Meeting> meetings = new ArrayList<>();

        /** A side of a facet as it lies. */
        private record Side(Stretch line, int facet) {}

        Survey(CreasePattern pattern, FoldedPlaces folded) {
            this.pattern = pattern;
            this.tolerance = pattern.tolerance();
            this.shapes = IntStream.range(0, pattern.facets().size())
                    .mapToObj(i -> FlatShape.of(pattern.facets().get(i), folded.of(i)))
                    .toList();
            for (int i = 0; i < shapes.size(); i++) {
                for (Stretch line : shapes.get(i).sides()) {
                    sides.add(new Side(line, i));
                }
            }
            this.creases = pattern.creases().stream()
                    .map(crease -> folded.of(crease.first()).apply(crease.line()))
                    .toList();
        }

        Overlaps overlaps() {
            List<Stretch> lines = sides.stream().map(Side::line).toList();
            for (Parts.Look look : Parts.looks(lines, tolerance)) {
                if (isNew(look.part())) {
                    take(look);
                }
            }
            return new Overlaps(spots, meetings);
        }

        /** Parts that lie on each other are looked at once; one that falls between two squares of the grid may be again. */
        private boolean isNew(Stretch part) {
            Vertex middle = part.middle();
            long across = Math.round(middle.x() / (tolerance * GRID));
            long down = Math.round(middle.y() / (tolerance * GRID));
            long slope = Math.round(
                            Math.abs(Math.atan2(part.along().y(), part.along().x())) * 8)
                    % 25;
            return seen.add((across * 0x9E3779B97F4A7C15L + down) * 31 + slope);
        }

        private void take(Parts.Look look) {
            Vertex middle = look.part().middle();
            BitSet left = covering(look.left());
            BitSet right = covering(look.right());
            spots.putIfAbsent(left, look.left());
            spots.putIfAbsent(right, look.right());
            List<Pair> leftFolds = new ArrayList<>();
            List<Pair> rightFolds = new ArrayList<>();
            List<Pair> through = new ArrayList<>();
            for (int i = 0; i < creases.size(); i++) {
                if (creases.get(i).holds(middle, 2 * tolerance)) {
                    meet(pattern.creases().get(i), left, right, leftFolds, rightFolds, through);
                }
            }
            boolean goesOn = !through.isEmpty();
            if (goesOn || !leftFolds.isEmpty() || !rightFolds.isEmpty()) {
                goingOn(middle, left, right, through);
                meetings.add(new Meeting(leftFolds, rightFolds, through));
            }
        }

        private static void meet(
                Crease crease,
                BitSet left,
                BitSet right,
                List<Pair> leftFolds,
                List<Pair> rightFolds,
                List<Pair> through) {
            int one = crease.first();
            int other = crease.second();
            if (!crease.folds()) {
                if (left.get(one) && right.get(other)) {
                    through.add(new Pair(one, other));
                } else if (left.get(other) && right.get(one)) {
                    through.add(new Pair(other, one));
                }
            } else if (left.get(one) && left.get(other)) {
                leftFolds.add(new Pair(one, other));
            } else if (right.get(one) && right.get(other)) {
                rightFolds.add(new Pair(one, other));
            }
        }

        /** Facets on both sides that have no edge there. */
        private void goingOn(Vertex middle, BitSet left, BitSet right, List<Pair> through) {
            BitSet both = (BitSet) left.clone();
            both.and(right);
            for (Side side : sides) {
                if (both.get(side.facet()) && side.line().holds(middle, 2 * tolerance)) {
                    both.clear(side.facet());
                }
            }
            both.stream().forEach(facet -> through.add(new Pair(facet, facet)));
        }

        private BitSet covering(Vertex place) {
            BitSet found = new BitSet();
            for (int i = 0; i < shapes.size(); i++) {
                if (shapes.get(i).covers(place)) {
                    found.set(i);
                }
            }
            return found;
        }
    }
}
