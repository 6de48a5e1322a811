package kwibbet.crease;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.IntFunction;

import kwibbet.crease.Crease.Fold;
import kwibbet.crease.CreaseGraph.Edge;

/** Patterns for tests. */
final class Papers {

    private Papers() {}

    /** A map of equal fields, {@code across} by {@code down}; creases are asked for in the order upright ones row by row, then level ones. */
    static CreasePattern map(int across, int down, IntFunction<Fold> fold) {
        List<Vertex> vertices = new ArrayList<>();
        for (int y = 0; y <= down; y++) {
            for (int x = 0; x <= across; x++) {
                vertices.add(new Vertex(x, y));
            }
        }
        int row = across + 1;
        List<Edge> edges = new ArrayList<>();
        int creases = 0;
        for (int y = 0; y < down; y++) {
            for (int x = 0; x <= across; x++) {
                boolean edge = x == 0 || x == across;
                Optional<Fold> kind = edge ? Optional.empty() : Optional.of(fold.apply(creases++));
                edges.add(new Edge(y * row + x, (y + 1) * row + x, kind));
            }
        }
        for (int y = 0; y <= down; y++) {
            for (int x = 0; x < across; x++) {
                boolean edge = y == 0 || y == down;
                Optional<Fold> kind = edge ? Optional.empty() : Optional.of(fold.apply(creases++));
                edges.add(new Edge(y * row + x, y * row + x + 1, kind));
            }
        }
        return pattern(vertices, edges);
    }

    static CreasePattern freeMap(int across, int down) {
        return map(across, down, i -> Fold.UNASSIGNED);
    }

    /** A strip of panels of those widths, 1 high, with a crease between each two. */
    static CreasePattern strip(List<Double> widths, List<Fold> folds) {
        List<Vertex> vertices = new ArrayList<>(List.of(new Vertex(0, 0), new Vertex(0, 1)));
        List<Edge> edges = new ArrayList<>(List.of(new Edge(0, 1, Optional.empty())));
        double x = 0;
        for (int i = 0; i < widths.size(); i++) {
            x += widths.get(i);
            int at = vertices.size();
            vertices.add(new Vertex(x, 0));
            vertices.add(new Vertex(x, 1));
            edges.add(new Edge(at - 2, at, Optional.empty()));
            edges.add(new Edge(at - 1, at + 1, Optional.empty()));
            edges.add(new Edge(at, at + 1, i < folds.size() ? Optional.of(folds.get(i)) : Optional.empty()));
        }
        return pattern(vertices, edges);
    }

    /** A round sheet with creases from its middle at those angles, in degrees. */
    static CreasePattern wheel(List<Double> angles, List<Fold> folds) {
        List<Vertex> vertices = new ArrayList<>(List.of(new Vertex(0, 0)));
        List<Edge> edges = new ArrayList<>();
        int spokes = angles.size();
        for (int i = 0; i < spokes; i++) {
            double radians = Math.toRadians(angles.get(i));
            vertices.add(new Vertex(Math.cos(radians), Math.sin(radians)));
            edges.add(new Edge(0, i + 1, Optional.of(folds.get(i))));
            edges.add(new Edge(i + 1, (i + 1) % spokes + 1, Optional.empty()));
        }
        return pattern(vertices, edges);
    }

    static CreasePattern pattern(List<Vertex> vertices, List<Edge> edges) {
        return new CreaseGraph(vertices, edges).traced().orThrow().pattern();
    }
}
