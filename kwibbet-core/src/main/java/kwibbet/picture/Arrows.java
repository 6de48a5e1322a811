package kwibbet.picture;

import java.util.List;

import kwibbet.drawing.Ink;
import kwibbet.drawing.Line;
import kwibbet.drawing.Mark;
import kwibbet.measure.Length;
import kwibbet.shape.Axis;
import kwibbet.shape.Point;

/** Arrows for grain and up. */
final class Arrows {

    private Arrows() {}

    /** A double arrow along {@code axis}: the paper's grain. */
    static List<Mark> both(Axis axis, Point middle, Length half, Length barb) {
        boolean upright = axis == Axis.VERTICAL;
        Point start = upright ? middle.plus(Length.ZERO, half.negated()) : middle.plus(half.negated(), Length.ZERO);
        Point end = upright ? middle.plus(Length.ZERO, half) : middle.plus(half, Length.ZERO);
        return List.of(stroke(start, end), head(start, axis, barb), head(end, axis, barb.negated()));
    }

    /** A single arrow pointing up: the pattern's up. */
    static List<Mark> up(Point tip, Length length, Length barb) {
        return List.of(stroke(tip, tip.plus(Length.ZERO, length)), head(tip, Axis.VERTICAL, barb));
    }

    private static Mark head(Point tip, Axis axis, Length barb) {
        Point one = tip.plus(barb, barb);
        Point other = axis == Axis.VERTICAL ? tip.plus(barb.negated(), barb) : tip.plus(barb, barb.negated());
        return stroke(one, tip, other);
    }

    private static Mark stroke(Point... path) {
        return new Mark.Stroke(List.of(path), Line.FINE, Ink.ON_PAGE);
    }
}
