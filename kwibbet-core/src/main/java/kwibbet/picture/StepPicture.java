package kwibbet.picture;

import java.util.List;

import kwibbet.bench.MakeStep;
import kwibbet.card.Piece;
import kwibbet.drawing.Drawing;
import kwibbet.drawing.Ink;
import kwibbet.drawing.Line;
import kwibbet.drawing.Mark;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.PaperShelf;
import kwibbet.shape.Axis;
import kwibbet.shape.Outline;
import kwibbet.shape.Placement;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;

/** What is in hand at a step of making. */
public final class StepPicture {

    /** Text heights to a side of the frame; few, so that the figure is read at arm's length. */
    private static final int ROWS = 12;

    private final Rect piece;
    private final Sketch sketch;

    private StepPicture(Rect inHand, MeasureSystem system) {
        Length longest = Length.max(inHand.size().width(), inHand.size().height());
        Length side = longest.dividedDownBy(ROWS - 5).multipliedBy(ROWS);
        Rect frame = Rect.of(Length.ZERO, Length.ZERO, side, side);
        this.sketch = new Sketch(frame, side.dividedDownBy(ROWS), system);
        this.piece = frame.centred(inHand.size());
    }

    /** The piece in hand: with its creases where it is folded, on what it is stuck to and with what shows where it is stuck. */
    public static Drawing of(MakeStep step, PaperShelf shelf, MeasureSystem system) {
        Palette palette = new Palette(shelf);
        if (step instanceof MakeStep.Stick stick) {
            return stuck(stick, palette, system);
        }
        StepPicture picture = new StepPicture(Rect.atOrigin(step.piece().size()), system);
        picture.flat(step.piece(), palette);
        if (step instanceof MakeStep.Open open) {
            Rect bounds =
                    open.opening().in(Placement.at(picture.piece.corner())).bounds();
            picture.margins(bounds, picture.piece);
            return picture.sketch.drawing("The opening in the " + step.piece().name());
        }
        String what = step instanceof MakeStep.Fold ? "The fold of the " : "The face of the ";
        return picture.sketch.drawing(what + step.piece().name());
    }

    private void flat(Piece flat, Palette palette) {
        PiecePicture.marks(flat, piece.corner(), palette.fill(flat), palette.ink(flat))
                .forEach(sketch::add);
    }

    private static Drawing stuck(MakeStep.Stick stick, Palette palette, MeasureSystem system) {
        Rect own = stick.piece().outline().bounds();
        Rect both = new Outline(List.of(
                        stick.host().corner(),
                        new Point(stick.host().right(), stick.host().bottom()),
                        own.corner(),
                        new Point(own.right(), own.bottom())))
                .bounds();
        StepPicture picture = new StepPicture(both, system);
        Length right = picture.piece.left().minus(both.left());
        Length down = picture.piece.top().minus(both.top());
        Rect host = stick.host().plus(right, down);
        Ink onto = palette.ink(stick.onto());
        picture.sketch.add(Mark.Area.of(host, palette.fill(stick.onto()), Line.CUT, onto));
        Placement lying = Placement.at(new Point(right, down));
        Ink ink = palette.ink(stick.piece());
        picture.sketch.add(
                Mark.Area.of(stick.piece().material().in(lying), palette.fill(stick.piece()), Line.CUT, ink));
        picture.margins(own.plus(right, down), host);
        return picture.sketch.drawing(
                stick.piece().name() + " on " + stick.onto().name());
    }

    /** How far something lies from the left and from the top of what it is on; nothing where it is flush. */
    private void margins(Rect zone, Rect host) {
        if (zone.left().isLongerThan(host.left())) {
            sketch.span(Axis.HORIZONTAL, host.left(), zone.left(), host, 1);
        }
        if (zone.top().isLongerThan(host.top())) {
            sketch.span(Axis.VERTICAL, host.top(), zone.top(), host, 1);
        }
    }
}
