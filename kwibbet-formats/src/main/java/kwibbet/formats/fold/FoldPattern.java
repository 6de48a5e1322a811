package kwibbet.formats.fold;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import kwibbet.crease.CreaseGraph;
import kwibbet.crease.CreasePattern;

/**
 * A crease pattern as a FOLD document holds it.
 *
 * @param title what it is called; empty where it has no title
 * @param unit the unit of its lengths as FOLD names it
 * @param graph its vertices and edges; y runs down here and up in the document
 * @param traced the facets found between the edges
 * @param pattern the facets with what the document says of how they lie over each other
 * @param heldAt edges that are not to be folded all the way, with their angles: towards the up face above zero
 */
public record FoldPattern(
        String title,
        String unit,
        CreaseGraph graph,
        CreaseGraph.Traced traced,
        CreasePattern pattern,
        Map<Integer, Double> heldAt) {

    /** Copies the map. */
    public FoldPattern {
        heldAt = Map.copyOf(heldAt);
    }

    /** Whether all that folds folds all the way. */
    public boolean isFlat() {
        return heldAt.isEmpty();
    }

    /** How far each crease of the pattern is folded, in degrees, towards the up face above zero. */
    public List<Double> degrees() {
        List<Double> degrees = new ArrayList<>();
        for (int i = 0; i < pattern.creases().size(); i++) {
            double whole =
                    switch (pattern.creases().get(i).fold()) {
                        case FLAT -> 0;
                        case MOUNTAIN -> -180;
                        case VALLEY, UNASSIGNED -> 180;
                    };
            degrees.add(
                    Optional.ofNullable(heldAt.get(traced.creaseEdges().get(i))).orElse(whole));
        }
        return degrees;
    }
}
