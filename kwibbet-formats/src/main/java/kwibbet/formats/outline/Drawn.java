package kwibbet.formats.outline;

import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.function.Function;

import kwibbet.measure.Length;
import kwibbet.outline.DrawnUnit;
import kwibbet.outline.Tracing;
import kwibbet.shape.Point;

/** Lines as they stand in a file. */
record Drawn(List<Tracing.Line> lines, DrawnUnit unit, boolean isUnitSaid, List<String> told) {

    /** Edges of curves lie within this share of a drawing off them. */
    private static final double SHARE = 1.0 / 25_000;

    /** How far edges may lie off curves, from lines that were drawn roughly. */
    static double tolerance(List<Tracing.Line> lines) {
        List<Point> points = lines.stream()
                .flatMap(line -> line.points().stream())
                .distinct()
                .toList();
        if (points.size() < 3) {
            return SHARE;
        }
        double across = spread(points, Point::x);
        double down = spread(points, Point::y);
        return Math.max(across, down) * SHARE;
    }

    private static double spread(List<Point> points, Function<Point, Length> side) {
        DoubleSummaryStatistics all = points.stream()
                .mapToDouble(point -> side.apply(point).toMillimetres())
                .summaryStatistics();
        return all.getMax() - all.getMin();
    }
}
