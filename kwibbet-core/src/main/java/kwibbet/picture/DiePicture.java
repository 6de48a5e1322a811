package kwibbet.picture;

import java.util.List;

import kwibbet.drawing.Drawing;
import kwibbet.drawing.Ink;
import kwibbet.drawing.Line;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.shape.CutShape;
import kwibbet.shape.Placement;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Size;
import kwibbet.tool.Die;

/** A die: what it cuts, and its metal around that; all dies to one scale where they are drawn in one frame. */
public final class DiePicture {

    private static final int ROWS = 10;

    private DiePicture() {}

    /**
     * Draws it in the middle of a frame.
     *
     * @param die the die
     * @param frame a frame it fits in, the same for all that are compared
     */
    public static Drawing of(Die die, Size frame) {
        Rect whole = Rect.atOrigin(frame);
        Length row = Length.max(frame.width(), frame.height()).dividedDownBy(ROWS);
        Sketch sketch = new Sketch(whole, row, MeasureSystem.INCH);
        outline(sketch, die.rim(), whole, Line.FINE);
        outline(sketch, die.shape(), whole, Line.CUT);
        return sketch.drawing(die.name());
    }

    private static void outline(Sketch sketch, CutShape shape, Rect whole, Line line) {
        Point corner = whole.centred(shape.size()).corner();
        sketch.outline(shape.outline().plus(corner.x(), corner.y()), line, Ink.ON_PAGE);
        Placement place = Placement.at(corner);
        shape.creases().stream()
                .map(place::apply)
                .forEach(crease -> sketch.stroke(Line.VALLEY, crease.start(), crease.end()));
        shape.holes().forEach(hole -> sketch.outline(hole.plus(corner.x(), corner.y()), line, Ink.ON_PAGE));
    }

    /** A frame that the largest of some dies fits in. */
    public static Size frame(List<Die> dies) {
        Length side = dies.stream()
                .map(die -> die.rim().size())
                .map(size -> Length.max(size.width(), size.height()))
                .reduce(Length.ofInches(1), Length::max);
        return new Size(side, side).grown(Length.ofInches(1, 8));
    }
}
