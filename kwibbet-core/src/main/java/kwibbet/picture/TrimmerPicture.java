package kwibbet.picture;

import java.util.List;

import kwibbet.bench.TrimLine;
import kwibbet.bench.TrimStep;
import kwibbet.cutting.SheetLayout.Cut;
import kwibbet.drawing.Drawing;
import kwibbet.drawing.Fill;
import kwibbet.drawing.Ink;
import kwibbet.drawing.Line;
import kwibbet.drawing.Mark;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.Colour;
import kwibbet.shape.Axis;
import kwibbet.shape.Edge;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Size;
import kwibbet.tool.Hand;
import kwibbet.tool.Trimmer;
import kwibbet.wording.Phrase;

/** The trimmer seen from above: the fence at the side away from the hand, the paper against it, and the blade where it comes down. */
public final class TrimmerPicture {

    /** Text heights to the width of the trimmer, or to what lies on it. */
    private static final int ROWS = 15;

    private final TrimStep step;
    private final MeasureSystem system;
    private final Rect paper;
    private final Rect table;
    private final Sketch sketch;

    private TrimmerPicture(TrimStep step, Trimmer trimmer, MeasureSystem system) {
        this.step = step;
        this.system = system;
        Size inHand = step.inHand().size();
        Size lying = step.line().from() == Edge.LEFT ? inHand : inHand.turned();
        Length reach = Length.max(lying.width(), trimmer.longestCut());
        Length row = Length.max(reach, lying.height()).dividedDownBy(ROWS);
        this.paper = Rect.atOrigin(lying);
        this.table = Rect.of(
                Length.ZERO, row.negated(), reach, lying.height().plus(row).plus(row));
        Rect frame = Rect.of(
                row.negated(),
                row.multipliedBy(4).negated(),
                reach.plus(row).plus(row),
                lying.height().plus(row.multipliedBy(9)));
        this.sketch = new Sketch(frame, row, system);
    }

    /** Draws it for a hand: whoever is left-handed has the fence at the right, and lays the paper against it there. */
    public static Drawing of(TrimStep step, Trimmer trimmer, Hand hand, MeasureSystem system) {
        Drawing drawing = new TrimmerPicture(step, trimmer, system).draw();
        return hand.fence() == Edge.LEFT ? drawing : drawing.mirrored();
    }

    private Drawing draw() {
        Colour colour = step.sheet().paper().colour();
        Ink ink = Ink.on(colour);
        sketch.add(Mark.Area.of(table, Fill.NONE, Line.SHEET, Ink.ON_PAGE));
        ruler();
        sketch.add(Mark.Area.of(paper, new Fill.Paper(colour), Line.CUT, ink).lifted());
        Length set = step.set().shown();
        List<Cut> cuts = step.parts().get(0);
        for (int cut = 1; cut < cuts.size(); cut++) {
            Length again = set.multipliedBy(cut + 1L);
            sketch.add(new Mark.Stroke(
                    List.of(new Point(again, paper.top()), new Point(again, paper.bottom())), Line.HIDDEN, ink));
        }
        label(
                Rect.of(Length.ZERO, Length.ZERO, set, paper.size().height()),
                step.line().gives().get(0).thing().word(),
                ink);
        blade(set);
        sketch.stroke(Line.FENCE, new Point(Length.ZERO, table.top()), new Point(Length.ZERO, table.bottom()));
        sketch.span(Axis.HORIZONTAL, Length.ZERO, set, table, 1);
        return sketch.filling("Sheet " + step.sheet().letter() + " at the trimmer");
    }

    /** Inches or centimetres along the far edge. */
    private void ruler() {
        Length step = system == MeasureSystem.INCH ? Length.ofInches(1) : Length.ofMillimetres(10);
        for (Length at = step; !at.isLongerThan(table.right()); at = at.plus(step)) {
            sketch.stroke(
                    Line.FINE,
                    new Point(at, table.top()),
                    new Point(at, table.top().plus(sketch.rows(0.5))));
        }
    }

    private void blade(Length set) {
        sketch.stroke(
                Line.MOVE,
                new Point(set, table.top().minus(sketch.rows(1))),
                new Point(set, table.bottom().plus(sketch.rows(0.4))));
        sketch.label(
                new Point(set, table.top().minus(sketch.rows(2))),
                Phrase.of(step.line().guide() == TrimLine.Guide.FENCE ? "blade" : "knife"),
                0.9,
                Ink.ON_PAGE);
    }

    private void label(Rect area, String name, Ink ink) {
        Phrase phrase = Phrase.of(name);
        if (sketch.fits(phrase, 1, area.size().width(), area.size().height())) {
            sketch.text(Sketch.centre(area), phrase, 1, ink);
        } else if (sketch.fits(phrase, 1, area.size().height(), area.size().width())) {
            sketch.add(new Mark.Text(Sketch.centre(area), phrase, Mark.Anchor.MIDDLE, 1, ink, true, false));
        }
    }
}
