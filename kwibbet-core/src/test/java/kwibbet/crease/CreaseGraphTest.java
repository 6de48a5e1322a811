package kwibbet.crease;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;

import org.junit.jupiter.api.Test;

import kwibbet.crease.Crease.Fold;
import kwibbet.crease.CreaseGraph.Edge;
import kwibbet.outcome.Outcome;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.offset;

class CreaseGraphTest {

    private static final Optional<Fold> CUT = Optional.empty();

    private static double area(Facet facet) {
        return facet.rings()
                .mapToDouble(CreaseGraphTest::ring)
                .reduce((whole, hole) -> whole - hole)
                .orElseThrow();
    }

    private static double ring(List<Vertex> corners) {
        double twice = 0;
        for (int i = 0; i < corners.size(); i++) {
            twice += corners.get(i).cross(corners.get((i + 1) % corners.size()));
        }
        return Math.abs(twice / 2);
    }

    /** Whatever lines cut a square into, the facets together are the square, and each crease has one on either side. */
    @Test
    void facetsTogetherAreThePaper() {
        Random random = new Random(9);
        for (int round = 0; round < 40; round++) {
            List<Vertex> vertices =
                    new ArrayList<>(List.of(new Vertex(0, 0), new Vertex(8, 0), new Vertex(8, 8), new Vertex(0, 8)));
            vertices.add(new Vertex(1 + 6 * random.nextDouble(), 1 + 6 * random.nextDouble()));
            List<Edge> edges = new ArrayList<>();
            for (int i = 0; i < 4; i++) {
                edges.add(new Edge(i, (i + 1) % 4, CUT));
                edges.add(new Edge(4, i, Optional.of(Fold.UNASSIGNED)));
            }
            CreasePattern pattern = Papers.pattern(vertices, edges);
            assertThat(pattern.facets()).hasSize(4);
            assertThat(pattern.creases()).hasSize(4);
            assertThat(pattern.facets().stream()
                            .mapToDouble(CreaseGraphTest::area)
                            .sum())
                    .isCloseTo(64, offset(1e-9));
            for (Facet facet : pattern.facets()) {
                assertThat(facet.covers(facet.inside())).isTrue();
            }
            for (Crease crease : pattern.creases()) {
                assertThat(crease.first()).isNotEqualTo(crease.second());
            }
        }
    }

    /** Drawn from its facets and traced again, a sheet has the same facets and creases, though sides of different length meet. */
    @Test
    void aSheetDrawnFromItsFacetsIsTracedBack() {
        Facet wide = new Facet("wide", 0, square(0, 0, 4, 4), List.of(square(1, 1, 2, 2)));
        Facet low = new Facet("low", 0, square(4, 0, 6, 2), List.of());
        Facet high = new Facet("high", 0, square(4, 2, 6, 4), List.of());
        CreasePattern pattern = new CreasePattern(
                List.of(wide, low, high),
                List.of(
                        new Crease(0, 1, new Stretch(new Vertex(4, 0), new Vertex(4, 2)), Fold.VALLEY, false),
                        new Crease(0, 2, new Stretch(new Vertex(4, 2), new Vertex(4, 4)), Fold.MOUNTAIN, false)),
                List.of(),
                List.of());
        CreasePattern traced = CreaseGraph.of(pattern, 0).traced().orThrow().pattern();
        assertThat(traced.facets()).hasSize(3);
        assertThat(traced.facets().stream().mapToDouble(CreaseGraphTest::area).sum())
                .isCloseTo(23, offset(1e-9));
        assertThat(traced.creases()).extracting(Crease::fold).containsExactlyInAnyOrder(Fold.VALLEY, Fold.MOUNTAIN);
    }

    private static List<Vertex> square(double left, double top, double right, double bottom) {
        return List.of(
                new Vertex(left, top), new Vertex(right, top), new Vertex(right, bottom), new Vertex(left, bottom));
    }

    /** A slit is no crease: what is on both sides of it is one facet, and a crease that ends within the paper is refused. */
    @Test
    void aSlitIsLeftInItsFacetAndACreaseThatEndsIsRefused() {
        List<Vertex> vertices = new ArrayList<>(square(0, 0, 4, 4));
        vertices.add(new Vertex(2, 2));
        List<Edge> edges = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            edges.add(new Edge(i, (i + 1) % 4, CUT));
        }
        edges.add(new Edge(0, 4, CUT));
        CreasePattern slit = Papers.pattern(vertices, edges);
        assertThat(slit.facets()).hasSize(1);
        assertThat(area(slit.facets().get(0))).isCloseTo(16, offset(1e-9));
        edges.set(4, new Edge(0, 4, Optional.of(Fold.VALLEY)));
        Outcome<CreaseGraph.Traced> ending = new CreaseGraph(vertices, edges).traced();
        assertThat(ending.reasons()).hasSize(1);
        assertThat(ending.reasons().get(0).field()).isEqualTo("edge 4");
        assertThat(ending.reasons().get(0).message()).contains("ends within the paper");
    }

    /** A flap through a hole: with the hole it folds, without it would pass through the paper. */
    @Test
    void whatGoesThroughAHoleDoesNotPassThroughPaper() {
        List<Vertex> hole = square(2.5, 1, 3.5, 3);
        for (boolean open : new boolean[] {true, false}) {
            Facet back = new Facet("back", 0, square(0, 0, 4, 4), open ? List.of(hole) : List.of());
            Facet arm = new Facet("arm", 1, square(0, 0, 3, 1), List.of());
            Facet hand = new Facet("hand", 1, square(3, 0, 4, 1), List.of());
            CreasePattern pattern = new CreasePattern(
                    List.of(back, arm, hand),
                    List.of(new Crease(1, 2, new Stretch(new Vertex(3, 0), new Vertex(3, 1)), Fold.MOUNTAIN, false)),
                    List.of(new Weld(0, 1, new Isometry(1, 0, 0, 1, 0, 1.5), true, true)),
                    List.of(new Above(0, 2)));
            assertThat(FlatFolding.of(pattern))
                    .isInstanceOf(open ? FlatFolding.Folds.class : FlatFolding.CannotFold.class);
        }
    }
}
