package kwibbet.picture;

import java.util.ArrayList;
import java.util.List;

import kwibbet.card.Card;
import kwibbet.card.Piece;
import kwibbet.card.Score;
import kwibbet.drawing.Drawing;
import kwibbet.drawing.Fill;
import kwibbet.drawing.Ink;
import kwibbet.drawing.Line;
import kwibbet.drawing.Mark;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.PaperShelf;
import kwibbet.shape.Axis;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Size;
import kwibbet.wording.Phrase;

/** One flat piece: small beside the others of its card, or full size to lay paper on. */
public final class PiecePicture {

    private PiecePicture() {}

    /** A small picture; all pieces of a card are drawn to one scale. */
    public static Drawing chip(Card card, Piece piece, PaperShelf shelf) {
        Length longest = card.pieces().stream()
                .map(other -> Length.max(other.size().width(), other.size().height()))
                .reduce(Length.ZERO, Length::max);
        Length room = Length.ofTicks(longest.toTicks() / 12);
        Length side = longest.plus(room.multipliedBy(2));
        Palette palette = new Palette(shelf);
        Rect frame = Rect.of(Length.ZERO, Length.ZERO, side, side);
        Sketch sketch = new Sketch(frame, room, card.design().system());
        Rect area = frame.centred(piece.size());
        Ink ink = palette.ink(piece);
        List<Mark> marks = new ArrayList<>(List.of(Mark.Area.of(area, palette.fill(piece), Line.CUT, ink)));
        marks.addAll(creases(piece, area, ink));
        sketch.group(piece.id().value(), piece.name(), marks);
        return sketch.drawing(piece.name());
    }

    /** The piece at full size, its name, size and scores written on it, in a frame of its own size. */
    public static Drawing template(Piece piece, MeasureSystem system) {
        Rect area = Rect.atOrigin(piece.size());
        Length textHeight = Length.ofInches(5, 32);
        Sketch sketch = new Sketch(area, textHeight, system);
        sketch.add(Mark.Area.of(area, Fill.NONE, Line.CUT, Ink.ON_LIGHT));
        creases(piece, area, Ink.ON_LIGHT).forEach(sketch::add);
        Point middle = Sketch.centre(area);
        Length aside = piece.scores().isEmpty() ? Length.ZERO : sketch.rows(2);
        Phrase name =
                Phrase.in(system).words(piece.name() + ", ").size(piece.size()).end();
        sketch.label(middle.plus(Length.ZERO, aside.negated()), name, 1, Ink.ON_LIGHT);
        for (Score score : piece.scores()) {
            sketch.label(scoreNote(score, area, sketch), scoreWords(score, system), 0.8, Ink.ON_LIGHT);
        }
        return sketch.drawing(piece.name() + " at full size");
    }

    private static Phrase scoreWords(Score score, MeasureSystem system) {
        return Phrase.in(system)
                .words("score (" + score.fold().word() + ") ")
                .length(score.at())
                .words(" from " + score.from().word())
                .end();
    }

    private static Point scoreNote(Score score, Rect area, Sketch sketch) {
        Length at = score.position(area.size());
        Point middle = Sketch.centre(area);
        return score.from().axis() == Axis.VERTICAL
                ? new Point(area.left().plus(at), middle.y().plus(sketch.rows(1.5)))
                : new Point(middle.x(), area.top().plus(at).plus(sketch.rows(1)));
    }

    static List<Mark> creases(Piece piece, Rect area, Ink ink) {
        List<Mark> marks = new ArrayList<>();
        Size size = piece.size();
        for (Score score : piece.scores()) {
            Length at = score.position(size);
            boolean vertical = score.from().axis() == Axis.VERTICAL;
            Point start = vertical
                    ? new Point(area.left().plus(at), area.top())
                    : new Point(area.left(), area.top().plus(at));
            Point end = vertical ? new Point(start.x(), area.bottom()) : new Point(area.right(), start.y());
            Line line = score.fold() == Score.Fold.VALLEY ? Line.VALLEY : Line.MOUNTAIN;
            marks.add(new Mark.Stroke(List.of(start, end), line, ink));
        }
        return marks;
    }
}
