package kwibbet.fold;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;

import kwibbet.card.Adhesion;
import kwibbet.card.Card;
import kwibbet.card.Join;
import kwibbet.card.Panel;
import kwibbet.card.PanelId;
import kwibbet.card.Side;
import kwibbet.crease.Crease;
import kwibbet.crease.CreaseGraph;
import kwibbet.crease.CreasePattern;
import kwibbet.crease.Facet;
import kwibbet.crease.FoldedState;
import kwibbet.crease.Isometry;
import kwibbet.crease.Vertex;
import kwibbet.shape.Overlay;
import kwibbet.shape.Region;

/**
 * All paper of a card drawn flat, one sheet beside the other, and how it lies after each step of closing: the folding panels as facets, and whatever rides on them, too. A band,
 * which comes on when the card is shut, is left out.
 *
 * @param graph the drawing of all sheets
 * @param rings for each face the vertices round it, in order
 * @param faces what each face is
 * @param joins which faces are stuck to each other
 * @param states one for each step
 */
public record CardSheets(
        CreaseGraph graph,
        List<List<Integer>> rings,
        List<SheetFace> faces,
        List<FaceJoin> joins,
        List<FoldedState> states) {

    /** So far apart, in inches, the sheets are drawn. */
    private static final double GAP = 1;

    private static final double LEAST = 1e-6;

    /** Copies the lists. */
    public CardSheets {
        rings = rings.stream().map(List::copyOf).toList();
        faces = List.copyOf(faces);
        joins = List.copyOf(joins);
        states = List.copyOf(states);
    }

    /**
     * A face.
     *
     * @param piece what the maker calls its piece
     * @param panel what the maker calls the part of it
     */
    public record SheetFace(String piece, String panel) {}

    /**
     * Two faces that are stuck to each other.
     *
     * @param lower the index of the face that carries
     * @param upper the index of the face that is stuck to it
     * @param side the side of the lower face
     * @param adhesion what holds them
     */
    public record FaceJoin(int lower, int upper, Side side, Adhesion adhesion) {}

    /** The sheets of a card of which is known how it closes. */
    public static CardSheets of(Card card, CardFolding folding) {
        return new Drawing(card, folding).sheets();
    }

    private static final class Drawing {

        private final Card card;
        private final CardFolding folding;
        private final List<Panel> panels;
        private final List<Vertex> vertices = new ArrayList<>();
        private final List<CreaseGraph.Edge> edges = new ArrayList<>();
        private final List<Drawn> drawn = new ArrayList<>();

        private double right;

        /**
         * A face.
         *
         * @param ring the vertices round it
         * @param leaf the index of the leaf it is
         * @param moved how far to the right its sheet is drawn
         */
        private record Drawn(List<Integer> ring, int leaf, double moved) {}

        Drawing(Card card, CardFolding folding) {
            this.card = card;
            this.folding = folding;
            this.panels = card.panels().stream()
                    .filter(panel -> folding.pattern().carriers().containsKey(panel.id()))
                    .toList();
        }

        CardSheets sheets() {
            CreasePattern all = pattern();
            long sheets = all.facets().stream().map(Facet::sheet).distinct().count();
            for (int sheet = 0; sheet < sheets; sheet++) {
                draw(all, sheet);
            }
            List<SheetFace> faces = drawn.stream()
                    .map(face -> new SheetFace(
                            folding.leaves().get(face.leaf()).name(), card.nameOf(panels.get(face.leaf()))))
                    .toList();
            List<FoldedState> states = folding.sequence().stream()
                    .flatMap(sequence -> sequence.steps().stream())
                    .map(step -> lying(step.after()))
                    .toList();
            return new CardSheets(
                    new CreaseGraph(vertices, edges),
                    drawn.stream().map(Drawn::ring).toList(),
                    faces,
                    joins(),
                    states);
        }

        /** Every leaf a facet of its piece. */
        private CreasePattern pattern() {
            Map<String, Integer> sheets = new HashMap<>();
            List<Facet> facets = new ArrayList<>();
            for (Leaf leaf : folding.leaves()) {
                int sheet = sheets.computeIfAbsent(leaf.piece(), piece -> sheets.size());
                facets.add(new Facet(
                        leaf.name(),
                        sheet,
                        leaf.rings().get(0),
                        leaf.rings().subList(1, leaf.rings().size())));
            }
            List<Crease> creases = folding.pattern().pattern().creases().stream()
                    .map(crease -> new Crease(
                            leaf(folding.pattern().facets().get(crease.first()).id()),
                            leaf(folding.pattern().facets().get(crease.second()).id()),
                            crease.line(),
                            crease.fold(),
                            crease.stays()))
                    .toList();
            return new CreasePattern(facets, creases, List.of(), List.of());
        }

        private int leaf(PanelId panel) {
            return IntStream.range(0, panels.size())
                    .filter(i -> panels.get(i).id().equals(panel))
                    .findFirst()
                    .orElseThrow(() -> new IllegalStateException("no leaf is " + panel.value()));
        }

        /** Draws a sheet to the right of those that are drawn already. */
        private void draw(CreasePattern all, int sheet) {
            CreaseGraph graph = CreaseGraph.of(all, sheet);
            double left = graph.vertices().stream().mapToDouble(Vertex::x).min().orElse(0);
            double end = graph.vertices().stream().mapToDouble(Vertex::x).max().orElse(0);
            double by = right - left;
            int first = vertices.size();
            graph.vertices().forEach(vertex -> vertices.add(new Vertex(vertex.x() + by, vertex.y())));
            graph.edges()
                    .forEach(edge ->
                            edges.add(new CreaseGraph.Edge(edge.from() + first, edge.to() + first, edge.fold())));
            CreaseGraph.Traced traced = graph.traced().orThrow();
            for (int i = 0; i < traced.rings().size(); i++) {
                Vertex inside = traced.pattern().facets().get(i).inside();
                OptionalInt leaf = IntStream.range(0, all.facets().size())
                        .filter(each -> all.facets().get(each).sheet() == sheet
                                && all.facets().get(each).covers(inside))
                        .findFirst();
                if (leaf.isPresent()) {
                    List<Integer> ring = traced.rings().get(i).stream()
                            .map(vertex -> vertex + first)
                            .toList();
                    drawn.add(new Drawn(ring, leaf.getAsInt(), by));
                }
            }
            right += end - left + GAP;
        }

        private List<FaceJoin> joins() {
            List<FaceJoin> joins = new ArrayList<>();
            for (Join join : card.joins()) {
                Optional<Integer> lower = face(join.panel());
                Optional<Integer> upper = face(card.stuckPanel(join).id());
                if (lower.isPresent() && upper.isPresent()) {
                    joins.add(new FaceJoin(lower.get(), upper.get(), join.side(), join.adhesion()));
                }
            }
            return joins;
        }

        private Optional<Integer> face(PanelId panel) {
            return IntStream.range(0, drawn.size())
                    .filter(face -> panels.get(drawn.get(face).leaf()).id().equals(panel))
                    .boxed()
                    .findFirst();
        }

        private FoldedState lying(FoldedState state) {
            List<Isometry> places = new ArrayList<>();
            List<Region> papers = new ArrayList<>();
            for (Drawn face : drawn) {
                Leaf leaf = folding.leaves().get(face.leaf());
                Isometry at = leaf.at(state.places().of(leaf.facet()));
                papers.add(Places.region(leaf.rings(), at));
                places.add(new Isometry(1, 0, 0, 1, -face.moved(), 0).within(at));
            }
            return FoldedState.lying(
                    places,
                    (one, other) -> Overlay.sharedArea(papers.get(one), papers.get(other)) > LEAST
                            ? above(drawn.get(one).leaf(), drawn.get(other).leaf(), state)
                            : 0);
        }

        /** More than zero where a leaf lies over another: as their facets do, or by how they are stuck to the one both ride on. */
        private int above(int one, int other, FoldedState state) {
            Leaf first = folding.leaves().get(one);
            Leaf second = folding.leaves().get(other);
            if (first.facet() != second.facet()) {
                return state.order().compare(first.facet(), second.facet());
            }
            int plies = Integer.compare(first.plies(), second.plies());
            // Of two stuck side by side to one face, what was stuck later lies further out.
            int later = Integer.compare(one, other) * Integer.signum(first.plies());
            int up = plies != 0 ? plies : later;
            return state.places().of(first.facet()).isMirrored() ? -up : up;
        }
    }
}
