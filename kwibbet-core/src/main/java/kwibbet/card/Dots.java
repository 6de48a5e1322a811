package kwibbet.card;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

import kwibbet.measure.Length;
import kwibbet.shape.CutShape;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Region;
import kwibbet.shape.Size;

/** Where glue dots go on what is to be held: in its corners, and between them where those are far apart. */
final class Dots {

    /** How wide one is. Common practice, no source. */
    static final Length ACROSS = Length.ofInches(1, 4);

    /** Two that hold something flat are at most so far apart. Common practice, no source. */
    private static final Length APART = Length.ofInches(2);

    private Dots() {}

    /** Dots within an area, none over another; none at all where it is too narrow for one. */
    static List<Region> on(Region area) {
        Length half = ACROSS.half();
        List<Region> middles = Overlay.inset(area, half);
        List<Point> dots = new ArrayList<>();
        for (Region part : middles) {
            Rect box = part.outline().bounds();
            for (Length y : spread(box.top(), box.size().height())) {
                for (Length x : spread(box.left(), box.size().width())) {
                    // In the corner of a box round a curve it is where the curve comes nearest.
                    Point dot = Overlay.nearest(part, new Point(x, y));
                    if (dots.stream().noneMatch(other -> isClose(dot, other))) {
                        dots.add(dot);
                    }
                }
            }
        }
        return dots.stream().map(dot -> Region.of(dot(dot))).toList();
    }

    private static Outline dot(Point middle) {
        Rect box = Rect.around(middle, new Size(ACROSS, ACROSS));
        return new CutShape(CutShape.Kind.OVAL, box.size()).outline().plus(box.left(), box.top());
    }

    private static List<Length> spread(Length from, Length over) {
        int steps = (int) Math.ceil(over.ratioTo(APART));
        return IntStream.rangeClosed(0, steps)
                .mapToObj(
                        i -> steps == 0 ? from : from.plus(over.multipliedBy(i).dividedDownBy(steps)))
                .toList();
    }

    private static boolean isClose(Point one, Point other) {
        return Math.hypot(
                        one.x().minus(other.x()).toInches(),
                        one.y().minus(other.y()).toInches())
                < ACROSS.toInches();
    }
}
