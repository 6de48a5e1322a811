package kwibbet.drawing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

import kwibbet.measure.Length;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Region;

/** Parallel lines at 45° that fill an area. */
public final class Hatching {

    private Hatching() {}

    /**
     * The lines within an outline, its holes left free.
     *
     * @param area what they fill
     * @param spacing from one line to the next along an edge; more than zero
     * @param rising whether they rise from left to right; otherwise they fall
     * @param ink what they are drawn on
     */
    public static List<Mark> of(Region area, Length spacing, boolean rising, Ink ink) {
        List<Mark> lines = new ArrayList<>();
        Rect box = area.outline().bounds();
        double step = spacing.toInches();
        double sign = rising ? 1 : -1;
        double from = box.left().toInches()
                + Math.min(sign * box.top().toInches(), sign * box.bottom().toInches());
        double to = box.right().toInches()
                + Math.max(sign * box.top().toInches(), sign * box.bottom().toInches());
        // A hair off a whole step, so that no line runs through corners only.
        for (double at = from + step * 0.618; at < to; at += step) {
            List<Point> crossings = crossings(area, at, sign);
            for (int i = 0; i + 1 < crossings.size(); i += 2) {
                lines.add(new Mark.Stroke(List.of(crossings.get(i), crossings.get(i + 1)), Line.HATCH, ink));
            }
        }
        return lines;
    }

    /** Where the line x ± y = at enters and leaves an area, from left to right. */
    private static List<Point> crossings(Region area, double at, double sign) {
        List<Point> crossings = new ArrayList<>();
        Stream.concat(Stream.of(area.outline()), area.holes().stream())
                .flatMap(ring -> ring.edges().stream())
                .forEach(edge -> {
                    double start = edge.start().x().toInches()
                            + sign * edge.start().y().toInches()
                            - at;
                    double end =
                            edge.end().x().toInches() + sign * edge.end().y().toInches() - at;
                    if (start < 0 != end < 0) {
                        double share = start / (start - end);
                        crossings.add(edge.start()
                                .plus(
                                        edge.end().x().minus(edge.start().x()).scaledBy(share),
                                        edge.end().y().minus(edge.start().y()).scaledBy(share)));
                    }
                });
        crossings.sort(Comparator.comparing(Point::x));
        return crossings;
    }

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
