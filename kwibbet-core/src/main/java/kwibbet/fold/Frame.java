package kwibbet.fold;

import kwibbet.shape.Placement;
import kwibbet.shape.Point;

/**
 * Where a flat plane stands in space: {@code (x, y)} goes to {@code origin + x·right + y·down}.
 *
 * @param origin where the zero of the flat piece goes
 * @param right the direction of x, of length 1
 * @param down the direction of y, of length 1
 */
public record Frame(Vector origin, Vector right, Vector down) {

    /** Where light comes from, of length 1: seen flat from above, every paper has its own colour. */
    private static final Vector LIGHT = new Vector(-0.35, -0.25, 0.903);

    private static final double DARKEST = 0.3;

    /** Flat on the table, up face up. */
    public static final Frame FLAT = new Frame(new Vector(0, 0, 0), new Vector(1, 0, 0), new Vector(0, 1, 0));

    /** Where the flat point {@code (x, y)} stands. */
    public Vector at(double x, double y) {
        return origin.plus(right.times(x)).plus(down.times(y));
    }

    /** Where a flat point stands. */
    public Vector at(Point flat) {
        return at(flat.x().toInches(), flat.y().toInches());
    }

    private Vector direction(double x, double y) {
        return right.times(x).plus(down.times(y));
    }

    /** The direction the up face faces; towards the viewer when flat. */
    public Vector up() {
        return right.cross(down);
    }

    /**
     * The frame of a panel that hangs on a score of this one.
     *
     * @param start a point of the score
     * @param end another point of the score
     * @param beyond a point of the panel off the score
     * @param radians how far it is folded towards the up face; negative away from it
     */
    public Frame folded(Point start, Point end, Point beyond, double radians) {
        Vector from = at(start);
        Vector along = at(end).minus(from);
        Vector axis = along.times(1 / along.length());
        boolean lifts = axis.cross(at(beyond).minus(from)).dot(up()) > 0;
        return turnedAbout(from, axis, lifts ? radians : -radians);
    }

    /**
     * This frame turned about a line.
     *
     * @param from a point of the line
     * @param axis its direction, of length 1
     * @param radians how far
     */
    public Frame turnedAbout(Vector from, Vector axis, double radians) {
        return new Frame(
                from.plus(origin.minus(from).turnedAbout(axis, radians)),
                right.turnedAbout(axis, radians),
                down.turnedAbout(axis, radians));
    }

    /** How bright paper is that stands like this: 1 lying flat, less the more it is turned away from the light at the upper left in front. */
    public double light() {
        Vector towards = up().z() > 0 ? up() : up().times(-1);
        double light = Math.max(0, towards.dot(LIGHT));
        return 1 - DARKEST * Math.max(0, LIGHT.z() - light) / LIGHT.z();
    }

    /** The frame of a piece that lies on this one. */
    public Frame holding(Placement placement) {
        double radians = Math.toRadians(placement.degrees());
        double cos = Math.cos(radians);
        double sin = Math.sin(radians);
        double mirror = placement.mirrored() ? -1 : 1;
        return new Frame(at(placement.offset()), direction(mirror * cos, mirror * sin), direction(-sin, cos));
    }

    /** This frame turned clockwise on the table, in radians. */
    public Frame rolled(double radians) {
        Vector axis = new Vector(0, 0, 1);
        return new Frame(
                origin.turnedAbout(axis, radians), right.turnedAbout(axis, radians), down.turnedAbout(axis, radians));
    }

    /** This frame seen by a viewer who stands to the right by {@code yaw} and above by {@code pitch}, in radians. */
    public Frame seenFrom(double yaw, double pitch) {
        return new Frame(origin.seenFrom(yaw, pitch), right.seenFrom(yaw, pitch), down.seenFrom(yaw, pitch));
    }
}
