package kwibbet.formats.fold;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

import kwibbet.crease.Above;
import kwibbet.crease.Crease.Fold;
import kwibbet.crease.CreaseGraph;
import kwibbet.crease.CreasePattern;
import kwibbet.crease.FoldedPlaces;
import kwibbet.crease.Vertex;
import kwibbet.formats.json.Misfit;
import kwibbet.outcome.Outcome;
import kwibbet.outcome.Refusal;

import static kwibbet.formats.json.Misfit.require;

/**
 * Reads the crease pattern of a FOLD document: of its key frame, or else of the first frame that is one, with what it inherits.
 *
 * <p>Facets are found between the edges; where the document lists faces, only those are paper and all of them must be there. Orders of faces are
 * taken over from the pattern, or else from the first folded form with the same faces in which all is folded. What is damaged is refused with the JSON pointer (RFC 6901) of the place.
 */
public final class FoldReader {

    /** The longest text that is read. */
    public static final int LARGEST = 2_000_000;

    private static final int MOST_VERTICES = 4_000;
    private static final int MOST_EDGES = 8_000;
    private static final int MOST_FRAMES = 1_000;
    private static final double NEWEST = 1.2;
    private static final double FURTHEST = 1e9;
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final JsonNode document;
    private final String at;
    private final List<JsonNode> foldedForms;

    private FoldReader(JsonNode frame, String at, List<JsonNode> foldedForms) {
        this.document = frame;
        this.at = at;
        this.foldedForms = foldedForms;
    }

    /** The pattern of a document, or what is wrong with it and where. */
    public static Outcome<FoldPattern> read(String text) {
        if (text.length() > LARGEST) {
            return Outcome.refused("", "A FOLD document is read up to 2 MB.");
        }
        try {
            JsonNode document = JSON.readTree(text);
            require(document.isObject(), "", "A FOLD document is a JSON object.");
            JsonNode spec = document.path("file_spec");
            require(spec.isMissingNode() || spec.isNumber(), "/file_spec", "It must be a number.");
            require(
                    spec.asDouble(1.1) >= 1 && spec.asDouble(1.1) < NEWEST + 0.1,
                    "/file_spec",
                    "It is of version " + spec.asString("") + "; 1 to 1.2 are read.");
            return creasePattern(document).pattern(document.path("file_title").asString(""));
        } catch (Misfit misfit) {
            return misfit.refused();
        } catch (JacksonException notJson) {
            return Outcome.refused("", "This is not a FOLD document: " + notJson.getOriginalMessage());
        }
    }

    /** The key frame unless it is something else than a crease pattern, otherwise the first frame that is one. */
    private static FoldReader creasePattern(JsonNode document) {
        JsonNode frames = document.path("file_frames");
        require(frames.size() <= MOST_FRAMES, "/file_frames", "Up to " + MOST_FRAMES + " frames are read.");
        List<JsonNode> all = new ArrayList<>();
        for (int i = 0; i < frames.size(); i++) {
            all.add(merged(document, i + 1));
        }
        List<JsonNode> foldedForms =
                all.stream().filter(FoldReader::isFoldedForm).toList();
        if (isPattern(document)) {
            return new FoldReader(document, "", foldedForms);
        }
        for (int i = 0; i < all.size(); i++) {
            if (isPattern(all.get(i))) {
                return new FoldReader(all.get(i), "/file_frames/" + i, foldedForms);
            }
        }
        throw new Misfit("", "There is no crease pattern in it: a frame with edges_vertices and vertices_coords.");
    }

    private static boolean isPattern(JsonNode frame) {
        return !isFoldedForm(frame)
                && frame.path("edges_vertices").isArray()
                && frame.path("vertices_coords").isArray();
    }

    private static boolean isFoldedForm(JsonNode frame) {
        boolean folded = false;
        for (JsonNode word : frame.path("frame_classes")) {
            folded |= word.asString("").equals("foldedForm");
        }
        return folded;
    }

    /** A frame with what it inherits; frame 0 is the key frame. */
    private static JsonNode merged(JsonNode document, int number) {
        List<JsonNode> line = new ArrayList<>();
        Set<Integer> passed = new HashSet<>();
        int next = number;
        while (next > 0) {
            String pointer = "/file_frames/" + (next - 1);
            JsonNode frame = document.at(pointer);
            require(frame.isObject(), pointer, "There is no such frame.");
            require(passed.add(next), pointer + "/frame_parent", "The frames inherit from each other in a ring.");
            line.add(0, frame);
            boolean inherits = frame.path("frame_inherit").asBoolean(false);
            JsonNode parent = frame.path("frame_parent");
            require(!inherits || parent.isInt(), pointer + "/frame_parent", "A frame that inherits names its parent.");
            next = inherits ? parent.asInt() : -1;
        }
        ObjectNode merged = JSON.createObjectNode();
        if (next == 0) {
            document.properties().stream()
                    .filter(property -> !property.getKey().startsWith("file_"))
                    .forEach(property -> merged.set(property.getKey(), property.getValue()));
        }
        line.forEach(
                frame -> frame.properties().forEach(property -> merged.set(property.getKey(), property.getValue())));
        return merged;
    }

