package kwibbet.drawing;

import java.util.List;

import kwibbet.measure.Length;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;

/** A drawing seen from the other side, left for right; its words stay readable. */
final class Mirror {

    private final Length sum;

    Mirror(Rect frame) {
        this.sum = frame.left().plus(frame.right());
    }

    Mark of(Mark mark) {
        if (mark instanceof Mark.Area area) {
            List<List<Point>> holes = area.holes().stream().map(this::points).toList();
            return new Mark.Area(points(area.outline()), holes, area.fill(), area.line(), area.ink(), area.raised());
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
    private static Mark.Anchor anchor(Mark.Text text) {
        return switch (text.anchor()) {
            case START -> text.upwards() ? Mark.Anchor.START : Mark.Anchor.END;
            case END -> text.upwards() ? Mark.Anchor.END : Mark.Anchor.START;
            case MIDDLE -> Mark.Anchor.MIDDLE;
        };
    }

    private Point point(Point point) {
        return new Point(sum.minus(point.x()), point.y());
    }

    private List<Point> points(List<Point> points) {
        return points.stream().map(this::point).toList();
    }
}
