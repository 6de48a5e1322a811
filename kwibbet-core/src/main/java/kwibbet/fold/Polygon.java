package kwibbet.fold;

import java.util.ArrayList;
import java.util.Collections;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.Optional;

import kwibbet.shape.Outline;
import kwibbet.shape.Point;

/** An outline as it appears, to find a spot where two overlap: what all others are compared with is worked out once. */
final class Polygon {

    /** A corner that turns inwards by less is straight: corners lie on ticks. */
    private static final double STRAIGHT = 1e-6;
    /** Overlaps of less than this many square inches are touching edges. */
    static final double TOUCH = 1e-4;

    private final List<Spot> corners;
    private final double middleDepth;
    private final double area;
    private final boolean isConvex;
    private final DoubleSummaryStatistics across = new DoubleSummaryStatistics();
    private final DoubleSummaryStatistics down = new DoubleSummaryStatistics();

    /**
     * An outline as it appears.
     *
     * @param corners in order, clockwise as seen
     * @param middleDepth how near to the viewer its middle lies
     */
    private Polygon(List<Spot> corners, double middleDepth) {
        this.corners = List.copyOf(corners);
        this.middleDepth = middleDepth;
        this.area = signedArea(corners);
        this.isConvex = isConvex(corners);
        for (Spot corner : corners) {
            across.accept(corner.x());
            down.accept(corner.y());
        }
    }

    /**
     * A spot on the picture.
     *
     * @param x to the right, inches
     * @param y down, inches
     */
    record Spot(double x, double y) {

        static Spot at(Point point) {
            return new Spot(point.x().toInches(), point.y().toInches());
        }

        /** How near to the viewer a plane lies behind this spot; the plane must not be seen edge on. */
        double depthOn(Frame frame) {
            Vector right = frame.right();
            Vector down = frame.down();
            double determinant = right.x() * down.y() - right.y() * down.x();
            double dx = x - frame.origin().x();
            double dy = y - frame.origin().y();
            double across = (dx * down.y() - dy * down.x()) / determinant;
            double along = (right.x() * dy - right.y() * dx) / determinant;
            return frame.at(across, along).z();
        }
    }

    static Polygon seen(Outline outline, Frame frame) {
        List<Spot> spots = new ArrayList<>();
        for (Point corner : outline.corners()) {
            Vector place = frame.at(corner);
            spots.add(new Spot(place.x(), place.y()));
        }
        double depth = frame.at(outline.bounds().middle()).z();
        return new Polygon(signedArea(spots) < 0 ? reversed(spots) : spots, depth);
    }

    /** An outline on the picture, as deep as that. */
    static Polygon drawn(Outline outline) {
        List<Spot> spots = outline.corners().stream().map(Spot::at).toList();
        return new Polygon(signedArea(spots) < 0 ? reversed(spots) : spots, 0);
    }

    private static List<Spot> reversed(List<Spot> spots) {
        List<Spot> reversed = new ArrayList<>(spots);
        Collections.reverse(reversed);
        return reversed;
    }

    private static double signedArea(List<Spot> spots) {
        double twice = 0;
        for (int i = 0; i < spots.size(); i++) {
            Spot from = spots.get(i);
            Spot to = spots.get((i + 1) % spots.size());
            twice += from.x() * to.y() - to.x() * from.y();
        }
        return twice / 2;
    }

    /** How near to the viewer its middle lies. */
    double middleDepth() {
        return middleDepth;
    }

    /** Square inches as seen. */
    double area() {
        return area;
    }

    /** Whether it has no corner that points inwards. */
    boolean isConvex() {
        return isConvex;
    }

    private static boolean isConvex(List<Spot> corners) {
        for (int i = 0; i < corners.size(); i++) {
            Spot next = corners.get((i + 1) % corners.size());
            if (side(corners.get(i), next, corners.get((i + 2) % corners.size())) < -STRAIGHT) {
                return false;
            }
        }
        return true;
    }

    /** Whether both have an area, and one about them in common. */
    boolean mayShareWith(Polygon other) {
        return area() >= TOUCH && other.area() >= TOUCH && boxesOverlap(other);
    }

    /** A spot in the middle of what both convex polygons cover, if they overlap; by clipping one at the edges of the other (Sutherland and Hodgman). */
    Optional<Spot> sharedWith(Polygon other) {
        List<Spot> shared = corners;
        for (int i = 0; i < other.corners.size() && shared.size() > 2; i++) {
            shared = clipped(shared, other.corners.get(i), other.corners.get((i + 1) % other.corners.size()));
        }
        if (shared.size() < 3 || signedArea(shared) < TOUCH) {
            return Optional.empty();
        }
        double x = 0;
        double y = 0;
        for (Spot corner : shared) {
            x += corner.x();
            y += corner.y();
        }
        return Optional.of(new Spot(x / shared.size(), y / shared.size()));
    }

    /** Whether this convex polygon has all of the box of another within it. */
    boolean holds(Polygon other) {
        for (double x : new double[] {other.across.getMin(), other.across.getMax()}) {
            for (double y : new double[] {other.down.getMin(), other.down.getMax()}) {
                if (!holds(new Spot(x, y))) {
                    return false;
                }
            }
        }
        return true;
    }

    private boolean holds(Spot spot) {
        for (int i = 0; i < corners.size(); i++) {
            if (side(corners.get(i), corners.get((i + 1) % corners.size()), spot) < 0) {
                return false;
            }
        }
        return true;
    }

    /** Whether a spot lies within it, whatever its shape: a way from it to the right crosses its edge an odd number of times. */
    boolean contains(Spot spot) {
        if (spot.x() < across.getMin()
                || spot.x() > across.getMax()
                || spot.y() < down.getMin()
                || spot.y() > down.getMax()) {
            return false;
        }
        boolean isWithin = false;
        Spot from = corners.get(corners.size() - 1);
        for (Spot to : corners) {
            if (from.y() > spot.y() != to.y() > spot.y()
                    && spot.x() < from.x() + (spot.y() - from.y()) / (to.y() - from.y()) * (to.x() - from.x())) {
                isWithin = !isWithin;
            }
            from = to;
        }
        return isWithin;
    }

    private boolean boxesOverlap(Polygon other) {
        return across.getMin() < other.across.getMax()
                && other.across.getMin() < across.getMax()
                && down.getMin() < other.down.getMax()
                && other.down.getMin() < down.getMax();
    }

    private static List<Spot> clipped(List<Spot> spots, Spot from, Spot to) {
        List<Spot> kept = new ArrayList<>(spots.size() + 1);
        double side = side(from, to, spots.get(0));
        for (int i = 0; i < spots.size(); i++) {
            Spot here = spots.get(i);
            Spot next = spots.get((i + 1) % spots.size());
            double nextSide = side(from, to, next);
            if (side >= 0) {
                kept.add(here);
            }
            if (side * nextSide < 0) {
                double share = side / (side - nextSide);
                kept.add(new Spot(here.x() + share * (next.x() - here.x()), here.y() + share * (next.y() - here.y())));
            }
            side = nextSide;
        }
        return kept;
    }

    private static double side(Spot from, Spot to, Spot spot) {
        return (to.x() - from.x()) * (spot.y() - from.y()) - (to.y() - from.y()) * (spot.x() - from.x());
    }
}
