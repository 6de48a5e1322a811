package kwibbet.crease;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;

import kwibbet.crease.Crease.Fold;
import kwibbet.outcome.Outcome;
import kwibbet.outcome.Refusal;

/**
 * A drawing of creases and cuts: lines between vertices that meet nowhere else.
 *
 * @param vertices the vertices
 * @param edges the lines
 */
public record CreaseGraph(List<Vertex> vertices, List<Edge> edges) {

    /** Copies the lists. */
    public CreaseGraph {
        vertices = List.copyOf(vertices);
        edges = List.copyOf(edges);
    }

    /**
     * A line of the drawing.
     *
     * @param from the index of the vertex it starts at
     * @param to the index of the vertex it ends at
     * @param fold how it folds; none for a cut or the edge of the paper
     */
    public record Edge(int from, int to, Optional<Fold> fold) {}

    /**
     * A pattern and where it comes from.
     *
     * @param pattern the pattern, its facets one sheet
     * @param rings for each facet the vertices round it, in order
     * @param creaseEdges for each crease the index of the edge it is
     */
    public record Traced(CreasePattern pattern, List<List<Integer>> rings, List<Integer> creaseEdges) {

        /** Copies the lists. */
        public Traced {
            rings = rings.stream().map(List::copyOf).toList();
            creaseEdges = List.copyOf(creaseEdges);
        }

        /**
         * Some of the facets, in another order; creases to those left out become edges of the paper.
         *
         * @param kept the indexes of those that are kept
         */
        public Traced only(List<Integer> kept) {
            List<Facet> facets = new ArrayList<>();
            for (int index : kept) {
                Facet facet = pattern.facets().get(index);
                facets.add(new Facet("panel " + (facets.size() + 1), 0, facet.outline(), facet.holes()));
            }
            List<Crease> creases = new ArrayList<>();
            List<Integer> edges = new ArrayList<>();
            for (int i = 0; i < pattern.creases().size(); i++) {
                Crease crease = pattern.creases().get(i);
                int first = kept.indexOf(crease.first());
                int second = kept.indexOf(crease.second());
                if (first >= 0 && second >= 0) {
                    creases.add(new Crease(first, second, crease.line(), crease.fold(), crease.stays()));
                    edges.add(creaseEdges.get(i));
                }
            }
            return new Traced(
                    new CreasePattern(facets, creases, pattern.welds(), pattern.known()),
                    kept.stream().map(rings::get).toList(),
                    edges);
        }
    }

    /**
     * The drawing of one sheet of a pattern: sides of its facets cut where they meet, each once.
     *
     * @param pattern the pattern
     * @param sheet which sheet
     */
    public static CreaseGraph of(CreasePattern pattern, int sheet) {
        return SheetDrawing.of(pattern, sheet);
    }

    /**
     * Finds the facets between the lines.
     *
     * @return the pattern, or what is wrong with the drawing: lines without length, twice there or crossing, creases that end within a facet,
     *     or no facet at all; the field is {@code edge N}
     */
    public Outcome<Traced> traced() {
        List<Refusal> reasons = new ArrayList<>();
        wrongEnds().ifPresent(reasons::add);
        if (reasons.isEmpty()) {
            crossing().ifPresent(reasons::add);
        }
        return reasons.isEmpty() ? new Tracing(this).traced() : Outcome.refused(reasons);
    }

    private Optional<Refusal> wrongEnds() {
        Set<Set<Integer>> seen = new HashSet<>();
        for (int i = 0; i < edges.size(); i++) {
            Edge edge = edges.get(i);
            if (edge.from() == edge.to() || line(edge).length() <= tolerance()) {
                return Optional.of(refusal(i, "It has no length."));
            }
            if (!seen.add(Set.of(edge.from(), edge.to()))) {
                return Optional.of(refusal(i, "The same line is there twice."));
            }
        }
        return Optional.empty();
    }

    private static Refusal refusal(int edge, String message) {
        return new Refusal("edge " + edge, message);
    }

