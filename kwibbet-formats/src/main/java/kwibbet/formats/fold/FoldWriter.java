package kwibbet.formats.fold;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

import kwibbet.card.Side;
import kwibbet.crease.Crease.Fold;
import kwibbet.crease.CreaseGraph;
import kwibbet.crease.FoldedState;
import kwibbet.crease.Vertex;
import kwibbet.fold.CardSheets;
import kwibbet.fold.Vector;

/** Writes FOLD documents: a crease pattern as the key frame, and states of it folded flat as further frames. */
public final class FoldWriter {

    private static final double SPEC = 1.1;
    private static final double NO_PLACE = 1e-9;
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private FoldWriter() {}

    /**
     * A state for a frame.
     *
     * @param title what it is called
     * @param state how the facets lie
     */
    public record Frame(String title, FoldedState state) {}

    /**
     * A whole card as text: all its sheets beside each other, what each face is, and what is stuck to what. FOLD has no words for the latter two, so they stand under names of
     * our own, as it asks for.
     *
     * @param title what it is called
     * @param unit the unit of its lengths as FOLD names it
     * @param sheets the sheets
     * @param frames states of them
     */
    public static String text(String title, String unit, CardSheets sheets, List<Frame> frames) {
        ObjectNode document = document(title, unit, sheets.graph(), sheets.rings(), frames);
        ArrayNode faces = document.putArray("kwibbet:faces");
        sheets.faces()
                .forEach(face -> faces.addObject().put("piece", face.piece()).put("panel", face.panel()));
        ArrayNode joins = document.putArray("kwibbet:joins");
        sheets.joins().forEach(join -> joins.addObject()
                .put("lower", join.lower())
                .put("upper", join.upper())
                .put("side", join.side() == Side.UP ? "up" : "under")
                .put("with", join.adhesion().kind().words()));
        return JSON.writeValueAsString(document);
    }

    /** The document as text. */
    public static String text(
            String title, String unit, CreaseGraph graph, CreaseGraph.Traced traced, List<Frame> frames) {
        return JSON.writeValueAsString(document(title, unit, graph, traced, frames));
    }

    /**
     * The document.
     *
     * @param title what it is called
     * @param unit the unit of its lengths as FOLD names it
     * @param graph vertices and edges
     * @param traced the facets between them
     * @param frames states, each of which becomes a frame that inherits from the pattern
     */
    public static ObjectNode document(
            String title, String unit, CreaseGraph graph, CreaseGraph.Traced traced, List<Frame> frames) {
        return document(title, unit, graph, traced.rings(), frames);
    }

    private static ObjectNode document(
            String title, String unit, CreaseGraph graph, List<List<Integer>> rings, List<Frame> frames) {
        ObjectNode document = JSON.createObjectNode();
        document.put("file_spec", SPEC);
        document.put("file_creator", "Kwibbet");
        document.put("file_title", title);
        document.putArray("file_classes").add("singleModel");
        document.putArray("frame_classes").add("creasePattern");
        document.putArray("frame_attributes").add("2D");
        document.put("frame_unit", unit);
        coordinates(document, graph.vertices());
        ArrayNode ends = document.putArray("edges_vertices");
        ArrayNode kinds = document.putArray("edges_assignment");
        ArrayNode angles = document.putArray("edges_foldAngle");
        for (CreaseGraph.Edge edge : graph.edges()) {
            ends.addArray().add(edge.from()).add(edge.to());
            kinds.add(kind(edge.fold()));
            angle(edge.fold(), angles);
        }
        ArrayNode faces = document.putArray("faces_vertices");
        // Traced with y running down, a facet goes round with the clock as FOLD draws it; reversed, it goes against it.
        for (List<Integer> ring : rings) {
            ArrayNode face = faces.addArray();
            for (int i = ring.size() - 1; i >= 0; i--) {
                face.add(ring.get(i));
            }
        }
        if (!frames.isEmpty()) {
            ArrayNode further = document.putArray("file_frames");
            frames.forEach(frame -> write(frame, graph, rings, further.addObject()));
        }
        return document;
    }

