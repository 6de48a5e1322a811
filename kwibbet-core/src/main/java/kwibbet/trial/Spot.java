package kwibbet.trial;

import java.util.ArrayList;
import java.util.List;

import kwibbet.shape.Placement;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Segment;
import kwibbet.shape.Size;

/**
 * A place on a paper, in inches from its left top corner.
 *
 * @param x to the right
 * @param y down
 */
record Spot(double x, double y) {

    /** How far apart lines are looked at. */
    static final double STEP = 1.0 / 32;

    static Spot of(Point point) {
        return new Spot(point.x().toInches(), point.y().toInches());
    }

    /** Places along some lines, no two next to each other farther apart than a step. */
    static List<Spot> along(List<Segment> lines) {
        List<Spot> spots = new ArrayList<>();
        for (Segment line : lines) {
            Spot from = of(line.start());
            Spot to = of(line.end());
            int steps = (int) Math.ceil(from.to(to) / STEP);
            for (int step = 0; step <= steps; step++) {
                double share = (double) step / Math.max(1, steps);
                spots.add(new Spot(from.x + share * (to.x - from.x), from.y + share * (to.y - from.y)));
            }
        }
        return spots;
    }

    double to(Spot other) {
        return Math.hypot(x - other.x, y - other.y);
    }

    Spot plus(double right, double down) {
        return new Spot(x + right, y + down);
    }

    /** The same place turned clockwise about zero. */
    Spot turned(int degrees) {
        double angle = Math.toRadians(degrees);
        return new Spot(x * Math.cos(angle) - y * Math.sin(angle), x * Math.sin(angle) + y * Math.cos(angle));
    }

    /** The same place on the sheet below that {@code placement} lays this one on. */
    Spot in(Placement placement) {
        Spot offset = of(placement.offset());
        return new Spot(placement.mirrored() ? -x : x, y)
                .turned(placement.degrees())
                .plus(offset.x, offset.y);
    }

    /** Whether it lies within closed lines: a way from it to the right crosses them an odd number of times. */
    boolean isWithin(List<Segment> lines) {
        return lines.stream().filter(this::isLeftOf).count() % 2 == 1;
    }

    private boolean isLeftOf(Segment line) {
        Spot from = of(line.start());
        Spot to = of(line.end());
        return from.y > y != to.y > y && x < from.x + (y - from.y) / (to.y - from.y) * (to.x - from.x);
    }

    /** On the other side of an upright or level fold. */
    Spot beyond(Segment fold) {
        Spot start = of(fold.start());
        boolean upright = fold.start().x().equals(fold.end().x());
        return upright ? new Spot(2 * start.x - x, y) : new Spot(x, 2 * start.y - y);
    }

    boolean isOn(Size paper) {
        return x >= 0
                && y >= 0
                && x <= paper.width().toInches()
                && y <= paper.height().toInches();
    }

    /** Whether it is no farther from an edge of the paper than that. */
    boolean isAtEdge(Rect paper, double close) {
        return Math.abs(x - paper.left().toInches()) <= close
                || Math.abs(x - paper.right().toInches()) <= close
                || Math.abs(y - paper.top().toInches()) <= close
                || Math.abs(y - paper.bottom().toInches()) <= close;
    }
}