    private Optional<Refusal> crossing() {
        double tolerance = tolerance();
        List<Integer> order = new ArrayList<>();
        for (int i = 0; i < edges.size(); i++) {
            order.add(i);
        }
        order.sort(Comparator.comparingDouble(i -> left(edges.get(i))));
        for (int i = 0; i < order.size(); i++) {
            Stretch one = line(edges.get(order.get(i)));
            double right = Math.max(one.from().x(), one.to().x());
            for (int j = i + 1; j < order.size() && left(edges.get(order.get(j))) <= right; j++) {
                if (meets(edges.get(order.get(i)), edges.get(order.get(j)), tolerance)) {
                    int first = Math.min(order.get(i), order.get(j));
                    return Optional.of(refusal(
                            Math.max(order.get(i), order.get(j)),
                            "It meets edge " + first + " where neither has a vertex, so this is not flat paper."));
                }
            }
        }
        return Optional.empty();
    }

    private double left(Edge edge) {
        Stretch line = line(edge);
        return Math.min(line.from().x(), line.to().x());
    }

    /** Whether lines meet elsewhere than at a vertex of both. */
    private boolean meets(Edge edge, Edge other, double tolerance) {
        Stretch one = line(edge);
        Stretch two = line(other);
        if (one.holds(two.from(), tolerance)
                || one.holds(two.to(), tolerance)
                || two.holds(one.from(), tolerance)
                || two.holds(one.to(), tolerance)) {
            return true;
        }
        double fromOff = two.off(one.from());
        double toOff = two.off(one.to());
        double fromOther = one.off(two.from());
        double toOther = one.off(two.to());
        return Math.min(Math.abs(fromOff), Math.abs(toOff)) > tolerance
                && Math.min(Math.abs(fromOther), Math.abs(toOther)) > tolerance
                && fromOff > 0 != toOff > 0
                && fromOther > 0 != toOther > 0;
    }

    private Stretch line(Edge edge) {
        return new Stretch(vertices.get(edge.from()), vertices.get(edge.to()));
    }

    private double tolerance() {
        double far = 0;
        for (Vertex vertex : vertices) {
            far = Math.max(far, vertex.distance(vertices.get(0)));
        }
        return far * 1e-7;
    }

    /** Walks round every facet, keeping it on the same hand. */
    private static final class Tracing {

        private final CreaseGraph graph;
        private final Map<Integer, List<Integer>> leaving = new HashMap<>();
        private final int[] ringOf;
        private final List<List<Integer>> rings = new ArrayList<>();
        private final List<Integer> outer = new ArrayList<>();
        private final Map<Integer, Integer> facetOfRing = new HashMap<>();
        private final List<List<Integer>> facetRings = new ArrayList<>();
        private final Set<Integer> cutOut = new HashSet<>();

        Tracing(CreaseGraph graph) {
            this.graph = graph;
            this.ringOf = new int[graph.edges().size() * 2];
            for (int half = 0; half < ringOf.length; half++) {
                ringOf[half] = -1;
                leaving.computeIfAbsent(start(half), key -> new ArrayList<>()).add(half);
            }
            leaving.values().forEach(halves -> halves.sort(Comparator.comparingDouble(this::angle)));
        }

        /** Half-lines: twice the edge's number, and one more for the way back. */
        private int start(int half) {
            Edge edge = graph.edges().get(half / 2);
            return half % 2 == 0 ? edge.from() : edge.to();
        }

        private double angle(int half) {
            Vertex along = place(start(half ^ 1)).minus(place(start(half)));
            return Math.atan2(along.y(), along.x());
        }

        private Vertex place(int vertex) {
            return graph.vertices().get(vertex);
        }

        Outcome<Traced> traced() {
            for (int half = 0; half < ringOf.length; half++) {
                if (ringOf[half] < 0) {
                    walk(half);
                }
            }
            if (facetRings.isEmpty()) {
                return Outcome.refused("edges", "The lines enclose no paper.");
            }
            List<List<List<Vertex>>> holes = holes();
            List<Facet> facets = new ArrayList<>();
            for (int i = 0; i < facetRings.size(); i++) {
                facets.add(new Facet("panel " + (i + 1), 0, corners(facetRings.get(i)), holes.get(i)));
            }
            return withCreases(facets);
        }

