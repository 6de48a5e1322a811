package kwibbet.card;

import kwibbet.measure.Length;
import kwibbet.shape.Point;
import kwibbet.shape.Segment;

/** Lines along an edge. */
public final class Lines {

    private Lines() {}

    /** From top to bottom. */
    public static Segment upright(Length x, Length top, Length bottom) {
        return new Segment(new Point(x, top), new Point(x, bottom));
    }

    /** From left to right. */
    public static Segment level(Length y, Length left, Length right) {
        return new Segment(new Point(left, y), new Point(right, y));
    }
}
