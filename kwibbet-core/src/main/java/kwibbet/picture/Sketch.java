package kwibbet.picture;

import java.util.ArrayList;
import java.util.List;

import kwibbet.drawing.DimensionLine;
import kwibbet.drawing.Drawing;
import kwibbet.drawing.Ink;
import kwibbet.drawing.Line;
import kwibbet.drawing.Mark;
import kwibbet.drawing.Mark.Anchor;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.shape.Axis;
import kwibbet.shape.Outline;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.wording.Phrase;

/** Collects the marks of one drawing. */
final class Sketch {

    private final Rect frame;
    private final Length textHeight;
    private final MeasureSystem system;
    private final List<Mark> marks = new ArrayList<>();

    Sketch(Rect frame, Length textHeight, MeasureSystem system) {
        this.frame = frame;
        this.textHeight = textHeight;
        this.system = system;
    }

    void add(Mark mark) {
        marks.add(mark);
    }

    void group(String piece, String label, List<? extends Mark> grouped) {
        marks.add(new Mark.Group(piece, label, List.copyOf(grouped)));
    }

    void text(Point at, Phrase phrase, double size, Ink ink) {
        marks.add(new Mark.Text(at, phrase, Anchor.MIDDLE, size, ink, false, false));
    }

    /** A text that clears away the lines behind it. */
    void label(Point at, Phrase phrase, double size, Ink ink) {
        marks.add(new Mark.Text(at, phrase, Anchor.MIDDLE, size, ink, false, true));
    }

    void stroke(Line line, Point... path) {
        marks.add(new Mark.Stroke(List.of(path), line, Ink.ON_PAGE));
    }

    /** A line all round. */
    void outline(Outline outline, Line line, Ink ink) {
        List<Point> path = new ArrayList<>(outline.corners());
        path.add(path.get(0));
        marks.add(new Mark.Stroke(path, line, ink));
    }

    /** The width of {@code measured}, {@code rows} text heights below it, or above where negative. */
    void width(Rect measured, double rows) {
        span(Axis.HORIZONTAL, measured.left(), measured.right(), measured, rows);
    }

    /** The height of {@code measured}, {@code rows} text heights to its right, or left where negative. */
    void height(Rect measured, double rows) {
        span(Axis.VERTICAL, measured.top(), measured.bottom(), measured, rows);
    }

    /** A stretch from {@code from} to {@code to}, measured along an edge of {@code object}. */
    void span(Axis axis, Length from, Length to, Rect object, double rows) {
        boolean after = rows > 0;
        Length edge = axis == Axis.HORIZONTAL
                ? (after ? object.bottom() : object.top())
                : (after ? object.right() : object.left());
        Phrase phrase = Phrase.of(to.minus(from), system);
        new DimensionLine(axis, from, to, edge, edge.plus(rows(rows)), phrase, textHeight)
                .marks()
                .forEach(this::add);
    }

    /** A length of {@code count} text heights. */
    Length rows(double count) {
        return textHeight.scaledBy(count);
    }

    /** Whether a text of ordinary height and {@code size} roughly fits into a room. */
    boolean fits(Phrase phrase, double size, Length width, Length height) {
        Length textWidth = textHeight.scaledBy(phrase.text().length() * 0.56 * size);
        return textWidth.isShorterThan(width) && textHeight.scaledBy(1.3 * size).isShorterThan(height);
    }

    /** A number in a disc; moved aside where another one is already. */
    void number(Point at, String number, List<Point> taken) {
        Point free = at;
        while (taken.contains(free)) {
            free = free.plus(rows(1.9), Length.ZERO);
        }
        taken.add(free);
        marks.add(new Mark.Disc(free, rows(0.85), number));
    }

    Drawing drawing(String title) {
        return new Drawing(title, frame, textHeight, marks);
    }

    static Point centre(Rect area) {
        return new Point(
                area.left().plus(area.right()).half(),
                area.top().plus(area.bottom()).half());
    }
}
