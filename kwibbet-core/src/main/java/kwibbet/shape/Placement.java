package kwibbet.shape;

import kwibbet.measure.Length;

/**
 * How one flat frame lies in another: first mirrored left to right where asked, then turned clockwise, then moved.
 *
 * @param offset where the inner frame's zero lies in the outer frame
 * @param degrees how far it is turned, clockwise as seen; any multiple of 90 is exact, others come to the nearest tick
 * @param mirrored whether the inner frame is seen from behind
 */
public record Placement(Point offset, int degrees, boolean mirrored) {

    /** Both frames are one. */
    public static final Placement SAME = new Placement(Point.ORIGIN, 0, false);

    private static final int ROUND = 360;

    /** Brings the turn into 0 to 359. */
    public Placement {
        degrees = Math.floorMod(degrees, ROUND);
    }

    /** Moved only. */
    public static Placement at(Point offset) {
        return new Placement(offset, 0, false);
    }

    /** Where an inner point lies in the outer frame. */
    public Point apply(Point inner) {
        Point turned = linear(inner);
        return offset.plus(turned.x(), turned.y());
    }

    private Point linear(Point inner) {
        Length x = mirrored ? inner.x().negated() : inner.x();
        Length y = inner.y();
        return switch (degrees) {
            case 0 -> new Point(x, y);
            case 90 -> new Point(y.negated(), x);
            case 180 -> new Point(x.negated(), y.negated());
            case 270 -> new Point(y, x.negated());
            default -> slanted(x.toInches(), y.toInches());
        };
    }

    private Point slanted(double x, double y) {
        double cos = Math.cos(Math.toRadians(degrees));
        double sin = Math.sin(Math.toRadians(degrees));
        return new Point(Length.nearestInches(x * cos - y * sin), Length.nearestInches(x * sin + y * cos));
    }

    /** Where an inner line lies in the outer frame. */
    public Segment apply(Segment inner) {
        return new Segment(apply(inner.start()), apply(inner.end()));
    }

    /** This frame's inner frame straight in the frame that {@code outer} leads to. */
    public Placement within(Placement outer) {
        int turned = outer.mirrored ? -degrees : degrees;
        return new Placement(outer.apply(offset), outer.degrees + turned, outer.mirrored != mirrored);
    }

    /** The way back: from the outer frame to the inner. */
    public Placement inverse() {
        Placement turnedBack = new Placement(Point.ORIGIN, mirrored ? degrees : -degrees, mirrored);
        Point back = turnedBack.linear(offset);
        return new Placement(
                new Point(back.x().negated(), back.y().negated()), turnedBack.degrees, turnedBack.mirrored);
    }
}
