package kwibbet.crease;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Draws a sheet of a pattern as vertices and edges. */
final class SheetDrawing {

    private final CreasePattern pattern;
    private final double tolerance;
    private final List<Vertex> vertices = new ArrayList<>();
    private final List<CreaseGraph.Edge> edges = new ArrayList<>();
    private final Set<Set<Integer>> drawn = new HashSet<>();

    private SheetDrawing(CreasePattern pattern) {
        this.pattern = pattern;
        this.tolerance = pattern.tolerance() * 2;
    }

    static CreaseGraph of(CreasePattern pattern, int sheet) {
        SheetDrawing drawing = new SheetDrawing(pattern);
        List<Stretch> sides = pattern.facets().stream()
                .filter(facet -> facet.sheet() == sheet)
                .flatMap(facet -> FlatShape.of(facet, Isometry.SAME).sides().stream())
                .toList();
        Parts.of(sides, drawing.tolerance).forEach(part -> drawing.draw(part, sheet));
        return new CreaseGraph(drawing.vertices, drawing.edges);
    }

    private void draw(Stretch part, int sheet) {
        int from = vertex(part.from());
        int to = vertex(part.to());
        if (from != to && drawn.add(Set.of(from, to))) {
            edges.add(new CreaseGraph.Edge(from, to, fold(part, sheet)));
        }
    }

    private int vertex(Vertex at) {
        for (int i = 0; i < vertices.size(); i++) {
            if (vertices.get(i).distance(at) < tolerance * 2) {
                return i;
            }
        }
        vertices.add(at);
        return vertices.size() - 1;
    }

    private Optional<Crease.Fold> fold(Stretch part, int sheet) {
        return pattern.creases().stream()
                .filter(crease -> pattern.facets().get(crease.first()).sheet() == sheet)
                .filter(crease -> crease.line().isInLineWith(part, tolerance)
                        && crease.line().holds(part.middle(), tolerance))
                .map(Crease::fold)
                .findFirst();
    }
}
