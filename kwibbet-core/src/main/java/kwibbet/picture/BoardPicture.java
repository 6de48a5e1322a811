package kwibbet.picture;

import java.util.List;

import kwibbet.bench.ScoreStep;
import kwibbet.card.Piece;
import kwibbet.card.Score;
import kwibbet.card.Side;
import kwibbet.drawing.Drawing;
import kwibbet.drawing.Fill;
import kwibbet.drawing.Ink;
import kwibbet.drawing.Line;
import kwibbet.drawing.Mark;
import kwibbet.drawing.Mark.Anchor;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.PaperShelf;
import kwibbet.scoring.Lying;
import kwibbet.scoring.ScorePlan.Scored;
import kwibbet.shape.Axis;
import kwibbet.shape.Edge;
import kwibbet.shape.Outline;
import kwibbet.shape.Placement;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Region;
import kwibbet.shape.Size;
import kwibbet.tool.Hand;
import kwibbet.tool.ScoringBoard;
import kwibbet.tool.Toolbox;
import kwibbet.wording.Phrase;

/** The scoring board seen from above, with its grooves, and the piece that lies on it. */
public final class BoardPicture {

    /** Text heights to the width of the board. */
    private static final int ROWS = 34;

    private final ScoringBoard board;
    private final Hand hand;
    private final Rect whole;
    private final Sketch sketch;

    private BoardPicture(ScoringBoard board, Hand hand, Length reach, Length depth, int below, MeasureSystem system) {
        this.board = board;
        this.hand = hand;
        Length row = Length.max(reach, board.width()).dividedDownBy(ROWS);
        Length fence = row.multipliedBy(1);
        this.whole = Rect.of(Length.ZERO, Length.ZERO, board.width(), depth);
        Length beyond = Length.max(Length.ZERO, reach.minus(board.width()));
        Length left = hand.fence() == Edge.LEFT ? fence : beyond.plus(row);
        Rect frame = Rect.of(
                left.negated(),
                row.multipliedBy(2).negated(),
                board.width().plus(beyond).plus(fence).plus(row),
                depth.plus(row.multipliedBy(below + 3)));
        this.sketch = new Sketch(frame, row, system);
    }

    /** The board alone. */
    public static Drawing of(ScoringBoard board, Hand hand) {
        Length depth = board.width().dividedDownBy(6);
        BoardPicture picture = new BoardPicture(
                board, hand, board.width(), depth, 0, board.grooves().marks());
        picture.board(List.of(), false);
        return picture.sketch.drawing("The grooves of the scoring board");
    }

    /** The board with a piece on it as it is scored. */
    public static Drawing of(ScoreStep step, Toolbox tools, PaperShelf shelf, MeasureSystem system) {
        Lying lying = step.setting().lying();
        Size piece = step.piece().size();
        Placement turned = new Placement(Point.ORIGIN, lying.turned(tools.hand()), lying.flipped());
        Rect bounds = Outline.of(Rect.atOrigin(piece)).in(turned).bounds();
        Length reach = bounds.size().width().plus(step.setting().shift());
        BoardPicture picture = new BoardPicture(
                tools.board(), tools.hand(), reach, bounds.size().height(), 2, system);
        boolean slanting = lying instanceof Lying.SquareInPlate;
        picture.board(step.setting().scores().stream().map(Scored::groove).toList(), slanting);
        picture.piece(step, turned, bounds, new Palette(shelf));
        return picture.sketch.filling(step.piece().name() + " on the scoring board");
    }

    private void board(List<Length> used, boolean slanting) {
        sketch.add(Mark.Area.of(whole, Fill.NONE, Line.SHEET, Ink.ON_PAGE));
        List<Length> grooves = board.grooves().places();
        for (Length groove : grooves) {
            sketch.stroke(Line.FINE, new Point(from(groove), whole.top()), end(groove, slanting));
        }
        // A figure every inch, or every two centimetres.
        Length every = board.grooves().marks() == MeasureSystem.INCH ? Length.ofInches(1) : Length.ofMillimetres(20);
        for (Length at = every; !at.isLongerThan(board.width()); at = at.plus(every)) {
            if (used.isEmpty() && grooves.contains(at)) {
                label(at, 0.9);
            }
        }
        used.stream().distinct().forEach(groove -> {
            label(groove, 1.2);
            Length beyond = sketch.rows(0.6);
            sketch.stroke(
                    Line.MOVE,
                    new Point(from(groove), beyond.negated()),
                    slanting ? end(groove, true) : end(groove, false).plus(Length.ZERO, beyond));
        });
        Length edge = from(Length.ZERO);
        sketch.stroke(Line.FENCE, new Point(edge, whole.top()), new Point(edge, whole.bottom()));
    }

    /** Where a groove that starts at the top of the board ends: at its bottom, farther from the fence where it slants. */
    private Point end(Length groove, boolean slanting) {
        if (!slanting) {
            return new Point(from(groove), whole.bottom());
        }
        Length down = Length.min(board.width().minus(groove), whole.size().height());
        return new Point(from(groove.plus(down)), whole.top().plus(down));
    }

    private void label(Length groove, double size) {
        Point at = new Point(from(groove), sketch.rows(1.2).negated());
        sketch.add(new Mark.Text(
                at, Phrase.of(groove, board.grooves().marks()), Anchor.MIDDLE, size, Ink.ON_PAGE, false, true));
    }

    /** A distance from the fence as a place on the board. */
    private Length from(Length distance) {
        return hand.fence() == Edge.LEFT ? distance : board.width().minus(distance);
    }

    private void piece(ScoreStep step, Placement turned, Rect bounds, Palette palette) {
        Length shift = step.setting().shift();
        Length left = hand.fence() == Edge.LEFT
                ? shift.minus(bounds.left())
                : board.width().minus(shift).minus(bounds.right());
        Point offset = new Point(left, whole.top().minus(bounds.top()));
        Placement lying = turned.within(Placement.at(offset));
        Piece piece = step.piece();
        Side side = step.setting().lying().flipped() ? Side.UNDER : Side.UP;
        Ink ink = palette.ink(piece, side);
        // Openings are cut at the press or later.
        Region paper = step.afterPress() ? piece.material() : Region.of(piece.outline());
        sketch.add(Mark.Area.of(paper.in(lying), palette.fill(piece, side), Line.CUT, ink)
                .lifted());
        step.setting().scores().forEach(scored -> {
            Line line = scored.score().fold() == Score.Fold.VALLEY ? Line.VALLEY : Line.MOUNTAIN;
            var segment = lying.apply(scored.score().line());
            sketch.add(new Mark.Stroke(List.of(segment.start(), segment.end()), line, ink));
        });
        if (shift.isPositive()) {
            Length edge =
                    hand.fence() == Edge.LEFT ? Length.ZERO : board.width().minus(shift);
            sketch.span(Axis.HORIZONTAL, edge, edge.plus(shift), whole, 1);
        }
    }
}
