package kwibbet.fold;

import java.util.List;

import kwibbet.crease.FoldSequence;
import kwibbet.crease.FoldStep;
import kwibbet.crease.FoldedState;
import kwibbet.crease.Isometry;
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
        double left = Double.POSITIVE_INFINITY;
        double top = Double.POSITIVE_INFINITY;
        double right = Double.NEGATIVE_INFINITY;
        double bottom = Double.NEGATIVE_INFINITY;
        double reach = 0;
        for (FoldStep step : sequence.steps()) {
            for (FoldedState state : List.of(step.before(), step.after())) {
                for (Leaf leaf : leaves) {
                    Isometry place = leaf.at(state.places().of(leaf.facet()));
                    for (Vertex corner : leaf.rings().get(0)) {
                        Vertex at = place.apply(corner);
                        boolean swings =
                                step.line().isPresent() && step.moving().contains(leaf.facet());
                        reach = swings
                                ? Math.max(reach, Math.abs(step.line().get().off(at)))
                                : reach;
                        left = Math.min(left, at.x());
                        right = Math.max(right, at.x());
                        top = Math.min(top, at.y());
                        bottom = Math.max(bottom, at.y());
                    }
                }
            }
        }
        return new FoldSpace(new Vertex((left + right) / 2, (top + bottom) / 2), right - left, bottom - top, reach);
    }
}
