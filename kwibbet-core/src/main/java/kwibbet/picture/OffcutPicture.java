package kwibbet.picture;

import kwibbet.drawing.Drawing;
import kwibbet.drawing.Fill;
import kwibbet.drawing.Ink;
import kwibbet.drawing.Line;
import kwibbet.drawing.Mark;
import kwibbet.measure.Length;
import kwibbet.paper.Offcut;
import kwibbet.paper.Paper;
import kwibbet.shape.Rect;
import kwibbet.shape.Size;

/** A leftover, to the scale of the sheet it is of. */
public final class OffcutPicture {

    private static final int ROWS = 10;

    private OffcutPicture() {}

    /** Draws it, in a frame the size of a whole sheet. */
    public static Drawing of(Offcut offcut, Paper paper) {
        Size sheet = new Size(
                Length.max(paper.sheet().width(), offcut.size().width()),
                Length.max(paper.sheet().height(), offcut.size().height()));
        Length row = Length.max(sheet.width(), sheet.height()).dividedDownBy(ROWS);
        Rect whole = Rect.atOrigin(sheet);
        Sketch sketch = new Sketch(whole.grown(row), row, paper.system());
        sketch.add(Mark.Area.of(whole, Fill.NONE, Line.SHEET, Ink.ON_PAGE));
        sketch.add(Mark.Area.of(Rect.atOrigin(offcut.size()), Palette.fill(paper), Line.CUT, Ink.on(paper.colour()))
                .lifted());
        return sketch.drawing("offcut of " + paper.name());
    }
}
