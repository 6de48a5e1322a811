package kwibbet.crease;

import java.util.List;
import java.util.Optional;

/**
 * Why a pattern cannot fold flat.
 *
 * @param message in words
 * @param facets the indexes of the facets it is about
 * @param at the vertex it is about, if it is about one
 */
public record Misfold(String message, List<Integer> facets, Optional<Vertex> at) {

    /** Copies the list. */
    public Misfold {
        facets = List.copyOf(facets);
    }
}
