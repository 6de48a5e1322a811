package kwibbet.drawing;

import java.util.List;
import java.util.function.UnaryOperator;

import kwibbet.measure.Length;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;

/** Marks at another place, or seen from the other side, left for right; their words stay readable. */
final class Moved {

    private final UnaryOperator<Point> move;
    private final boolean isMirrored;

    private Moved(UnaryOperator<Point> move, boolean isMirrored) {
        this.move = move;
        this.isMirrored = isMirrored;
    }

    static Moved mirrored(Rect frame) {
        Length sum = frame.left().plus(frame.right());
        return new Moved(point -> new Point(sum.minus(point.x()), point.y()), true);
    }

    static Moved by(Length right, Length down) {
        return new Moved(point -> point.plus(right, down), false);
    }

    Mark of(Mark mark) {
        if (mark instanceof Mark.Area area) {
            List<List<Point>> holes = area.holes().stream().map(this::points).toList();
            return new Mark.Area(
                    points(area.outline()), holes, fill(area.fill()), area.line(), area.ink(), area.raised());
        }
        if (mark instanceof Mark.Stroke stroke) {
            return new Mark.Stroke(points(stroke.path()), stroke.line(), stroke.ink());
        }
        if (mark instanceof Mark.Text text) {
            return new Mark.Text(
                    point(text.at()),
                    text.phrase(),
                    anchor(text),
                    text.size(),
                    text.ink(),
                    text.upwards(),
                    text.clear());
        }
        if (mark instanceof Mark.Disc disc) {
            return new Mark.Disc(point(disc.centre()), disc.radius(), disc.label());
        }
        Mark.Group group = (Mark.Group) mark;
        return new Mark.Group(
                group.piece(),
                group.label(),
                group.marks().stream().map(this::of).toList());
    }

    /** What reads upwards runs along the axis it is mirrored at, and keeps its end. */
    private Mark.Anchor anchor(Mark.Text text) {
        if (!isMirrored) {
            return text.anchor();
        }
        return switch (text.anchor()) {
            case START -> text.upwards() ? Mark.Anchor.START : Mark.Anchor.END;
            case END -> text.upwards() ? Mark.Anchor.END : Mark.Anchor.START;
            case MIDDLE -> Mark.Anchor.MIDDLE;
        };
    }

    private Fill fill(Fill fill) {
        return fill instanceof Fill.Printed printed ? printed.moved(move) : fill;
    }

    private Point point(Point point) {
        return move.apply(point);
    }

    private List<Point> points(List<Point> points) {
        return points.stream().map(this::point).toList();
    }
}
