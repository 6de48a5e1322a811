package kwibbet.fold;

import java.util.List;

import kwibbet.card.Panel;
import kwibbet.card.Side;
import kwibbet.measure.Length;
import kwibbet.shape.Outline;
import kwibbet.shape.Point;
import kwibbet.shape.Region;

/**
 * A panel as it appears from a viewpoint.
 *
 * @param panel the panel
 * @param frame where the flat piece would lie if all of it followed this panel
 * @param hiddenBy panels drawn before it that lie over it all the same: overlaps can go round in a ring
 */
public record SeenPanel(Panel panel, Frame frame, List<SeenPanel> hiddenBy) {

    /** Copies the list. */
    public SeenPanel {
        hiddenBy = List.copyOf(hiddenBy);
    }

    /** The face that is seen. */
    public Side side() {
        return frame.up().z() > 0 ? Side.UP : Side.UNDER;
    }

    /** Where something on the flat piece appears, its corners in order. */
    public List<Point> outline(Outline flat) {
        return flat.corners().stream().map(this::seen).toList();
    }

    /** Where an area of the flat piece appears. */
    public Region seen(Region flat) {
        return new Region(
                new Outline(outline(flat.outline())),
                flat.holes().stream().map(hole -> new Outline(outline(hole))).toList());
    }

    /** Where a point of the flat piece appears. */
    public Point seen(Point flat) {
        Vector place = frame.at(flat);
        return new Point(Length.nearestInches(place.x()), Length.nearestInches(place.y()));
    }
}
