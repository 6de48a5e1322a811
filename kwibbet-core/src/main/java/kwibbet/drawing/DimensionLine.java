package kwibbet.drawing;

import java.util.ArrayList;
import java.util.List;

import kwibbet.drawing.Mark.Anchor;
import kwibbet.drawing.Mark.Stroke;
import kwibbet.drawing.Mark.Text;
import kwibbet.measure.Length;
import kwibbet.shape.Axis;
import kwibbet.shape.Point;
import kwibbet.wording.Phrase;

/**
 * A dimension with its witness lines, its oblique end strokes and its figure, as drafting draws it.
 *
 * @param axis {@code HORIZONTAL} for a width, {@code VERTICAL} for a height
 * @param from where it starts, along the axis
 * @param to where it ends, along the axis
 * @param object where the edge of what is measured lies, across the axis
 * @param line where the dimension line lies, across the axis
 * @param phrase the figure
 * @param textHeight the height of its figure
 */
public record DimensionLine(
        Axis axis, Length from, Length to, Length object, Length line, Phrase phrase, Length textHeight) {

    /** The marks that draw it. */
    public List<Mark> marks() {
        List<Mark> marks = new ArrayList<>();
        marks.add(witness(from));
        marks.add(witness(to));
        marks.add(stroke(at(from, line), at(to, line)));
        marks.add(endStroke(from));
        marks.add(endStroke(to));
        marks.add(figure());
        return marks;
    }

    private Mark witness(Length position) {
        Length gap = share(3);
        boolean outwards = line.isLongerThan(object);
        Length start = outwards ? object.plus(gap) : object.minus(gap);
        Length end = outwards ? line.plus(gap) : line.minus(gap);
        return stroke(at(position, start), at(position, end));
    }

    private Mark endStroke(Length position) {
        Length half = share(4);
        Point middle = at(position, line);
        return stroke(middle.plus(half.negated(), half), middle.plus(half, half.negated()));
    }

    private Mark figure() {
        Length middle = from.plus(to).half();
        boolean fits = estimatedWidth().isShorterThan(to.minus(from));
        boolean upwards = axis == Axis.VERTICAL;
        if (fits) {
            return new Text(at(middle, line), phrase, Anchor.MIDDLE, 1, Ink.ON_PAGE, upwards, true);
        }
        // Too narrow for its figure: the figure goes outside the line, away from what is measured.
        Length away = share(1);
        Length beside = line.isLongerThan(object) ? line.plus(away) : line.minus(away);
        return new Text(at(middle, beside), phrase, Anchor.MIDDLE, 1, Ink.ON_PAGE, upwards, true);
    }

    /** Roughly: figures are a little over half as wide as high. */
    private Length estimatedWidth() {
        return textHeight
                .multipliedBy(phrase.text().length() + 1L)
                .multipliedBy(11)
                .dividedDownBy(20);
    }

    private Length share(long parts) {
        return textHeight.dividedDownBy(parts);
    }

    private Point at(Length along, Length across) {
        return axis == Axis.HORIZONTAL ? new Point(along, across) : new Point(across, along);
    }

    private static Stroke stroke(Point start, Point end) {
        return new Stroke(List.of(start, end), Line.FINE, Ink.ON_PAGE);
    }
}
