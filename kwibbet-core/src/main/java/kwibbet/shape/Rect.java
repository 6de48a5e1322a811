package kwibbet.shape;

import java.util.List;
import java.util.Optional;

import kwibbet.measure.Length;

/**
 * A rectangle in its place.
 *
 * @param corner its left top corner
 * @param size its width and height
 */
public record Rect(Point corner, Size size) {

    /** The rectangle of that size around a point. */
    public static Rect around(Point middle, Size size) {
        return new Rect(
                new Point(
                        middle.x().minus(size.width().half()),
                        middle.y().minus(size.height().half())),
                size);
    }

    /**
     * The smallest upright rectangle around some points.
     *
     * @throws IllegalArgumentException when there are none, or all lie on one upright or level line
     */
    public static Rect around(List<Point> points) {
        if (points.isEmpty()) {
            throw new IllegalArgumentException("nothing lies around no points");
        }
        Length left = points.get(0).x();
        Length top = points.get(0).y();
        Length right = left;
        Length bottom = top;
        for (Point point : points) {
            left = Length.min(left, point.x());
            top = Length.min(top, point.y());
            right = Length.max(right, point.x());
            bottom = Length.max(bottom, point.y());
        }
        return of(left, top, right.minus(left), bottom.minus(top));
    }

    /** A rectangle of {@code size} at the left top. */
    public static Rect atOrigin(Size size) {
        return new Rect(Point.ORIGIN, size);
    }

    /** The rectangle between two opposite corners. */
    public static Rect of(Length left, Length top, Length width, Length height) {
        return new Rect(new Point(left, top), new Size(width, height));
    }

    /** The x of the left edge. */
    public Length left() {
        return corner.x();
    }

    /** The y of the top edge. */
    public Length top() {
        return corner.y();
    }

    /** The x at which it ends. */
    public Length right() {
        return corner.x().plus(size.width());
    }

    /** The y at which it ends. */
    public Length bottom() {
        return corner.y().plus(size.height());
    }

    /** Where it starts, going along {@code axis}: its top or its left. */
    public Length start(Axis axis) {
        return axis == Axis.VERTICAL ? top() : left();
    }

    /** Where it ends, going along {@code axis}: its bottom or its right. */
    public Length end(Axis axis) {
        return axis == Axis.VERTICAL ? bottom() : right();
    }

    /** This rectangle moved to the right and down. */
    public Rect plus(Length right, Length down) {
        return new Rect(corner.plus(right, down), size);
    }

    /** This rectangle larger by a border all round. */
    public Rect grown(Length border) {
        return new Rect(corner.plus(border.negated(), border.negated()), size.grown(border));
    }

    /** This rectangle on the other side of an upright or level line. */
    public Rect mirrored(Segment line) {
        boolean upright = line.start().x().equals(line.end().x());
        Length across =
                upright ? line.start().x().multipliedBy(2) : line.start().y().multipliedBy(2);
        return upright
                ? of(across.minus(right()), top(), size.width(), size.height())
                : of(left(), across.minus(bottom()), size.width(), size.height());
    }

    /** The smallest rectangle that holds this and another. */
    public Rect around(Rect other) {
        Length left = Length.min(left(), other.left());
        Length top = Length.min(top(), other.top());
        return of(
                left,
                top,
                Length.max(right(), other.right()).minus(left),
                Length.max(bottom(), other.bottom()).minus(top));
    }

    /** The rectangle of {@code inner} size in the middle of this one; a half tick goes to the right and the bottom. */
    public Rect centred(Size inner) {
        return new Rect(
                corner.plus(
                        half(size.width().minus(inner.width())),
                        half(size.height().minus(inner.height()))),
                inner);
    }

    private static Length half(Length length) {
        return length.half();
    }

    /** Whether {@code other} lies within this rectangle, edges included. */
    public boolean contains(Rect other) {
        return !other.left().isShorterThan(left())
                && !other.top().isShorterThan(top())
                && !other.right().isLongerThan(right())
                && !other.bottom().isLongerThan(bottom());
    }

    /** Whether a point lies within this rectangle, edges included. */
    public boolean contains(Point point) {
        return !point.x().isShorterThan(left())
                && !point.x().isLongerThan(right())
                && !point.y().isShorterThan(top())
                && !point.y().isLongerThan(bottom());
    }

    /** What the two share; nothing when that is no more than an edge. */
    public Optional<Rect> within(Rect other) {
        if (!overlaps(other)) {
            return Optional.empty();
        }
        Length left = Length.max(left(), other.left());
        Length top = Length.max(top(), other.top());
        return Optional.of(of(
                left,
                top,
                Length.min(right(), other.right()).minus(left),
                Length.min(bottom(), other.bottom()).minus(top)));
    }

    /** Whether the two share more than an edge. */
    public boolean overlaps(Rect other) {
        return left().isShorterThan(other.right())
                && other.left().isShorterThan(right())
                && top().isShorterThan(other.bottom())
                && other.top().isShorterThan(bottom());
    }

    /**
     * The part of this up to a cut.
     *
     * @param axis the direction of the cut
     * @param at its distance from the left or the top edge; more than zero
     */
    public Rect upTo(Axis axis, Length at) {
        return new Rect(corner, axis == Axis.VERTICAL ? new Size(at, size.height()) : new Size(size.width(), at));
    }

    /** The part of this from a distance on; nothing where there is none. */
    public Optional<Rect> beyond(Axis axis, Length from) {
        Length rest = size.across(axis).minus(from);
        if (!rest.isPositive()) {
            return Optional.empty();
        }
        return Optional.of(
                axis == Axis.VERTICAL
                        ? new Rect(corner.plus(from, Length.ZERO), new Size(rest, size.height()))
                        : new Rect(corner.plus(Length.ZERO, from), new Size(size.width(), rest)));
    }

    /** The point in the middle, to the tick below. */
    public Point middle() {
        return corner.middle(new Point(right(), bottom()));
    }

    /** What both cover, if that is more than an edge. */
    public Optional<Rect> shared(Rect other) {
        if (!overlaps(other)) {
            return Optional.empty();
        }
        Length left = Length.max(left(), other.left());
        Length top = Length.max(top(), other.top());
        Length width = Length.min(right(), other.right()).minus(left);
        Length height = Length.min(bottom(), other.bottom()).minus(top);
        return Optional.of(Rect.of(left, top, width, height));
    }
}
