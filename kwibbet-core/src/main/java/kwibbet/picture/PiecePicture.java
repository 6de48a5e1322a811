package kwibbet.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import kwibbet.card.Card;
import kwibbet.card.Opening;
import kwibbet.card.Piece;
import kwibbet.card.Score;
import kwibbet.card.Side;
import kwibbet.card.Zone;
import kwibbet.drawing.Drawing;
import kwibbet.drawing.Fill;
import kwibbet.drawing.Ink;
import kwibbet.drawing.Line;
import kwibbet.drawing.Mark;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.PaperShelf;
import kwibbet.shape.Placement;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Region;
import kwibbet.shape.Segment;
import kwibbet.wording.Phrase;

/** One flat piece: small beside the others of its card, or full size to lay paper on. */
public final class PiecePicture {

    private PiecePicture() {}

    /**
     * A small picture. The largest piece of a card fills it; of smaller ones the scale grows by the square root, so that they are smaller still, and
     * none is a speck.
     */
    public static Drawing chip(Card card, Piece piece, PaperShelf shelf) {
        Length longest = card.pieces().stream().map(PiecePicture::longer).reduce(Length.ZERO, Length::max);
        Length shown = longest.scaledBy(Math.sqrt(longer(piece).ratioTo(longest)));
        Length room = shown.dividedDownBy(12);
        Length side = shown.plus(room.multipliedBy(2));
        Palette palette = new Palette(shelf);
        Rect frame = Rect.of(Length.ZERO, Length.ZERO, side, side);
        Sketch sketch = new Sketch(frame, room, card.design().system());
        Point corner = frame.centred(piece.size()).corner();
        sketch.group(
                piece.id().value(),
                piece.name(),
                marks(piece, corner, palette.fill(piece, Side.UP), palette.ink(piece, Side.UP)));
        return sketch.drawing(piece.name());
    }

    private static Length longer(Piece piece) {
        return Length.max(piece.size().width(), piece.size().height());
    }

    /** A flat piece with its openings, slits, scores and marks, its left top corner at {@code corner}. */
    static List<Mark> marks(Piece piece, Point corner, Fill fill, Ink ink) {
        Placement place = Placement.at(corner);
        List<Mark> marks = new ArrayList<>();
        Region material = piece.material().in(place);
        marks.add(Mark.Area.of(material, fill, Line.CUT, ink));
        // What is drawn without a fill, to be laid paper on, shows where things are and not how they look.
        if (!fill.equals(Fill.NONE)) {
            marks.addAll(Prints.on(piece, Side.UP, List.of(material), place::apply, ink));
        }
        for (Segment slit : piece.slits()) {
            marks.add(stroke(slit, place, Line.CUT, ink));
        }
        for (Zone zone : piece.zones()) {
            Fill set = zone.side() == Side.UP && !fill.equals(Fill.NONE) ? Palette.fill(zone) : Fill.NONE;
            marks.add(Mark.Area.of(zone.outline().in(place), set, line(zone, Side.UP), ink));
        }
        marks.addAll(creases(piece, corner, ink));
        return marks;
    }

    /** What is set on a face is seen; what is done to it, or goes behind, is only told of. */
    static Line line(Zone zone, Side seen) {
        if (zone.use() == Zone.Use.PRINT) {
            return zone.side() == seen ? Line.NONE : Line.HIDDEN;
        }
        return zone.use() == Zone.Use.SET_ON && zone.side() == seen ? Line.CUT : Line.HIDDEN;
    }

    static List<Mark> creases(Piece piece, Point corner, Ink ink) {
        Placement place = Placement.at(corner);
        List<Mark> marks = new ArrayList<>();
        for (Score score : piece.scores()) {
            Line line = score.fold() == Score.Fold.VALLEY ? Line.VALLEY : Line.MOUNTAIN;
            // A group of its own with a line that is not seen, so that the hand can take hold of it.
            marks.add(new Mark.Group(
                    "score:" + score.id().value(),
                    "score",
                    List.of(stroke(score.line(), place, Line.NONE, ink), stroke(score.line(), place, line, ink))));
        }
        return marks;
    }

    private static Mark stroke(Segment segment, Placement place, Line line, Ink ink) {
        Segment moved = place.apply(segment);
        return new Mark.Stroke(List.of(moved.start(), moved.end()), line, ink);
    }

    /** The piece at full size, its name, size, scores and openings written on it, in a frame of its own size. */
    public static Drawing template(Piece piece, MeasureSystem system) {
        Rect area = Rect.atOrigin(piece.size());
        Length textHeight = Length.ofInches(5, 32);
        Sketch sketch = new Sketch(area, textHeight, system);
        marks(piece, Point.ORIGIN, Fill.NONE, Ink.ON_LIGHT).forEach(sketch::add);
        Point middle = Sketch.centre(area);
        Length aside = piece.scores().isEmpty() ? Length.ZERO : sketch.rows(2);
        Phrase name =
                Phrase.in(system).words(piece.name() + ", ").size(piece.size()).end();
        sketch.label(middle.plus(Length.ZERO, aside.negated()), name, 1, Ink.ON_LIGHT);
        for (Score score : piece.scores()) {
            score.measured(piece.size())
                    .ifPresent(measured -> sketch.label(
                            scoreNote(score, sketch), scoreWords(score, measured, system), 0.8, Ink.ON_LIGHT));
        }
        for (Opening opening : piece.openings()) {
            openingNote(opening, system)
                    .ifPresent(note -> sketch.label(opening.bounds().middle(), note, 0.8, Ink.ON_LIGHT));
        }
        return sketch.drawing(piece.name() + " at full size");
    }

    /** The size of an opening; nothing for holes too small to write in. */
    static Optional<Phrase> openingNote(Opening opening, MeasureSystem system) {
        if (opening.shape().size().width().isShorterThan(Length.ofInches(1, 2))) {
            return Optional.empty();
        }
        return Optional.of(
                opening.shape().isCircle()
                        ? Phrase.in(system)
                                .words("⌀ ")
                                .length(opening.shape().size().width())
                                .end()
                        : Phrase.in(system).size(opening.shape().size()).end());
    }

    private static Phrase scoreWords(Score score, Score.Measured measured, MeasureSystem system) {
        return Phrase.in(system)
                .words("score (" + score.fold().word() + ") ")
                .length(measured.at())
                .words(" from " + measured.from().word())
                .end();
    }

    private static Point scoreNote(Score score, Sketch sketch) {
        boolean upright = score.line().start().x().equals(score.line().end().x());
        return score.line().middle().plus(Length.ZERO, sketch.rows(upright ? 1.5 : 1));
    }
}
