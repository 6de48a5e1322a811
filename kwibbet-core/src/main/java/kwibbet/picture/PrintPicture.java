package kwibbet.picture;

import java.util.ArrayList;
import java.util.List;

import kwibbet.drawing.Drawing;
import kwibbet.drawing.Fill;
import kwibbet.drawing.Ink;
import kwibbet.drawing.Line;
import kwibbet.drawing.Mark;
import kwibbet.layout.PrintedSheet;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.shape.Rect;
import kwibbet.shape.Segment;

/** A sheet as a printer prints it, in a frame of its size. */
public final class PrintPicture {

    /** The sheet's width to the room left round it. */
    private static final int ROOM = 30;

    private PrintPicture() {}

    /** The pictures and the marks where the edges of pieces run out. */
    public static Drawing of(PrintedSheet printed) {
        Rect whole = Rect.atOrigin(printed.sheet().layout().sheet());
        Sketch sketch = new Sketch(whole, Length.ofInches(1, 8), MeasureSystem.INCH);
        pictures(printed).forEach(sketch::add);
        for (Segment mark : printed.marks()) {
            sketch.add(new Mark.Stroke(List.of(mark.start(), mark.end()), Line.FINE, Ink.ON_LIGHT));
        }
        return sketch.drawing(title(printed));
    }

    static List<Mark> pictures(PrintedSheet printed) {
        List<Mark> marks = new ArrayList<>();
        for (PrintedSheet.Picture picture : printed.pictures()) {
            Fill fill = Prints.fill(picture.print());
            picture.inked().forEach(inked -> marks.add(Mark.Area.of(inked, fill, Line.NONE, Ink.ON_LIGHT)));
        }
        return marks;
    }

    /** The same on its paper, to be looked at. */
    public static Drawing onPaper(PrintedSheet printed) {
        Rect whole = Rect.atOrigin(printed.sheet().layout().sheet());
        Drawing bare = of(printed);
        Length room = whole.size().width().dividedDownBy(ROOM);
        Sketch sketch = new Sketch(whole.grown(room), bare.textHeight(), MeasureSystem.INCH);
        sketch.add(Mark.Area.of(whole, Palette.fill(printed.sheet().paper()), Line.SHEET, Ink.ON_LIGHT)
                .lifted());
        bare.marks().forEach(sketch::add);
        return sketch.drawing(bare.title());
    }

    private static String title(PrintedSheet printed) {
        return "What is printed on sheet " + printed.sheet().letter()
                + (printed.face() == PrintedSheet.Face.BACK ? ", on its back" : "");
    }
}
