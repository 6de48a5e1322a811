package kwibbet.picture;

import kwibbet.cutting.SheetLayout;
import kwibbet.drawing.Drawing;
import kwibbet.drawing.Fill;
import kwibbet.drawing.Hatching;
import kwibbet.drawing.Ink;
import kwibbet.drawing.Line;
import kwibbet.drawing.Mark;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.Colour;
import kwibbet.shape.Rect;

/** One sheet cut into one kind of part. */
public final class CountPicture {

    private static final int ROWS = 18;

    private CountPicture() {}

    /** Draws it. */
    public static Drawing of(SheetLayout layout, MeasureSystem system) {
        Rect whole = Rect.atOrigin(layout.sheet());
        Length row = Length.max(whole.size().width(), whole.size().height()).dividedDownBy(ROWS);
        Rect frame = Rect.of(
                row.multipliedBy(3).negated(),
                row.negated(),
                whole.size().width().plus(row.multipliedBy(4)),
                whole.size().height().plus(row.multipliedBy(4)));
        Sketch sketch = new Sketch(frame, row, system);
        Ink ink = Ink.on(Colour.WHITE);
        sketch.add(Mark.Area.of(whole, new Fill.Paper(Colour.WHITE), Line.SHEET, ink)
                .lifted());
        for (Rect offcut : layout.offcuts()) {
            sketch.add(Mark.Area.of(offcut, Fill.NONE, Line.CUT, ink));
            Hatching.of(offcut, sketch.rows(0.6), ink).forEach(sketch::add);
        }
        layout.placements().forEach(placement -> sketch.add(Mark.Area.of(placement.area(), Fill.NONE, Line.CUT, ink)));
        sketch.width(whole, 1.5);
        sketch.height(whole, -1.5);
        return sketch.drawing("A sheet cut into " + layout.placements().size());
    }
}
