package kwibbet.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.LongStream;
import java.util.stream.Stream;

import kwibbet.card.Card;
import kwibbet.drawing.Drawing;
import kwibbet.drawing.Ink;
import kwibbet.drawing.Line;
import kwibbet.drawing.Mark;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.wording.Phrase;

/** Rulers: the one along the top of the table, and those that prove a print is at full size. */
public final class RulerPicture {

    /** How far the ruler above the table runs on, in widths of the table's frame: as far as the widest page. */
    private static final int PAGES = 6;

    private static final List<Length> INCH_MARKS = inches("1/8", "1/4", "1/2", "1", "4");
    private static final List<Length> INCH_LABELS = inches("1", "2", "4", "8", "16");
    private static final List<Length> METRIC_MARKS = millimetres(1, 2, 5, 10, 50);
    private static final List<Length> METRIC_LABELS = millimetres(10, 20, 50, 100, 500);

    private RulerPicture() {}

    private static List<Length> inches(String... texts) {
        return Stream.of(texts)
                .map(text -> Length.parse(text, MeasureSystem.INCH))
                .toList();
    }

    private static List<Length> millimetres(long... lengths) {
        return LongStream.of(lengths).mapToObj(Length::ofMillimetres).toList();
    }

    private static Length firstAtLeast(Length least, List<Length> steps) {
        return steps.stream()
                .filter(step -> !step.isShorterThan(least))
                .findFirst()
                .orElse(steps.get(steps.size() - 1));
    }

    private static boolean isMultiple(Length length, Length step) {
        return length.isMultipleOf(step);
    }

    /**
     * The ruler above the table, to the table's scale, its zero over the left edge of the flat card. It runs on to the right past the
     * table's frame, as far as the widest page.
     */
    public static Drawing aboveTable(Card card, TableScale scale) {
        MeasureSystem system = card.design().system();
        Length row = scale.textHeight();
        Rect frame = Rect.of(Length.ZERO, Length.ZERO, scale.width(), row.multipliedBy(2));
        Sketch sketch = new Sketch(frame, row, system);
        Length zero = FlatPicture.lying(card, card.base(), scale).left();
        List<Length> marks = system == MeasureSystem.INCH ? INCH_MARKS : METRIC_MARKS;
        Length step = firstAtLeast(sketch.rows(0.22), marks);
        Length labelled = firstAtLeast(sketch.rows(2.4), system == MeasureSystem.INCH ? INCH_LABELS : METRIC_LABELS);
        long last = scale.width().multipliedBy(PAGES).dividedBy(step);
        for (long i = -zero.dividedBy(step); i <= last; i++) {
            Length at = step.multipliedBy(i);
            Length x = zero.plus(at);
            boolean unit = isMultiple(at, labelled);
            Length height = sketch.rows(unit ? 0.8 : isMultiple(at.multipliedBy(2), labelled) ? 0.55 : 0.3);
            sketch.stroke(Line.FINE, new Point(x, frame.bottom().minus(height)), new Point(x, frame.bottom()));
            if (unit && i >= 0) {
                Phrase label = Phrase.of(at, system);
                sketch.text(new Point(x, frame.bottom().minus(sketch.rows(1.35))), label, 0.8, Ink.ON_PAGE);
            }
        }
        return sketch.drawing("A ruler to the scale of the drawing below");
    }

    /** A 4 inch ruler, by eighths. */
    public static Drawing fourInches() {
        return check(Length.ofInches(1, 8), 8, 4, 1, "4 in");
    }

    /** A 100 mm ruler, by millimetres. */
    public static Drawing hundredMillimetres() {
        return check(Length.ofMillimetres(1), 10, 10, 10, "100 mm");
    }

    private static Drawing check(Length step, int perUnit, int units, int labelBy, String title) {
        Length whole = step.multipliedBy((long) perUnit * units);
        Length row = Length.ofInches(1, 8);
        Rect frame = Rect.of(row.negated(), Length.ZERO, whole.plus(row.multipliedBy(6)), row.multipliedBy(3));
        Sketch sketch = new Sketch(frame, row, MeasureSystem.INCH);
        List<Point> line = new ArrayList<>(
                List.of(new Point(Length.ZERO, row.multipliedBy(2)), new Point(whole, row.multipliedBy(2))));
        sketch.add(new Mark.Stroke(line, Line.FINE, Ink.ON_LIGHT));
        for (int i = 0; i <= perUnit * units; i++) {
            Length x = step.multipliedBy(i);
            Length height = sketch.rows(i % perUnit == 0 ? 1 : i % (perUnit / 2) == 0 ? 0.7 : 0.4);
            Point foot = new Point(x, row.multipliedBy(2));
            sketch.add(
                    new Mark.Stroke(List.of(foot, foot.plus(Length.ZERO, height.negated())), Line.FINE, Ink.ON_LIGHT));
            if (i % perUnit == 0) {
                Phrase label = Phrase.of(String.valueOf(i / perUnit * labelBy));
                sketch.text(new Point(x, sketch.rows(0.5)), label, 0.8, Ink.ON_LIGHT);
            }
        }
        Point after = new Point(whole.plus(sketch.rows(3)), sketch.rows(1.5));
        sketch.text(after, Phrase.of(title), 1, Ink.ON_LIGHT);
        return sketch.drawing("A check ruler of " + title);
    }
}
