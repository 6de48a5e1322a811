package kwibbet.shape;

import java.util.Optional;

import kwibbet.measure.Length;

/**
 * A straight line between two points: a score, a slit.
 *
 * @param start where it starts
 * @param end where it ends; another point
 */
public record Segment(Point start, Point end) {

    /**
     * Checks that it has a length.
     *
     * @throws IllegalArgumentException when it starts where it ends
     */
    public Segment {
        if (start.equals(end)) {
            throw new IllegalArgumentException("a line needs two points, not " + start + " twice");
        }
    }

    /** The direction it runs in, if that is along an edge; none when it is slanted. */
    public Optional<Axis> axis() {
        if (start.x().equals(end.x())) {
            return Optional.of(Axis.VERTICAL);
        }
        return start.y().equals(end.y()) ? Optional.of(Axis.HORIZONTAL) : Optional.empty();
    }

    /** Its length in inches. */
    public double inches() {
        return Math.hypot(
                end.x().minus(start.x()).toInches(), end.y().minus(start.y()).toInches());
    }

    /** The point in the middle, to the tick below. */
    public Point middle() {
        return start.middle(end);
    }

    /** Where a point comes to on the other side of its line, to the nearest tick. */
    public Point mirrored(Point point) {
        double dx = end.x().minus(start.x()).toInches();
        double dy = end.y().minus(start.y()).toInches();
        double px = point.x().minus(start.x()).toInches();
        double py = point.y().minus(start.y()).toInches();
        double share = (px * dx + py * dy) / (dx * dx + dy * dy);
        return start.plus(Length.nearestInches(2 * share * dx - px), Length.nearestInches(2 * share * dy - py));
    }
}
