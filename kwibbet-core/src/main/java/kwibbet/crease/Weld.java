package kwibbet.crease;

/**
 * A facet stuck flat to a facet of another sheet.
 *
 * @param lower the index of the facet that carries
 * @param upper the index of the facet that is stuck to it
 * @param placement where the upper sheet lies in the frame of the lower
 * @param onUpFace whether it is stuck to the up face of the lower facet
 * @param isGlued whether nothing can come between; not so where it is only held in place
 */
public record Weld(int lower, int upper, Isometry placement, boolean onUpFace, boolean isGlued) {}
