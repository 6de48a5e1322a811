package kwibbet.crease;

import java.util.ArrayList;
import java.util.List;

/** A facet as it lies folded: rings of corners, and the box round them. */
final class FlatShape {

    private final double[][] across;
    private final double[][] down;
    private double left = Double.POSITIVE_INFINITY;
    private double top = Double.POSITIVE_INFINITY;
    private double right = Double.NEGATIVE_INFINITY;
    private double bottom = Double.NEGATIVE_INFINITY;

    private FlatShape(int rings) {
        across = new double[rings][];
        down = new double[rings][];
    }

    /** A facet where it lies. */
    static FlatShape of(Facet facet, Isometry place) {
        List<List<Vertex>> rings = facet.rings().toList();
        FlatShape shape = new FlatShape(rings.size());
        for (int i = 0; i < rings.size(); i++) {
            List<Vertex> corners = FoldedPlaces.ring(rings.get(i), place);
            shape.across[i] = corners.stream().mapToDouble(Vertex::x).toArray();
            shape.down[i] = corners.stream().mapToDouble(Vertex::y).toArray();
            corners.forEach(shape::widen);
        }
        return shape;
    }

    private void widen(Vertex corner) {
        left = Math.min(left, corner.x());
        right = Math.max(right, corner.x());
        top = Math.min(top, corner.y());
        bottom = Math.max(bottom, corner.y());
    }

    double left() {
        return left;
    }

    double right() {
        return right;
    }

    double top() {
        return top;
    }

    double bottom() {
        return bottom;
    }

    /** Whether the boxes round the two shapes share an area wider than the tolerance. */
    boolean isNear(FlatShape other, double tolerance) {
        return left < other.right - tolerance
                && other.left < right - tolerance
                && top < other.bottom - tolerance
                && other.top < bottom - tolerance;
    }

    /** Whether a place off its edges lies on paper: a line from there to the right crosses its edges an odd number of times. */
    boolean covers(Vertex place) {
        double x = place.x();
        double y = place.y();
        if (x < left || x > right || y < top || y > bottom) {
            return false;
        }
        boolean inside = false;
        for (int ring = 0; ring < across.length; ring++) {
            double[] xs = across[ring];
            double[] ys = down[ring];
            for (int i = 0, before = xs.length - 1; i < xs.length; before = i++) {
                if ((ys[i] > y) != (ys[before] > y)
                        && x < (xs[before] - xs[i]) * (y - ys[i]) / (ys[before] - ys[i]) + xs[i]) {
                    inside = !inside;
                }
            }
        }
        return inside;
    }

    /** Its sides, ring by ring. */
    List<Stretch> sides() {
        List<Stretch> sides = new ArrayList<>();
        for (int ring = 0; ring < across.length; ring++) {
            double[] xs = across[ring];
            double[] ys = down[ring];
            for (int i = 0, before = xs.length - 1; i < xs.length; before = i++) {
                sides.add(new Stretch(new Vertex(xs[before], ys[before]), new Vertex(xs[i], ys[i])));
            }
        }
        return sides;
    }
}
