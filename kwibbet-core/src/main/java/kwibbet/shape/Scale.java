package kwibbet.shape;

import kwibbet.measure.Length;

/**
 * One box drawn into another, each side by its own share; corners of the one come exactly to those of the other, what lies between to the nearest tick.
 *
 * @param from the box things lie in
 * @param to the size they are drawn to; its left top corner is zero
 */
public record Scale(Rect from, Size to) {

    /** Where a point comes to. */
    public Point point(Point point) {
        return new Point(
                scaled(point.x().minus(from.left()), from.size().width(), to.width()),
                scaled(point.y().minus(from.top()), from.size().height(), to.height()));
    }

    private static Length scaled(Length length, Length whole, Length other) {
        return whole.equals(other) ? length : length.scaledBy(other.ratioTo(whole));
    }

    /** Where a line comes to. */
    public Segment segment(Segment segment) {
        return new Segment(point(segment.start()), point(segment.end()));
    }

    /** Where an outline comes to. */
    public Outline outline(Outline outline) {
        return new Outline(outline.corners().stream().map(this::point).toList());
    }

    /** Where an area comes to. */
    public Region region(Region region) {
        return new Region(
                outline(region.outline()),
                region.holes().stream().map(this::outline).toList());
    }
}
