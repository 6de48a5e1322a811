package kwibbet.fold;

import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.Optional;

import kwibbet.crease.FoldSequence;
import kwibbet.crease.FoldStep;
import kwibbet.crease.FoldedPlaces;
import kwibbet.crease.FoldedState;
import kwibbet.crease.Isometry;
import kwibbet.crease.Stretch;
import kwibbet.crease.Vertex;

/**
 * The room something takes on the table from flat to folded, in the unit of its pattern.
 *
 * @param middle its middle
 * @param width its width
 * @param height its height
 * @param reach how high what swings over rises above the table
 */
public record FoldSpace(Vertex middle, double width, double height, double reach) {

    /** The room for all states of a sequence. */
    public static FoldSpace of(FoldSequence sequence, List<Leaf> leaves) {
        Bounds bounds = new Bounds();
        for (FoldStep step : sequence.steps()) {
            for (FoldedState state : List.of(step.before(), step.after())) {
                for (Leaf leaf : leaves) {
                    bounds.add(leaf, state.places(), step.line().filter(line -> step.moving()
                            .contains(leaf.facet())));
                }
            }
        }
        return bounds.space();
    }

    /** The room for one state. */
    public static FoldSpace of(FoldedPlaces places, List<Leaf> leaves) {
        Bounds bounds = new Bounds();
        leaves.forEach(leaf -> bounds.add(leaf, places, Optional.empty()));
        return bounds.space();
    }

    /** The box round all that was added, and the reach of what swings about a line. */
    private static final class Bounds {

        private final DoubleSummaryStatistics across = new DoubleSummaryStatistics();
        private final DoubleSummaryStatistics down = new DoubleSummaryStatistics();
        private double reach;

        void add(Leaf leaf, FoldedPlaces places, Optional<Stretch> line) {
            Isometry place = leaf.at(places.of(leaf.facet()));
            for (Vertex corner : leaf.rings().get(0)) {
                Vertex at = place.apply(corner);
                across.accept(at.x());
                down.accept(at.y());
                reach = Math.max(reach, line.map(each -> Math.abs(each.off(at))).orElse(0.0));
            }
        }

        FoldSpace space() {
            Vertex middle = new Vertex((across.getMin() + across.getMax()) / 2, (down.getMin() + down.getMax()) / 2);
            return new FoldSpace(middle, across.getMax() - across.getMin(), down.getMax() - down.getMin(), reach);
        }
    }
}