    private Outcome<FoldPattern> pattern(String title) {
        List<Vertex> vertices = vertices();
        Map<Integer, Double> heldAt = new HashMap<>();
        List<CreaseGraph.Edge> edges = edges(vertices.size(), heldAt);
        CreaseGraph graph = new CreaseGraph(vertices, edges);
        Outcome<CreaseGraph.Traced> traced = graph.traced();
        if (!traced.reasons().isEmpty()) {
            return Outcome.refused(traced.reasons().stream().map(this::placed).toList());
        }
        CreaseGraph.Traced paper = onlyListed(traced.orThrow());
        CreasePattern found = paper.pattern();
        CreasePattern pattern = new CreasePattern(found.facets(), found.creases(), found.welds(), known(paper));
        String unit = document.path("frame_unit").asString("unit");
        return Outcome.made(new FoldPattern(title, unit, graph, paper, pattern, heldAt));
    }

    private Refusal placed(Refusal refusal) {
        String field = refusal.field().startsWith("edge ")
                ? "/edges_vertices/" + refusal.field().substring("edge ".length())
                : "/edges_vertices";
        return refusal.at(at + field);
    }

    private List<Vertex> vertices() {
        JsonNode coordinates = document.path("vertices_coords");
        int count = coordinates.size();
        require(count >= 3, at + "/vertices_coords", "A pattern has at least three vertices.");
        require(count <= MOST_VERTICES, at + "/vertices_coords", "Up to " + MOST_VERTICES + " vertices are read.");
        List<Vertex> vertices = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            JsonNode place = coordinates.path(i);
            String pointer = at + "/vertices_coords/" + i;
            require(place.isArray() && place.size() >= 2 && place.size() <= 3, pointer, "It must be two numbers.");
            double height = place.size() == 3 ? number(place.path(2), pointer + "/2") : 0;
            require(Math.abs(height) < 1e-9, pointer + "/2", "A crease pattern lies flat: the third number must be 0.");
            vertices.add(new Vertex(number(place.path(0), pointer + "/0"), -number(place.path(1), pointer + "/1")));
        }
        return vertices;
    }

    private static double number(JsonNode node, String pointer) {
        require(node.isNumber(), pointer, "It must be a number.");
        double value = node.asDouble();
        require(Double.isFinite(value) && Math.abs(value) < FURTHEST, pointer, "It must be a number below a billion.");
        return value;
    }

    private List<CreaseGraph.Edge> edges(int vertices, Map<Integer, Double> heldAt) {
        JsonNode ends = document.path("edges_vertices");
        JsonNode kinds = document.path("edges_assignment");
        require(ends.size() <= MOST_EDGES, at + "/edges_vertices", "Up to " + MOST_EDGES + " edges are read.");
        require(
                kinds.size() == ends.size(),
                at + "/edges_assignment",
                "It must name a kind for each of the " + ends.size() + " edges.");
        List<CreaseGraph.Edge> edges = new ArrayList<>();
        for (int i = 0; i < ends.size(); i++) {
            String pointer = at + "/edges_vertices/" + i;
            require(ends.path(i).size() == 2, pointer, "An edge has two vertices.");
            int from = index(ends.path(i).path(0), vertices, pointer + "/0");
            int to = index(ends.path(i).path(1), vertices, pointer + "/1");
            edges.add(new CreaseGraph.Edge(from, to, fold(kinds.path(i), i, heldAt)));
        }
        return edges;
    }

    private Optional<Fold> fold(JsonNode kind, int edge, Map<Integer, Double> heldAt) {
        Optional<Fold> fold =
                switch (kind.asString("")) {
                    case "B", "C" -> Optional.empty();
                    case "M" -> Optional.of(Fold.MOUNTAIN);
                    case "V" -> Optional.of(Fold.VALLEY);
                    case "F", "J" -> Optional.of(Fold.FLAT);
                    case "U" -> Optional.of(Fold.UNASSIGNED);
                    default ->
                        throw new Misfit(at + "/edges_assignment/" + edge, "It must be one of B, M, V, F, U, C and J.");
                };
        JsonNode angle = document.path("edges_foldAngle").path(edge);
        if (angle.isMissingNode() || angle.isNull()) {
            return fold;
        }
        String pointer = at + "/edges_foldAngle/" + edge;
        double degrees = number(angle, pointer);
        require(Math.abs(degrees) <= 180, pointer, "A fold angle is from −180 to 180.");
        boolean matches = fold.isEmpty()
                || switch (fold.get()) {
                    case MOUNTAIN -> degrees <= 0;
                    case VALLEY -> degrees >= 0;
                    case FLAT -> degrees == 0;
                    case UNASSIGNED -> true;
                };
        require(matches, pointer, "The angle goes the other way than its kind “" + kind.asString("") + "”.");
        if (fold.isPresent() && fold.get() != Fold.FLAT && Math.abs(degrees) > 0 && Math.abs(degrees) < 180) {
            heldAt.put(edge, degrees);
        }
        return fold;
    }

    private static int index(JsonNode node, int count, String pointer) {
        require(
                node.isInt() && node.asInt() >= 0 && node.asInt() < count,
                pointer,
                "It must be a whole number from 0 to " + (count - 1) + ".");
        return node.asInt();
    }

    /** The facets the document lists, in its order; all that were found where it lists none. */
    private CreaseGraph.Traced onlyListed(CreaseGraph.Traced traced) {
        JsonNode faces = document.path("faces_vertices");
        if (faces.isEmpty()) {
            return traced;
        }
        List<Set<Integer>> found = traced.rings().stream()
                .map(ring -> (Set<Integer>) new TreeSet<>(ring))
                .toList();
        List<Integer> listed = new ArrayList<>();
        for (int i = 0; i < faces.size(); i++) {
            String pointer = at + "/faces_vertices/" + i;
            Set<Integer> corners = new TreeSet<>();
            for (int j = 0; j < faces.path(i).size(); j++) {
                corners.add(index(
                        faces.path(i).path(j), document.path("vertices_coords").size(), pointer + "/" + j));
            }
            int facet = found.indexOf(corners);
            require(facet >= 0, pointer, "There is no face with these vertices between the edges.");
            require(!listed.contains(facet), pointer, "This face is there twice.");
            listed.add(facet);
        }
        return traced.only(listed);
    }

    /**
     * The orders of the document, seen from the up face of the first facet. In FOLD, {@code [f, g, 1]} says that f lies on the side of g its
     * normal points to: its up face, where its vertices go round against the clock.
     */
    private List<Above> known(CreaseGraph.Traced paper) {
        JsonNode orders = orders(paper);
        require(
                orders.isEmpty() || !document.path("faces_vertices").isEmpty(),
                at + "/faceOrders",
                "Orders need faces_vertices, or nobody knows which faces they mean.");
        List<Above> known = new ArrayList<>();
        int facets = paper.rings().size();
        FoldedPlaces folded = FoldedPlaces.of(paper.pattern());
        for (int i = 0; i < orders.size(); i++) {
            String pointer = at + "/faceOrders/" + i;
            JsonNode order = orders.path(i);
            require(order.size() == 3, pointer, "An order is two faces and −1, 0 or 1.");
            int one = index(order.path(0), facets, pointer + "/0");
            int other = index(order.path(1), facets, pointer + "/1");
            int side = order.path(2).asInt(9);
            require(Math.abs(side) <= 1, pointer + "/2", "It must be −1, 0 or 1.");
            boolean normalUp = isAgainstTheClock(other) != folded.of(other).isMirrored();
            if (side != 0 && one != other) {
                known.add(side > 0 == normalUp ? new Above(one, other) : new Above(other, one));
            }
        }
        return known;
    }

    private JsonNode orders(CreaseGraph.Traced paper) {
        JsonNode own = document.path("faceOrders");
        if (!own.isEmpty()) {
            return own;
        }
        return foldedForms.stream()
                .filter(form -> form.path("faces_vertices").equals(document.path("faces_vertices")))
                .filter(form -> isAllFolded(form, paper))
                .map(form -> form.path("faceOrders"))
                .findFirst()
                .orElse(own);
    }

    /** Whether the vertices of a folded form lie to each other as they do once every crease is folded. */
    private boolean isAllFolded(JsonNode form, CreaseGraph.Traced paper) {
        JsonNode places = form.path("vertices_coords");
        if (places.size() != document.path("vertices_coords").size()) {
            return false;
        }
        FoldedPlaces folded = FoldedPlaces.of(paper.pattern());
        double near = paper.pattern().tolerance() * 1e2;
        List<Integer> first = paper.rings().get(0).subList(0, 3);
        for (int facet = 0; facet < paper.rings().size(); facet++) {
            for (int corner : paper.rings().get(facet)) {
                for (int fixed : first) {
                    double there = folded.of(facet)
                            .apply(flat(corner))
                            .distance(folded.of(0).apply(flat(fixed)));
                    if (Math.abs(there - apart(places.path(corner), places.path(fixed))) > near) {
                        return false;
                    }
                }
            }
        }
        return true;
    }

    private Vertex flat(int vertex) {
        JsonNode place = document.path("vertices_coords").path(vertex);
        return new Vertex(place.path(0).asDouble(0), -place.path(1).asDouble(0));
    }

    private static double apart(JsonNode one, JsonNode other) {
        return Math.hypot(
                one.path(0).asDouble(0) - other.path(0).asDouble(0),
                one.path(1).asDouble(0) - other.path(1).asDouble(0));
    }

    private boolean isAgainstTheClock(int face) {
        JsonNode corners = document.path("faces_vertices").path(face);
        double twice = 0;
        for (int i = 0; i < corners.size(); i++) {
            JsonNode one = document.path("vertices_coords").path(corners.path(i).asInt(0));
            JsonNode next = document.path("vertices_coords")
                    .path(corners.path((i + 1) % corners.size()).asInt(0));
            twice += one.path(0).asDouble(0) * next.path(1).asDouble(0)
                    - next.path(0).asDouble(0) * one.path(1).asDouble(0);
        }
        return twice > 0;
    }
}
