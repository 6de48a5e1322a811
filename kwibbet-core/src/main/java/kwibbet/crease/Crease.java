package kwibbet.crease;

/**
 * A line two facets of one sheet meet at.
 *
 * @param first the index of one facet
 * @param second the index of the other
 * @param line where it runs, in the frame of the sheet
 * @param fold how it folds
 * @param stays whether it is folded for good before the rest folds
 */
public record Crease(int first, int second, Stretch line, Fold fold, boolean stays) {

    /** How a crease folds, seen from the up face. */
    public enum Fold {
        /** It stays flat. */
        FLAT,
        /** The facets fall away from the viewer. */
        MOUNTAIN,
        /** The facets come together towards the viewer. */
        VALLEY,
        /** It folds, and which way is to be found. */
        UNASSIGNED
    }

    /** Whether it folds at all. */
    public boolean folds() {
        return fold != Fold.FLAT;
    }

    /** The facet on its other side. */
    public int across(int facet) {
        return facet == first ? second : first;
    }

    /** Whether a facet meets it. */
    public boolean touches(int facet) {
        return facet == first || facet == second;
    }
}
