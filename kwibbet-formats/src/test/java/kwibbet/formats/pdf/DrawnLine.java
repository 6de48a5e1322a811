package kwibbet.formats.pdf;

import java.awt.geom.Point2D;

/**
 * A straight line on a page, in points.
 *
 * @param from its start
 * @param to its end
 */
record DrawnLine(Point2D from, Point2D to) {

    private static final double NEAR = 0.01;

    boolean isHorizontal() {
        return Math.abs(from.getY() - to.getY()) < NEAR;
    }

    boolean isVertical() {
        return Math.abs(from.getX() - to.getX()) < NEAR;
    }

    boolean isLong(double points) {
        return Math.abs(from.distance(to) - points) < NEAR;
    }
}
