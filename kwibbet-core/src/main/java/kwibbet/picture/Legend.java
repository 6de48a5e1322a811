package kwibbet.picture;

import java.util.List;
import java.util.stream.Stream;

import kwibbet.drawing.Drawing;
import kwibbet.drawing.Hatching;
import kwibbet.drawing.Ink;
import kwibbet.drawing.Line;
import kwibbet.drawing.Mark;
import kwibbet.measure.Length;
import kwibbet.shape.Axis;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;

/** What each line and sign on a drawing stands for. */
public final class Legend {

    /**
     * One line of the legend.
     *
     * @param sample what it looks like
     * @param words what it stands for
     */
    public record Entry(Drawing sample, String words) {}

    private static final Length UNIT = Length.ofInches(1, 8);
    private static final Rect FRAME = Rect.of(Length.ZERO, Length.ZERO, UNIT.multipliedBy(5), UNIT.multipliedBy(2));
    private static final Point MIDDLE = new Point(UNIT.multipliedBy(5).dividedBy(2), UNIT);

    /** The legend of a flat piece. */
    public static final List<Entry> PIECE = List.of(
            line(Line.CUT, "cut"),
            line(Line.VALLEY, "valley score"),
            line(Line.MOUNTAIN, "mountain score"),
            line(Line.HIDDEN, "edge behind"));

    /** The legend of a sheet. */
    public static final List<Entry> SHEET = List.of(
            line(Line.CUT, "cut"),
            new Entry(sample("offcut", Hatching.of(FRAME, UNIT.dividedBy(2), Ink.ON_PAGE)), "offcut"),
            entry("number of the setting", new Mark.Disc(MIDDLE, UNIT, "1")),
            new Entry(
                    sample("grain", Arrows.both(Axis.HORIZONTAL, MIDDLE, UNIT.multipliedBy(2), UNIT.dividedBy(2))),
                    "grain"),
            new Entry(
                    sample(
                            "up",
                            Arrows.up(
                                    new Point(MIDDLE.x(), UNIT.dividedBy(4)),
                                    UNIT.multipliedBy(3).dividedBy(2),
                                    UNIT.dividedBy(2))),
                    "pattern’s up"));

    /** All there is, each once. */
    public static final List<Entry> ALL =
            Stream.concat(PIECE.stream(), SHEET.stream().skip(1)).toList();

    private Legend() {}

    private static Entry line(Line line, String words) {
        List<Point> path = List.of(new Point(Length.ZERO, MIDDLE.y()), new Point(FRAME.right(), MIDDLE.y()));
        return entry(words, new Mark.Stroke(path, line, Ink.ON_PAGE));
    }

    private static Entry entry(String words, Mark mark) {
        return new Entry(sample(words, List.of(mark)), words);
    }

    private static Drawing sample(String words, List<Mark> marks) {
        return new Drawing(words, FRAME, UNIT, marks);
    }
}
