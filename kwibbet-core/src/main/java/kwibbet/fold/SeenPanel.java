package kwibbet.fold;

import java.util.List;

import kwibbet.card.Side;
import kwibbet.measure.Length;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;

/**
 * A panel as it appears from a viewpoint.
 *
 * @param panel the panel's key
 * @param side the face that is seen
 * @param frame where the flat base would lie if all of it followed this panel
 */
public record SeenPanel(String panel, Side side, Frame frame) {

    /**
     * Where an area of the flat base appears.
     *
     * @param area on this panel, in the frame of the flat base
     * @return its corners in order, starting with the flat area's left top
     */
    public List<Point> outline(Rect area) {
        return List.of(
                project(area.left(), area.top()),
                project(area.right(), area.top()),
                project(area.right(), area.bottom()),
                project(area.left(), area.bottom()));
    }

    private Point project(Length x, Length y) {
        Vector place = frame.at(x.toInches(), y.toInches());
        return new Point(Length.nearestInches(place.x()), Length.nearestInches(place.y()));
    }
}
