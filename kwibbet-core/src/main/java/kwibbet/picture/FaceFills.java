package kwibbet.picture;

import kwibbet.drawing.Fill;

/**
 * What the two faces of a sheet are filled with.
 *
 * @param up the face that looks up as it lies flat
 * @param under the other
 */
public record FaceFills(Fill up, Fill under) {

    /** A sheet that is the same on both faces. */
    public static FaceFills same(Fill fill) {
        return new FaceFills(fill, fill);
    }
}