    /**
     * The document of a pattern that stops half open: the pattern, and a frame in space.
     *
     * @param read the pattern
     * @param places where its facets stand
     */
    public static ObjectNode document(FoldPattern read, List<kwibbet.fold.Frame> places) {
        ObjectNode document = document(read.title(), read.unit(), read.graph(), read.traced(), List.of());
        ArrayNode angles = document.putArray("edges_foldAngle");
        Map<Integer, Double> degrees = new HashMap<>();
        for (int i = 0; i < read.degrees().size(); i++) {
            degrees.put(read.traced().creaseEdges().get(i), read.degrees().get(i));
        }
        for (int edge = 0; edge < read.graph().edges().size(); edge++) {
            Optional.ofNullable(degrees.get(edge)).ifPresentOrElse(angles::add, angles::addNull);
        }
        ObjectNode node = document.putArray("file_frames").addObject();
        node.put("frame_title", "Half open");
        node.putArray("frame_classes").add("foldedForm");
        node.putArray("frame_attributes").add("3D");
        node.put("frame_parent", 0);
        node.put("frame_inherit", true);
        Vector[] standing = new Vector[read.graph().vertices().size()];
        Arrays.fill(standing, new Vector(0, 0, 0));
        for (int facet = 0; facet < read.traced().rings().size(); facet++) {
            for (int vertex : read.traced().rings().get(facet)) {
                Vertex flat = read.graph().vertices().get(vertex);
                standing[vertex] = places.get(facet).at(flat.x(), flat.y());
            }
        }
        ArrayNode coordinates = node.putArray("vertices_coords");
        for (Vector place : standing) {
            coordinates.addArray().add(tidy(place.x())).add(tidy(-place.y())).add(tidy(place.z()));
        }
        return document;
    }

    private static void coordinates(ObjectNode node, List<Vertex> vertices) {
        ArrayNode coordinates = node.putArray("vertices_coords");
        vertices.forEach(vertex -> coordinates.addArray().add(tidy(vertex.x())).add(tidy(-vertex.y())));
    }

    private static double tidy(double value) {
        return Math.abs(value) < NO_PLACE ? 0 : value;
    }

    private static String kind(Optional<Fold> fold) {
        return fold.map(each -> switch (each) {
                    case FLAT -> "F";
                    case MOUNTAIN -> "M";
                    case VALLEY -> "V";
                    case UNASSIGNED -> "U";
                })
                .orElse("B");
    }

    private static void angle(Optional<Fold> fold, ArrayNode angles) {
        if (fold.isEmpty() || fold.get() == Fold.UNASSIGNED) {
            angles.addNull();
        } else {
            angles.add(fold.get() == Fold.FLAT ? 0 : fold.get() == Fold.VALLEY ? 180 : -180);
        }
    }

    private static void write(Frame frame, CreaseGraph graph, List<List<Integer>> rings, ObjectNode node) {
        node.put("frame_title", frame.title());
        node.putArray("frame_classes").add("foldedForm");
        node.putArray("frame_attributes").add("2D");
        node.put("frame_parent", 0);
        node.put("frame_inherit", true);
        FoldedState state = frame.state();
        Vertex[] places = graph.vertices().toArray(Vertex[]::new);
        for (int facet = 0; facet < rings.size(); facet++) {
            for (int vertex : rings.get(facet)) {
                places[vertex] = state.places().of(facet).apply(graph.vertices().get(vertex));
            }
        }
        coordinates(node, List.of(places));
        ArrayNode orders = node.putArray("faceOrders");
        for (int one = 0; one < rings.size(); one++) {
            for (int other = one + 1; other < rings.size(); other++) {
                int above = state.order().compare(one, other);
                if (above != 0) {
                    boolean normalDown = state.places().of(other).isMirrored();
                    orders.addArray().add(one).add(other).add(normalDown ? -above : above);
                }
            }
        }
    }
}
