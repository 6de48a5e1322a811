package kwibbet.fold;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import kwibbet.card.Card;
import kwibbet.crease.Crease.Fold;
import kwibbet.crease.CreaseGraph;
import kwibbet.crease.CreasePattern;
import kwibbet.crease.FlatFolding;
import kwibbet.crease.FoldedPlaces;
import kwibbet.crease.Vertex;
import kwibbet.measure.Length;

import static kwibbet.Inches.add;
import static kwibbet.Inches.base;
import static kwibbet.Inches.make;
import static kwibbet.Inches.on;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.offset;

/** Patterns that stop half open, and how thick what is shut is. */
class StandingTest {

    /** Four creases meeting at right angles in the middle of a square. */
    private static CreasePattern cross() {
        List<Vertex> vertices = new ArrayList<>();
        for (int y = 0; y <= 2; y++) {
            for (int x = 0; x <= 2; x++) {
                vertices.add(new Vertex(x, y));
            }
        }
        List<CreaseGraph.Edge> edges = new ArrayList<>();
        int[][] rim = {{0, 1}, {1, 2}, {2, 5}, {5, 8}, {8, 7}, {7, 6}, {6, 3}, {3, 0}};
        for (int[] side : rim) {
            edges.add(new CreaseGraph.Edge(side[0], side[1], Optional.empty()));
        }
        for (int end : new int[] {1, 5, 7, 3}) {
            edges.add(new CreaseGraph.Edge(4, end, Optional.of(Fold.VALLEY)));
        }
        return new CreaseGraph(vertices, edges).traced().orThrow().pattern();
    }

    /** A book with two creases in one line stands at any angle; all four creases at once only flat. */
    @ParameterizedTest
    @ValueSource(ints = {10, 45, 90, 135, 170})
    void aStraightCreaseThroughAVertexStandsAtAnyAngle(int degrees) {
        HalfOpen book = HalfOpen.of(cross(), List.of((double) degrees, 0.0, (double) degrees, 0.0));
        assertThat(book.gaps()).isEmpty();
        Vertex size = book.size(cross());
        double seen = degrees <= 90 ? 1 + Math.cos(Math.toRadians(degrees)) : 1;
        assertThat(Math.min(size.x(), size.y())).isCloseTo(seen, offset(1e-9));
        assertThat(HalfOpen.of(cross(), List.of((double) degrees, 20.0, (double) degrees, 30.0))
                        .gaps())
                .isNotEmpty();
    }

    /** Turned in space by half turns, facets lie where reflections put them. */
    @Test
    void halfTurnsInSpaceAreReflections() {
        CreasePattern cross = cross();
        HalfOpen half = HalfOpen.of(cross, List.of(180.0, 0.0, 180.0, 0.0));
        FoldedPlaces folded = FoldedPlaces.of(cross, crease -> crease % 2 == 0);
        for (int facet = 0; facet < 4; facet++) {
            for (Vertex corner : cross.facets().get(facet).outline()) {
                Vector there = half.places().get(facet).at(corner.x(), corner.y());
                Vertex expected = folded.of(facet).apply(corner);
                assertThat(there.x()).isCloseTo(expected.x(), offset(1e-9));
                assertThat(there.y()).isCloseTo(expected.y(), offset(1e-9));
                assertThat(there.z()).isCloseTo(0, offset(1e-9));
            }
        }
    }

    /** The calipers of all that lies there and the foam below it, and no more: figures of this card, not of a source. */
    @Test
    void foamAndPliesMakeTheThickness() {
        Card card = make(base("folded", "5", "7")
                        .plus(add("mat", "mat-1", on("front-outside"), "border", "1/8"))
                        .plus(add(
                                "ornament", "ornament-1", on("mat-1"), "width", "2", "height", "2", "backing", "foam")))
                .orThrow();
        CardFolding folding = CardFolding.of(card);
        FoldedPlaces shut = ((FlatFolding.Folds) folding.folding()).places();
        Thickness thickness = Thickness.of(card, folding.leaves(), shut);
        Length paper = card.materials().caliper(card.base().paper());
        Length all = card.pieces().stream()
                .map(piece -> card.materials().caliper(piece.paper()))
                .reduce(paper, Length::plus);
        Length foam =
                card.joins().stream().map(join -> join.adhesion().height()).reduce(Length.ZERO, Length::plus);
        assertThat(thickness.thickest().thick()).isEqualTo(all.plus(foam));
        assertThat(thickness.thinnest().thick()).isEqualTo(paper.multipliedBy(2));
        assertThat(thickness.spots())
                .extracting(Thickness.Spot::thick)
                .isSortedAccordingTo((one, other) -> other.compareTo(one));
    }
}
