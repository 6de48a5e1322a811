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
import kwibbet.shape.Size;
import kwibbet.wording.Phrase;

/** Collects the marks of one drawing. */
final class Sketch {

    /** The radius of a number's disc, in text heights. */
    private static final double DISC = 0.85;
    /** So many places further off are tried for it, each way. */
    private static final int MOST_RINGS = 12;

    /** What is left free around a drawing that fills its frame, in text heights. */
    private static final double AIR = 0.5;
    /** A line is about so wide, in text heights. */
    private static final double HAIR = 0.05;

    private final Rect frame;
    private final Length textHeight;
    private final MeasureSystem system;
    private final List<Mark> marks = new ArrayList<>();
    private final List<Rect> words = new ArrayList<>();

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
        words.add(box(at, phrase, size));
    }

    /** A text that begins there. */
    void begin(Point at, Phrase phrase) {
        marks.add(new Mark.Text(at, phrase, Anchor.START, 1, Ink.ON_PAGE, false, false));
    }

    /** A text that clears away the lines behind it. */
    void label(Point at, Phrase phrase, double size, Ink ink) {
        marks.add(new Mark.Text(at, phrase, Anchor.MIDDLE, size, ink, false, true));
        words.add(box(at, phrase, size));
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
        Size text = extent(phrase, size);
        return text.width().isShorterThan(width) && text.height().isShorterThan(height);
    }

    /** About the room a text takes in the middle of which a point lies. */
    Rect box(Point middle, Phrase phrase, double size) {
        return Rect.around(middle, extent(phrase, size));
    }

    private Size extent(Phrase phrase, double size) {
        return new Size(textHeight.scaledBy(phrase.text().length() * 0.56 * size), textHeight.scaledBy(1.3 * size));
    }

    /** Notes that something is written there. */
    void write(Rect box) {
        words.add(box);
    }

    /** Whether nothing is written there yet. */
    boolean isFree(Rect box) {
        return words.stream().noneMatch(box::overlaps);
    }

    /** A number in a disc, as near to its place as it covers no other and no words. */
    void number(Point at, String number) {
        Size disc = new Size(rows(2 * DISC), rows(2 * DISC));
        for (int ring = 0; ring <= MOST_RINGS; ring++) {
            Length off = rows(ring * 1.2);
            for (Point near : List.of(
                    at.plus(Length.ZERO, off),
                    at.plus(Length.ZERO, off.negated()),
                    at.plus(off, Length.ZERO),
                    at.plus(off.negated(), Length.ZERO))) {
                if (isFree(Rect.around(near, disc)) || ring == MOST_RINGS) {
                    write(Rect.around(near, disc));
                    marks.add(new Mark.Disc(near, rows(DISC), number));
                    return;
                }
            }
        }
    }

    Drawing drawing(String title) {
        return new Drawing(title, frame, textHeight, marks);
    }

    /** What was drawn, framed as closely as it can be: the figures are read at arm's length. */
    Drawing filling(String title) {
        Rect all = marks.stream().map(this::bounds).reduce(Rect::around).orElse(frame);
        return new Drawing(title, all.grown(rows(AIR)), textHeight, marks);
    }

    private Rect bounds(Mark mark) {
        if (mark instanceof Mark.Area area) {
            return new Outline(area.outline()).bounds();
        }
        if (mark instanceof Mark.Stroke stroke) {
            return stroke.path().stream()
                    .map(point -> Rect.around(point, new Size(rows(HAIR), rows(HAIR))))
                    .reduce(Rect::around)
                    .orElse(frame);
        }
        if (mark instanceof Mark.Disc disc) {
            Length across = disc.radius().multipliedBy(2);
            return Rect.around(disc.centre(), new Size(across, across));
        }
        if (mark instanceof Mark.Text text) {
            Size extent = extent(text.phrase(), text.size());
            Rect middle = Rect.around(text.at(), text.upwards() ? extent.turned() : extent);
            Length off = extent.width().half();
            Length shift = text.anchor() == Anchor.START ? off : off.negated();
            return text.anchor() == Anchor.MIDDLE
                    ? middle
                    : text.upwards() ? middle.plus(Length.ZERO, shift.negated()) : middle.plus(shift, Length.ZERO);
        }
        return ((Mark.Group) mark)
                .marks().stream().map(this::bounds).reduce(Rect::around).orElse(frame);
    }

    static Point centre(Rect area) {
        return new Point(
                area.left().plus(area.right()).half(),
                area.top().plus(area.bottom()).half());
    }
}
