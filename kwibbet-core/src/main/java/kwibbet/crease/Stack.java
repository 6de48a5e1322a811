package kwibbet.crease;

import java.util.List;

/**
 * Facets that cover a region all.
 *
 * @param facets their indexes
 * @param at a place in the region
 */
public record Stack(List<Integer> facets, Vertex at) {

    /** Copies the list. */
    public Stack {
        facets = List.copyOf(facets);
    }

    /** What covers each region where facets lie like that; sets of facets that cover several regions are there once. */
    public static List<Stack> of(CreasePattern pattern, FoldedPlaces places) {
        return Overlaps.of(pattern, places).spots().entrySet().stream()
                .filter(entry -> !entry.getKey().isEmpty())
                .map(entry -> new Stack(entry.getKey().stream().boxed().toList(), entry.getValue()))
                .toList();
    }
}
