package kwibbet.picture;

import kwibbet.bench.TrimLine;
import kwibbet.drawing.Drawing;
import kwibbet.drawing.Fill;
import kwibbet.drawing.Ink;
import kwibbet.drawing.Line;
import kwibbet.drawing.Mark;
import kwibbet.layout.SheetPlan.Lettered;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.Colour;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.trial.TrialRun;
import kwibbet.trial.TrialTrimmer.Sheet;
import kwibbet.wording.Phrase;

/** What has become of a sheet on the trial bench: its parts where they lay, as large as they really are, drawn apart. */
public final class TrialPicture {

    private static final int ROWS = 18;

    private TrialPicture() {}

    /**
     * The first copy of a layout that is still there.
     *
     * @param run the trial
     * @param layout the place of the layout
     * @param system what figures are given in
     */
    public static Drawing of(TrialRun run, int layout, MeasureSystem system) {
        Lettered sheet = run.plan().sheets().lettered().get(layout);
        Rect whole = Rect.atOrigin(sheet.layout().sheet());
        Length row = Length.max(whole.size().width(), whole.size().height()).dividedDownBy(ROWS);
        Rect frame = Rect.of(
                row.negated(),
                row.negated(),
                whole.size().width().plus(row.multipliedBy(4)),
                whole.size().height().plus(row.multipliedBy(4)));
        Sketch sketch = new Sketch(frame, row, system);
        Colour colour = sheet.paper().colour();
        int last = sheet.layout().copies();
        for (Sheet part : run.cut().table()) {
            if (part.layout() == layout && part.copy() == last) {
                part(sketch, part, whole, colour);
            }
        }
        return sketch.drawing("Sheet " + sheet.letter() + " on the trial bench");
    }

    private static void part(Sketch sketch, Sheet part, Rect whole, Colour colour) {
        Rect lay = part.actual();
        // Parts lie as far apart as they lay from the corner, so that none hides another.
        Point corner = lay.corner()
                .plus(
                        share(lay.left(), whole.size().width(), sketch),
                        share(lay.top(), whole.size().height(), sketch));
        Rect area = new Rect(corner, lay.size());
        boolean wrong = !part.isAsSaid();
        Ink ink = Ink.on(colour);
        sketch.add(Mark.Area.of(area, new Fill.Paper(colour), wrong ? Line.MOVE : Line.CUT, ink));
        if (part.label().thing() instanceof TrimLine.Cut piece) {
            Phrase name = Phrase.of(piece.word() + (wrong ? ", off" : ""));
            if (sketch.fits(name, 0.9, area.size().width(), area.size().height())) {
                sketch.text(Sketch.centre(area), name, 0.9, ink);
            }
        }
    }

    private static Length share(Length at, Length whole, Sketch sketch) {
        return sketch.rows(2 * at.toInches() / whole.toInches());
    }
}
