package kwibbet.crease;

import java.util.ArrayList;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.Optional;

/** Whether a pattern folds flat, and how its facets then lie; or the proof that it cannot. */
public sealed interface FlatFolding {

    /**
     * It folds flat.
     *
     * @param pattern the pattern
     * @param places where its facets lie
     * @param orders some of the ways they can lie over each other, at least one
     * @param count how many ways there are
     * @param isCounted whether that is all of them
     * @param layers the most facets over each other anywhere
     */
    record Folds(
            CreasePattern pattern,
            FoldedPlaces places,
            List<LayerOrder> orders,
            long count,
            boolean isCounted,
            int layers)
            implements FlatFolding {

        /** Copies the list. */
        public Folds {
            orders = List.copyOf(orders);
        }

        /** The width and the height of the smallest rectangle round it, however that is turned; upright where that is as small. */
        public Vertex size() {
            List<Vertex> corners = new ArrayList<>();
            List<Vertex> ways = new ArrayList<>(List.of(new Vertex(1, 0)));
            for (int i = 0; i < pattern.facets().size(); i++) {
                for (Stretch side :
                        FlatShape.of(pattern.facets().get(i), places.of(i)).sides()) {
                    corners.add(side.from());
                    if (side.length() > pattern.tolerance()) {
                        ways.add(side.along().times(1 / side.length()));
                    }
                }
            }
            Vertex smallest = extent(corners, ways.get(0));
            for (Vertex way : ways) {
                Vertex extent = extent(corners, way);
                if (extent.x() * extent.y() < smallest.x() * smallest.y() * (1 - 1e-6)) {
                    smallest = Math.abs(way.x()) >= Math.abs(way.y()) ? extent : new Vertex(extent.y(), extent.x());
                }
            }
            return smallest;
        }

        private static Vertex extent(List<Vertex> corners, Vertex way) {
            DoubleSummaryStatistics along = new DoubleSummaryStatistics();
            DoubleSummaryStatistics across = new DoubleSummaryStatistics();
            for (Vertex corner : corners) {
                along.accept(way.dot(corner));
                across.accept(way.cross(corner));
            }
            return new Vertex(along.getMax() - along.getMin(), across.getMax() - across.getMin());
        }
    }

    /**
     * It cannot fold flat.
     *
     * @param reasons why, at least one
     */
    record CannotFold(List<Misfold> reasons) implements FlatFolding {
        /** Copies the list. */
        public CannotFold {
            reasons = List.copyOf(reasons);
        }
    }

    /** It takes more tries than allowed to tell, or there is more of it than is looked at. */
    record Undecided() implements FlatFolding {}

    /**
     * How much is tried.
     *
     * @param looks how often conditions are looked at before it is left undecided
     * @param looksCounting how often more once a way is known, before the others are left uncounted
     * @param count how many orders are counted before it is left at that
     * @param kept how many orders are kept
     * @param facets how many facets may overlap somehow
     * @param layers how many may lie over each other
     */
    record Limits(long looks, long looksCounting, long count, int kept, int facets, int layers) {
        /** Enough for what a hand folds. */
        public static final Limits USUAL = new Limits(20_000_000, 2_000_000, 100_000, 24, 600, 64);
    }

    /** Counts stop here: beyond, nobody asks how many exactly. */
    long MOST = 1_000_000_000_000L;

    /** Works out a pattern. */
    static FlatFolding of(CreasePattern pattern) {
        return of(pattern, Limits.USUAL);
    }

    /** Works out a pattern within limits. */
    static FlatFolding of(CreasePattern pattern, Limits limits) {
        return of(pattern, limits, Progress.UNWATCHED);
    }

    /**
     * Works out a pattern within limits, while somebody waits for it.
     *
     * @param pattern the pattern
     * @param limits how much is tried
     * @param progress who is told how far it is; where they have had enough, it ends as if the limits were reached
     */
    static FlatFolding of(CreasePattern pattern, Limits limits, Progress progress) {
        if (pattern.facets().size() > limits.facets()) {
            return new Undecided();
        }
        List<Misfold> broken = VertexConditions.broken(pattern);
        if (!broken.isEmpty()) {
            return new CannotFold(broken);
        }
        FoldedPlaces places = FoldedPlaces.of(pattern);
        List<Integer> open = places.open(pattern);
        if (!open.isEmpty()) {
            return new CannotFold(open.stream().map(i -> apart(pattern, i)).toList());
        }
        Overlaps overlaps = Overlaps.of(pattern, places);
        if (overlaps.layers() > limits.layers()) {
            return new Undecided();
        }
        OrderConditions conditions = OrderConditions.of(pattern, places, overlaps);
        return new OrderCounting(pattern, places, overlaps, conditions, limits, progress).all();
    }

    private static Misfold apart(CreasePattern pattern, int index) {
        Crease crease = pattern.creases().get(index);
        String one = pattern.facets().get(crease.first()).name();
        String other = pattern.facets().get(crease.second()).name();
        return new Misfold(
                "Folded flat, " + one + " and " + other
                        + " do not come together at their crease: a way round leads elsewhere.",
                List.of(crease.first(), crease.second()),
                Optional.of(crease.line().middle()));
    }
}
