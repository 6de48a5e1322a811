package kwibbet.app.store;

import kwibbet.outline.OwnShape;

/**
 * An outline of the maker's own that is kept for any card.
 *
 * @param id its id
 * @param shape the outline
 * @param told what a maker should know of how it was read from a drawing; empty where it was not
 */
public record KeptOutline(String id, OwnShape shape, String told) {

    /** It, drawn otherwise. */
    public KeptOutline with(OwnShape other) {
        return new KeptOutline(id, other, told);
    }
}