        private void walk(int start) {
            List<Integer> ring = new ArrayList<>();
            int half = start;
            do {
                ringOf[half] = rings.size();
                ring.add(start(half));
                List<Integer> around = Objects.requireNonNull(leaving.get(start(half ^ 1)));
                int back = around.indexOf(half ^ 1);
                half = around.get(Math.floorMod(back - 1, around.size()));
            } while (half != start);
            rings.add(ring);
            if (area(corners(ring)) > 0) {
                facetOfRing.put(rings.size() - 1, facetRings.size());
                facetRings.add(ring);
            } else {
                outer.add(rings.size() - 1);
            }
        }

        private List<Vertex> corners(List<Integer> ring) {
            return ring.stream().map(this::place).toList();
        }

        private static double area(List<Vertex> corners) {
            double twice = 0;
            for (int i = 0; i < corners.size(); i++) {
                twice += corners.get(i).cross(corners.get((i + 1) % corners.size()));
            }
            return twice / 2;
        }

        /** Lines that hang together but not with what is round them are a hole in the smallest facet round them. */
        private List<List<List<Vertex>>> holes() {
            List<List<List<Vertex>>> holes = new ArrayList<>();
            facetRings.forEach(ring -> holes.add(new ArrayList<>()));
            for (int outside : outer) {
                List<Integer> ring = rings.get(outside);
                Vertex corner = place(ring.get(0));
                int around = -1;
                double smallest = Double.POSITIVE_INFINITY;
                for (int i = 0; i < facetRings.size(); i++) {
                    List<Vertex> corners = corners(facetRings.get(i));
                    boolean apart = !facetRings.get(i).contains(ring.get(0));
                    Facet facet = new Facet("", 0, corners, List.of());
                    if (apart && FlatShape.of(facet, Isometry.SAME).covers(corner) && area(corners) < smallest) {
                        smallest = area(corners);
                        around = i;
                    }
                }
                if (around >= 0) {
                    holes.get(around).add(corners(ring));
                    facetOfRing.put(outside, around);
                    noteCutOut(ring);
                }
            }
            return holes;
        }

        /** What is cut loose all round within a facet falls out: a hole. */
        private void noteCutOut(List<Integer> outline) {
            Set<Integer> corners = new HashSet<>(outline);
            for (int i = 0; i < facetRings.size(); i++) {
                if (corners.equals(new HashSet<>(facetRings.get(i))) && isCutAllRound(i)) {
                    cutOut.add(i);
                }
            }
        }

        private boolean isCutAllRound(int facet) {
            for (int half = 0; half < ringOf.length; half++) {
                boolean here = Optional.ofNullable(facetOfRing.get(ringOf[half]))
                        .filter(each -> each == facet)
                        .isPresent();
                if (here && graph.edges().get(half / 2).fold().isPresent()) {
                    return false;
                }
            }
            return true;
        }

        private Outcome<Traced> withCreases(List<Facet> facets) {
            List<Crease> creases = new ArrayList<>();
            List<Integer> creaseEdges = new ArrayList<>();
            for (int i = 0; i < graph.edges().size(); i++) {
                Edge edge = graph.edges().get(i);
                Optional<Integer> one = Optional.ofNullable(facetOfRing.get(ringOf[2 * i]));
                Optional<Integer> other = Optional.ofNullable(facetOfRing.get(ringOf[2 * i + 1]));
                if (edge.fold().isPresent() && one.isPresent() && other.isPresent()) {
                    boolean ends = one.get().equals(other.get());
                    if (ends && edge.fold().get() != Fold.FLAT) {
                        return Outcome.refused(
                                "edge " + i,
                                "This crease ends within the paper. It must go on to another crease or to an edge.");
                    }
                    if (!ends) {
                        creases.add(new Crease(
                                one.get(),
                                other.get(),
                                graph.line(edge),
                                edge.fold().get(),
                                false));
                        creaseEdges.add(i);
                    }
                }
            }
            CreasePattern pattern = new CreasePattern(facets, creases, List.of(), List.of());
            Traced all = new Traced(pattern, facetRings, creaseEdges);
            return Outcome.made(
                    cutOut.isEmpty()
                            ? all
                            : all.only(IntStream.range(0, facets.size())
                                    .filter(facet -> !cutOut.contains(facet))
                                    .boxed()
                                    .toList()));
        }
    }
}
