package kwibbet.drawing;

import java.util.ArrayList;
import java.util.List;

import kwibbet.measure.Length;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;

/** Parallel lines at 45° that fill a rectangle. */
public final class Hatching {

    private Hatching() {}

    /**
     * The lines, rising from left to right.
     *
     * @param area what they fill, edge to edge
     * @param spacing from one line to the next along an edge; more than zero
     * @param ink what they are drawn on
     */
    public static List<Mark> of(Rect area, Length spacing, Ink ink) {
        Length width = area.size().width();
        Length height = area.size().height();
        List<Mark> lines = new ArrayList<>();
        // A line x + y = c enters at the left or bottom edge and leaves at the top or right edge.
        for (Length c = spacing; c.isShorterThan(width.plus(height)); c = c.plus(spacing)) {
            Point start = area.corner().plus(Length.max(Length.ZERO, c.minus(height)), Length.min(c, height));
            Point end = area.corner().plus(Length.min(c, width), Length.max(Length.ZERO, c.minus(width)));
            lines.add(new Mark.Stroke(List.of(start, end), Line.HATCH, ink));
        }
        return lines;
    }
}
