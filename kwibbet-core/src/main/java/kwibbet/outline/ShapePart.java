package kwibbet.outline;

import java.util.List;

import kwibbet.measure.Length;
import kwibbet.shape.Placement;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Region;
import kwibbet.shape.Segment;
import kwibbet.shape.Size;

/**
 * A part of an outline.
 *
 * @param how what it does to the parts before it
 * @param source where it comes from
 * @param size the box it is drawn into
 * @param corner where the left top corner of that box lies before it is turned
 * @param turn how it is turned about the middle of its box
 */
public record ShapePart(How how, Source source, Size size, Point corner, Turn turn) {

    /** What a part does to the parts before it. */
    public enum How {
        ADD("add"),
        TAKE_AWAY("take away"),
        KEEP("keep only what lies in it");

        private final String words;

        How(String words) {
            this.words = words;
        }

        /** What makers call it. */
        public String words() {
            return words;
        }
    }

    /**
     * How a part lies.
     *
     * @param degrees clockwise, 0 to 359
     * @param mirrored whether it is seen from behind before it is turned
     */
    public record Turn(int degrees, boolean mirrored) {

        /** As it is drawn. */
        public static final Turn NONE = new Turn(0, false);
    }

    /** A part to begin with, or to be moved to its place: added as it is drawn, its corner at zero. */
    public static ShapePart of(Source source, Size size) {
        return new ShapePart(How.ADD, source, size, Point.ORIGIN, Turn.NONE);
    }

    /** How the frame of its box lies in the frame of all parts. */
    private Placement placement() {
        Point middle = Rect.atOrigin(size).middle();
        Placement turned = new Placement(Point.ORIGIN, turn.degrees(), turn.mirrored());
        Point at = turned.apply(middle);
        Length right = corner.x().plus(middle.x()).minus(at.x());
        Length down = corner.y().plus(middle.y()).minus(at.y());
        return new Placement(new Point(right, down), turn.degrees(), turn.mirrored());
    }

    /** The middle of its box, in the frame of all parts. */
    Point middle() {
        return new Rect(corner, size).middle();
    }

    /** What it covers, in the frame of all parts. */
    List<Region> regions() {
        return source.regions(size).stream()
                .map(region -> region.in(placement()))
                .toList();
    }

    /** Its lines where it was traced, in the frame of all parts. */
    List<List<Point>> lines() {
        return source.lines(size).stream()
                .map(line -> line.stream().map(placement()::apply).toList())
                .toList();
    }

    /** Where it is creased, in the frame of all parts. */
    List<Segment> creases() {
        return source.creases(size).stream().map(placement()::apply).toList();
    }
}
