package kwibbet.crease;

import java.util.ArrayList;
import java.util.List;

/**
 * Facets, the creases they fold at and what is stuck to what.
 *
 * @param facets the facets; the first lies still
 * @param creases where facets of one sheet meet
 * @param welds what is stuck to what
 * @param known what is said of how facets lie when all is folded
 */
public record CreasePattern(List<Facet> facets, List<Crease> creases, List<Weld> welds, List<Above> known) {

    /** Corners nearer than this part of the pattern's width are one place. */
    private static final double SAME_PLACE = 2e-6;

    /** Copies the lists. */
    public CreasePattern {
        facets = List.copyOf(facets);
        creases = List.copyOf(creases);
        welds = List.copyOf(welds);
        known = List.copyOf(known);
    }

    /** How far apart two places may lie that are meant to be one, in the unit of the pattern. */
    public double tolerance() {
        double far = 0;
        for (Facet facet : facets) {
            Vertex first = facet.outline().get(0);
            for (Vertex corner : facet.outline()) {
                far = Math.max(far, corner.distance(first));
            }
        }
        return far * SAME_PLACE * Math.max(1, Math.sqrt(facets.size()) / 4);
    }

    /** The indexes of the creases at a facet. */
    List<Integer> creasesAt(int facet) {
        List<Integer> found = new ArrayList<>();
        for (int i = 0; i < creases.size(); i++) {
            if (creases.get(i).touches(facet)) {
                found.add(i);
            }
        }
        return found;
    }

    /** Whether two facets are one rigid body: stuck to each other, through others too. */
    int[] bodies() {
        int[] body = new int[facets.size()];
        for (int i = 0; i < body.length; i++) {
            body[i] = i;
        }
        for (Weld weld : welds) {
            int from = body[weld.upper()];
            int to = body[weld.lower()];
            for (int i = 0; i < body.length; i++) {
                body[i] = body[i] == from ? to : body[i];
            }
        }
        return body;
    }
}
