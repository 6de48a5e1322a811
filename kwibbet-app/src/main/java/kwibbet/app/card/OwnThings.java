package kwibbet.app.card;

import java.util.List;

import kwibbet.app.store.Artworks;
import kwibbet.app.store.Inventory;
import kwibbet.app.store.KeptOutline;
import kwibbet.artwork.Artwork;

/**
 * What of the maker's own can be chosen for any card.
 *
 * @param outlines outlines
 * @param artworks pictures
 */
public record OwnThings(List<KeptOutline> outlines, List<Artwork> artworks) {

    /** Copies the lists. */
    public OwnThings {
        outlines = List.copyOf(outlines);
        artworks = List.copyOf(artworks);
    }

    static OwnThings of(Inventory inventory, Artworks artworks) {
        return new OwnThings(inventory.outlines(), artworks.all());
    }
}
