package kwibbet.crease;

/**
 * A facet stuck flat to a facet of another sheet.
 *
 * @param lower the index of the facet that carries
 * @param upper the index of the facet that is stuck to it
 * @param placement where the upper sheet lies in the frame of the lower
 * @param onUpFace whether it is stuck to the up face of the lower facet
 */
public record Weld(int lower, int upper, Isometry placement, boolean onUpFace) {}
