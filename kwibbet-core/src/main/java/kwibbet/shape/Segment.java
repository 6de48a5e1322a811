package kwibbet.shape;

import java.util.Optional;

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
}
