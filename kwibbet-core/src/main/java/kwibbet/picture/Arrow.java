package kwibbet.picture;

import java.util.ArrayList;
import java.util.List;

import kwibbet.drawing.Ink;
import kwibbet.drawing.Line;
import kwibbet.drawing.Mark;
import kwibbet.measure.Length;
import kwibbet.shape.Point;

/** An arrow that says where something goes. */
final class Arrow {

    /** How high it rises over its chord, as a part of it. */
    private static final double BOW = 0.22;

    private static final int ARC = 12;

    private Arrow() {}

    /** Draws it from one place to another, rising to its left as it goes, so that it is seen on what it runs over. */
    static void bowed(Point from, Point to, Ink ink, Sketch sketch) {
        List<Point> path = new ArrayList<>();
        for (int i = 0; i <= ARC; i++) {
            path.add(onArc(from, to, (double) i / ARC));
        }
        sketch.add(new Mark.Stroke(path, Line.MOVE, ink));
        head(from, to, ink, sketch);
    }

    /** A parabola over the chord. */
    private static Point onArc(Point from, Point to, double share) {
        double x = to.x().minus(from.x()).toInches();
        double y = to.y().minus(from.y()).toInches();
        double rise = BOW * 4 * share * (1 - share);
        return from.plus(Length.nearestInches(share * x + rise * y), Length.nearestInches(share * y - rise * x));
    }

    private static void head(Point from, Point to, Ink ink, Sketch sketch) {
        Point before = onArc(from, to, 0.93);
        double x = to.x().minus(before.x()).toInches();
        double y = to.y().minus(before.y()).toInches();
        double length = Math.max(Math.hypot(x, y), 1e-9);
        double barb = sketch.rows(0.55).toInches();
        Point one = to.plus(
                Length.nearestInches((-x - y * 0.6) / length * barb),
                Length.nearestInches((-y + x * 0.6) / length * barb));
        Point other = to.plus(
                Length.nearestInches((-x + y * 0.6) / length * barb),
                Length.nearestInches((-y - x * 0.6) / length * barb));
        sketch.add(new Mark.Stroke(List.of(one, to, other), Line.MOVE, ink));
    }
}
