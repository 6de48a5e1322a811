package kwibbet.fold;

import java.util.ArrayList;
import java.util.List;

import kwibbet.crease.CreasePattern;
import kwibbet.crease.Facet;
import kwibbet.crease.Isometry;
import kwibbet.crease.Vertex;

/**
 * A part of paper that is drawn while something folds: a facet, or what rides on one.
 *
 * @param piece the id of the piece it is part of
 * @param name what a maker calls it
 * @param label what is written on it in drawings; empty for nothing
 * @param facet the facet it is or rides on
 * @param onFacet where its sheet lies in the frame of the facet's
 * @param rings its outline, then its holes, in the frame of its sheet
 * @param plies how many plies it lies over the facet, seen from the facet's up face; less than zero under it
 */
public record Leaf(
        String piece, String name, String label, int facet, Isometry onFacet, List<List<Vertex>> rings, int plies) {

    /** Copies the rings. */
    public Leaf {
        rings = rings.stream().map(List::copyOf).toList();
    }

    /** The facets of a pattern, each a leaf, numbered from 1. */
    public static List<Leaf> of(CreasePattern pattern) {
        List<Leaf> leaves = new ArrayList<>();
        for (Facet facet : pattern.facets()) {
            leaves.add(new Leaf(
                    "sheet-" + facet.sheet(),
                    facet.name(),
                    String.valueOf(leaves.size() + 1),
                    leaves.size(),
                    Isometry.SAME,
                    facet.rings().toList(),
                    0));
        }
        return leaves;
    }

    /** Where its sheet lies when the facet lies there. */
    public Isometry at(Isometry facetPlace) {
        return onFacet.within(facetPlace);
    }
}
