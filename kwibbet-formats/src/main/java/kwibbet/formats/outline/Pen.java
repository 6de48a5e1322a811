package kwibbet.formats.outline;

import java.awt.geom.AffineTransform;
import java.awt.geom.Point2D;
import java.util.ArrayList;
import java.util.List;

import kwibbet.measure.Length;
import kwibbet.outline.Tracing;
import kwibbet.shape.Point;

/**
 * Draws lines and curves as edges that lie within a tolerance off them, in the units of a drawing, x right and y down.
 *
 * <p>A cubic curve is cut into {@code n} equal shares of its parameter, which keeps each edge within {@code max|B''| / 8n²} of it; an arc of radius {@code r} into edges of
 * angle {@code a}, which lie within {@code r (1 − cos a/2)}.
 */
final class Pen {

    /** Edges of curves lie within this share of a drawing off them. */
    private static final double SHARE = 1.0 / 25_000;

    private static final int MOST_EDGES = 2_000;
    /** Of a curve, and of half a turn, so that the box of what is drawn roughly is about that of what is drawn well. */
    private static final int FEWEST_EDGES = 4;

    private static final double FARTHEST = 1e6;

    private final double tolerance;
    private final AffineTransform frame;
    private final Tracing.Use open;
    private final Tracing.Use closed;
    private final List<Tracing.Line> lines;
    private final List<double[]> here = new ArrayList<>();

    /**
     * A pen that adds what it draws to {@code lines}.
     *
     * @param tolerance how far an edge may lie off its curve, in units of the drawing
     * @param frame how what is drawn lies in the drawing
     * @param open what an open line is for
     * @param closed what a closed line is for
     * @param lines where lines are added
     */
    Pen(double tolerance, AffineTransform frame, Tracing.Use open, Tracing.Use closed, List<Tracing.Line> lines) {
        this.tolerance = tolerance;
        this.frame = frame;
        this.open = open;
        this.closed = closed;
        this.lines = lines;
    }

    /** How far edges may lie off curves in a drawing, from lines of it that were drawn roughly. */
    static double tolerance(List<Tracing.Line> rough) {
        double longer = new Tracing(rough)
                .box()
                .map(box -> Length.max(box.size().width(), box.size().height()).toMillimetres())
                .orElse(1.0);
        return longer * SHARE;
    }

    /** How far an edge may lie off its curve, in units of what is drawn. */
    double tolerance() {
        return tolerance / Math.max(scale(), 1e-9);
    }

    void moveTo(double x, double y) {
        lift(false);
        add(x, y);
    }

    void lineTo(double x, double y) {
        add(x, y);
    }

    /** A cubic Bézier curve from where the pen is, whose coordinates are those of the frame. */
    void curveTo(double x0, double y0, double x1, double y1, double x2, double y2, double x3, double y3) {
        double bendX = 6 * Math.max(Math.abs(x0 - 2 * x1 + x2), Math.abs(x1 - 2 * x2 + x3));
        double bendY = 6 * Math.max(Math.abs(y0 - 2 * y1 + y2), Math.abs(y1 - 2 * y2 + y3));
        int edges = Math.max(FEWEST_EDGES, edges(Math.sqrt(Math.hypot(bendX, bendY) * scale() / (8 * tolerance))));
        for (int i = 1; i <= edges; i++) {
            double t = (double) i / edges;
            double s = 1 - t;
            add(
                    s * s * s * x0 + 3 * s * s * t * x1 + 3 * s * t * t * x2 + t * t * t * x3,
                    s * s * s * y0 + 3 * s * s * t * y1 + 3 * s * t * t * y2 + t * t * t * y3);
        }
    }

    /**
     * An arc of an ellipse, its first point left out.
     *
     * @param middle its middle
     * @param radii its half axes
     * @param tilt how far the first axis is turned, in radians
     * @param from the angle it begins at, in radians
     * @param sweep how far it goes, in radians; negative the other way round
     */
    void arc(Point2D middle, Point2D radii, double tilt, double from, double sweep) {
        double radius = Math.max(radii.getX(), radii.getY()) * scale();
        double step = Math.min(Math.PI / FEWEST_EDGES, 2 * Math.acos(Math.max(0, 1 - tolerance / radius)));
        int edges = edges(Math.abs(sweep) / Math.max(step, 1e-6));
        for (int i = 1; i <= edges; i++) {
            double angle = from + sweep * i / edges;
            double x = radii.getX() * Math.cos(angle);
            double y = radii.getY() * Math.sin(angle);
            add(
                    middle.getX() + x * Math.cos(tilt) - y * Math.sin(tilt),
                    middle.getY() + x * Math.sin(tilt) + y * Math.cos(tilt));
        }
    }

    private static int edges(double wanted) {
        return (int) Math.max(1, Math.min(MOST_EDGES, Math.ceil(wanted)));
    }

    /** By how much the frame makes the longest line longer. */
    private double scale() {
        return Math.max(
                Math.hypot(frame.getScaleX(), frame.getShearY()), Math.hypot(frame.getShearX(), frame.getScaleY()));
    }

    private void add(double x, double y) {
        Point2D at = frame.transform(new Point2D.Double(x, y), null);
        here.add(new double[] {at.getX(), at.getY()});
    }

    /** Closes what is drawn. */
    void close() {
        lift(true);
    }

    /** Ends what is drawn. */
    void end() {
        lift(false);
    }

    private void lift(boolean isClosed) {
        List<Point> points = new ArrayList<>(here.stream().map(Pen::point).toList());
        here.clear();
        if (points.stream().distinct().count() < 2) {
            return;
        }
        boolean meets = points.size() > 3 && points.get(0).equals(points.get(points.size() - 1));
        if (meets) {
            points.remove(points.size() - 1);
        }
        boolean round = isClosed || meets;
        lines.add(new Tracing.Line(points, round, round ? closed : open));
    }

    private static Point point(double[] at) {
        return new Point(millimetres(at[0]), millimetres(at[1]));
    }

    /** @throws UnreadableDrawing where nothing can be drawn that far away */
    private static Length millimetres(double units) {
        if (!(Math.abs(units) < FARTHEST)) {
            throw new UnreadableDrawing("Something in it lies too far away to be drawn: " + units + " of its units.");
        }
        return Length.nearestInches(units / 25.4);
    }
}
