package kwibbet.formats.fold;

import java.util.List;

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
 * @param heldOpen the indexes of edges that are not to be folded all the way
 */
public record FoldPattern(
        String title,
        String unit,
        CreaseGraph graph,
        CreaseGraph.Traced traced,
        CreasePattern pattern,
        List<Integer> heldOpen) {

    /** Copies the list. */
    public FoldPattern {
        heldOpen = List.copyOf(heldOpen);
    }
}
