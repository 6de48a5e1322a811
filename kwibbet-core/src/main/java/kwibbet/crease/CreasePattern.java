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

    /** For each facet the number of the body it is part of: what is stuck together, and joined at creases that stay folded if those count. */
    int[] bodies(boolean withStaying) {
        int[] body = new int[facets.size()];
        for (int i = 0; i < body.length; i++) {
            body[i] = i;
        }
        for (Weld weld : welds) {
            join(body, weld.upper(), weld.lower());
        }
        for (Crease crease : creases) {
            if (withStaying && crease.stays()) {
                join(body, crease.first(), crease.second());
            }
        }
        return body;
    }

    private static void join(int[] body, int one, int other) {
        int from = body[one];
        int to = body[other];
        for (int i = 0; i < body.length; i++) {
            body[i] = body[i] == from ? to : body[i];
        }
    }
}
