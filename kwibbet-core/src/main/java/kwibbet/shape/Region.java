package kwibbet.shape;

import java.util.List;

/**
 * An area with holes in it.
 *
 * @param outline its outer edge
 * @param holes what is cut out of it
 */
public record Region(Outline outline, List<Outline> holes) {

    /** Copies the holes. */
    public Region {
        holes = List.copyOf(holes);
    }

    /** An area without holes. */
    public static Region of(Outline outline) {
        return new Region(outline, List.of());
    }

    /** This area in the outer frame of {@code placement}. */
    public Region in(Placement placement) {
        return new Region(
                outline.in(placement),
                holes.stream().map(hole -> hole.in(placement)).toList());
    }

    /** Square inches. */
    public double area() {
        return outline.area() - holes.stream().mapToDouble(Outline::area).sum();
    }

    /** The length of its edge and of the edges of its holes, in inches. */
    public double perimeter() {
        return outline.perimeter()
                + holes.stream().mapToDouble(Outline::perimeter).sum();
    }
}
