package kwibbet.picture;

import java.util.List;

import kwibbet.bench.MakeStep;
import kwibbet.card.Piece;
import kwibbet.card.Side;
import kwibbet.drawing.Drawing;
import kwibbet.drawing.Hatching;
import kwibbet.drawing.Ink;
import kwibbet.drawing.Line;
import kwibbet.drawing.Mark;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.PaperShelf;
import kwibbet.press.HandCut;
import kwibbet.press.PressPlan;
import kwibbet.shape.Axis;
import kwibbet.shape.Edge;
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
        if (step instanceof MakeStep.CutOut out) {
            return handCut(out.piece(), List.of(out.cut()), shelf, system);
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

    /** What a press plan leaves to the hand, each in its paper. */
    public static List<Drawing> handCuts(PressPlan plan, PaperShelf shelf, MeasureSystem system) {
        return plan.byHand().stream()
                .map(each -> handCut(each.want().piece(), each.cuts(), shelf, system))
                .toList();
    }

    /** A piece in the paper it is cut out of by hand, what comes off hatched, where its marks are measured. */
    public static Drawing handCut(Piece piece, List<HandCut> cuts, PaperShelf shelf, MeasureSystem system) {
        StepPicture picture = new StepPicture(Rect.atOrigin(piece.size()), system);
        picture.sketch.outline(Outline.of(picture.piece), Line.FINE, Ink.ON_PAGE);
        Hatching.of(picture.piece, picture.sketch.rows(0.6), Ink.ON_PAGE).forEach(picture.sketch::add);
        picture.flat(piece, new Palette(shelf));
        cuts.forEach(picture::measure);
        return picture.sketch.drawing(piece.name() + ", cut by hand");
    }

    private void measure(HandCut cut) {
        if (cut instanceof HandCut.Corners corners) {
            HandCut.Corner at = corners.at().get(0);
            Length level = corners.legs().width();
            Length upright = corners.legs().height();
            sketch.span(
                    Axis.HORIZONTAL,
                    at.isLeft() ? piece.left() : piece.right().minus(level),
                    at.isLeft() ? piece.left().plus(level) : piece.right(),
                    piece,
                    at.isTop() ? -1 : 1);
            sketch.span(
                    Axis.VERTICAL,
                    at.isTop() ? piece.top() : piece.bottom().minus(upright),
                    at.isTop() ? piece.top().plus(upright) : piece.bottom(),
                    piece,
                    at.isLeft() ? -1 : 1);
        } else if (cut instanceof HandCut.Notches notches) {
            Axis along = notches.at().get(0).axis();
            boolean after = notches.at().get(0) == Edge.RIGHT || notches.at().get(0) == Edge.BOTTOM;
            Length start = along == Axis.HORIZONTAL ? piece.left() : piece.top();
            Length across = along == Axis.HORIZONTAL ? piece.top() : piece.left();
            Length end = along == Axis.HORIZONTAL ? piece.bottom() : piece.right();
            sketch.span(along, start, start.plus(notches.from()), piece, after ? 0.8 : -0.8);
            sketch.span(along, start, start.plus(notches.to()), piece, after ? 1.9 : -1.9);
            sketch.span(
                    along.across(),
                    after ? end.minus(notches.deep()) : across,
                    after ? end : across.plus(notches.deep()),
                    piece,
                    -1);
        } else if (cut instanceof HandCut.Opened opened) {
            margins(opened.place().plus(piece.left(), piece.top()), piece);
        } else if (cut instanceof HandCut.Circle circle) {
            Point middle = circle.place().middle().plus(piece.left(), piece.top());
            sketch.span(Axis.HORIZONTAL, piece.left(), middle.x(), piece, -1);
            sketch.span(Axis.VERTICAL, piece.top(), middle.y(), piece, -1);
        }
    }

    private void flat(Piece flat, Palette palette) {
        PiecePicture.marks(flat, piece.corner(), palette.fill(flat, Side.UP), palette.ink(flat, Side.UP))
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
        Ink onto = palette.ink(stick.onto(), stick.join().side());
        picture.sketch.add(
                Mark.Area.of(host, palette.fill(stick.onto(), stick.join().side()), Line.CUT, onto));
        Placement lying = Placement.at(new Point(right, down));
        Ink ink = palette.ink(stick.piece(), Side.UP);
        picture.sketch.add(
                Mark.Area.of(stick.piece().material().in(lying), palette.fill(stick.piece(), Side.UP), Line.CUT, ink));
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
