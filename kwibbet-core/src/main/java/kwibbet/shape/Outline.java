package kwibbet.shape;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

import org.jspecify.annotations.Nullable;

import kwibbet.measure.Length;

/**
 * A closed outline of straight edges; curves are drawn with edges that stay within a thousandth of an inch of them for
 * what fits on a card. No edge crosses another. Two are equal when their corners are, from the same one on and the same way round.
 */
public final class Outline {

    /** It has at least so many corners. */
    static final int FEWEST = 3;

    private final List<Point> corners;
    // Asked for a thousand times a card: worked out once, by whoever asks first; two who ask at once find the same.
    private @Nullable Rect bounds;

    /**
     * Copies the corners, one that is given twice in a row once.
     *
     * @param corners in order round it; the last joins the first
     * @throws IllegalArgumentException when there are fewer than three
     */
    public Outline(List<Point> corners) {
        this.corners = withoutRepeats(corners);
        if (this.corners.size() < FEWEST) {
            throw new IllegalArgumentException("an outline has at least three corners, not " + this.corners.size());
        }
    }

    private static List<Point> withoutRepeats(List<Point> corners) {
        List<Point> kept = new ArrayList<>(corners.size());
        for (int i = 0; i < corners.size(); i++) {
            if (!corners.get(i).equals(corners.get((i + 1) % corners.size()))) {
                kept.add(corners.get(i));
            }
        }
        return List.copyOf(kept);
    }

    /** The outline of a rectangle, from its left top corner clockwise. */
    public static Outline of(Rect area) {
        return of(
                area.corner(),
                new Point(area.right(), area.top()),
                new Point(area.right(), area.bottom()),
                new Point(area.left(), area.bottom()));
    }

    /** The outline through those corners. */
    public static Outline of(Point... corners) {
        return new Outline(List.of(corners));
    }

    /** Its corners in order round it, at least three; the last joins the first. */
    public List<Point> corners() {
        return corners;
    }

    /**
     * The smallest upright rectangle around it.
     *
     * @throws IllegalArgumentException when all corners lie on one upright or level line
     */
    public Rect bounds() {
        Rect known = bounds;
        if (known == null) {
            known = Rect.around(corners);
            bounds = known;
        }
        return known;
    }

    /** Whether it is an upright rectangle. */
    public boolean isRectangle() {
        return corners.size() == 4
                && bounds().size().area() > 0
                && edges().stream().allMatch(edge -> edge.axis().isPresent());
    }

    /** Its edges in order. */
    public List<Segment> edges() {
        return IntStream.range(0, corners.size())
                .mapToObj(i -> new Segment(corners.get(i), corners.get((i + 1) % corners.size())))
                .toList();
    }

    /** This outline in the outer frame of {@code placement}. */
    public Outline in(Placement placement) {
        return placement.equals(Placement.SAME)
                ? this
                : new Outline(corners.stream().map(placement::apply).toList());
    }

    /** This outline moved to the right and down. */
    public Outline plus(Length right, Length down) {
        return in(Placement.at(new Point(right, down)));
    }

    /** Square inches, by the surveyor's formula. */
    public double area() {
        double twice = 0;
        for (Segment edge : edges()) {
            twice += edge.start().x().toInches() * edge.end().y().toInches()
                    - edge.end().x().toInches() * edge.start().y().toInches();
        }
        return Math.abs(twice) / 2;
    }

    /** The length of its edge in inches. */
    public double perimeter() {
        return edges().stream().mapToDouble(Segment::inches).sum();
    }

    @Override
    public boolean equals(@Nullable Object object) {
        return this == object || (object instanceof Outline other && corners.equals(other.corners));
    }

    @Override
    public int hashCode() {
        return corners.hashCode();
    }

    @Override
    public String toString() {
        return "outline of " + corners.size() + " corners, " + corners;
    }
}
