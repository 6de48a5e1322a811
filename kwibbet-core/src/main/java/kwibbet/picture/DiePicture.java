package kwibbet.picture;

import java.util.ArrayList;
import java.util.List;

import kwibbet.drawing.Drawing;
import kwibbet.drawing.Line;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.shape.Outline;
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
        Length row = Length.ofTicks(Length.max(frame.width(), frame.height()).toTicks() / ROWS);
        Sketch sketch = new Sketch(whole, row, MeasureSystem.INCH);
        Rect metal = whole.centred(die.footprint());
        Rect cut = whole.centred(die.shape().size());
        closed(sketch, die.rim().outline(), metal, Line.FINE);
        closed(sketch, die.shape().outline(), cut, Line.CUT);
        return sketch.drawing(die.name());
    }

    private static void closed(Sketch sketch, Outline outline, Rect box, Line line) {
        List<Point> path = new ArrayList<>(outline.plus(box.left(), box.top()).corners());
        path.add(path.get(0));
        sketch.stroke(line, path.toArray(Point[]::new));
    }

    /** A frame that the largest of some dies fits in. */
    public static Size frame(List<Die> dies) {
        Length side = Length.ofInches(1);
        for (Die die : dies) {
            side = Length.max(
                    side, Length.max(die.footprint().width(), die.footprint().height()));
        }
        return new Size(side.plus(Length.ofInches(1, 4)), side.plus(Length.ofInches(1, 4)));
    }
}
