package kwibbet.picture;

import java.util.List;

import kwibbet.drawing.Drawing;
import kwibbet.drawing.Fill;
import kwibbet.drawing.Ink;
import kwibbet.drawing.Line;
import kwibbet.drawing.Mark;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.outline.OwnShape;
import kwibbet.outline.ShapePart;
import kwibbet.outline.Source;
import kwibbet.outline.Tracing;
import kwibbet.shape.Outline;
import kwibbet.shape.Placement;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Segment;
import kwibbet.shape.Size;

/** An outline of a maker's own: with its size, its creases and the parts it is put together of. */
public final class OutlinePicture {

    private static final int ROWS = 30;
    /** More lines than these are told by their places in the list only. */
    private static final int MOST_NUMBERED = 60;

    private OutlinePicture() {}

    /** Small, in the middle of a frame that is the same for all that are compared. */
    public static Drawing chip(OwnShape shape, Size frame) {
        Rect whole = Rect.atOrigin(frame);
        Sketch sketch =
                new Sketch(whole, Length.max(frame.width(), frame.height()).dividedDownBy(10), MeasureSystem.INCH);
        cut(sketch, shape, whole.centred(shape.size()).corner());
        return sketch.drawing(shape.words());
    }

    /** A frame that the largest of some outlines fits in. */
    public static Size frame(List<OwnShape> shapes) {
        Length side = shapes.stream()
                .map(shape -> Length.max(shape.size().width(), shape.size().height()))
                .reduce(Length.ofInches(1), Length::max);
        return new Size(side, side).grown(Length.ofInches(1, 8));
    }

    /** Large, measured, its parts shown by thin lines and the lines of a drawing by their numbers. */
    public static Drawing of(OwnShape shape, MeasureSystem system) {
        Rect box = Rect.atOrigin(shape.size());
        Length row = Length.max(box.size().width(), box.size().height()).dividedDownBy(ROWS);
        Sketch sketch = new Sketch(box.grown(row.multipliedBy(3)), row, system);
        cut(sketch, shape, Point.ORIGIN);
        if (shape.parts().size() > 1) {
            shape.partsAsDrawn().forEach(part -> sketch.outline(part, Line.HIDDEN, Ink.ON_PAGE));
        }
        // Figures stand clear of the parts that reach past the outline.
        Rect all = shape.partsAsDrawn().stream().map(Outline::bounds).reduce(box, Rect::around);
        sketch.width(box, 1.5 + all.bottom().minus(box.bottom()).ratioTo(row));
        sketch.height(box, -1.5 - box.left().minus(all.left()).ratioTo(row));
        for (int i = 0; i < shape.parts().size(); i++) {
            ShapePart part = shape.parts().get(i);
            if (part.source() instanceof Source.Traced traced) {
                numbers(sketch, traced.tracing(), part, shape);
            } else if (shape.parts().size() > 1) {
                sketch.number(shape.middleOf(part), String.valueOf(i + 1));
            }
        }
        return sketch.filling(shape.words());
    }

    private static void cut(Sketch sketch, OwnShape shape, Point corner) {
        Placement place = Placement.at(corner);
        sketch.add(Mark.Area.of(shape.asDrawn().region().in(place), Fill.NONE, Line.CUT, Ink.ON_PAGE));
        for (Segment crease : shape.creases(shape.size())) {
            Segment laid = place.apply(crease);
            sketch.stroke(Line.VALLEY, laid.start(), laid.end());
        }
    }

    private static void numbers(Sketch sketch, Tracing tracing, ShapePart part, OwnShape shape) {
        List<List<Point>> starts = shape.linesOf(part);
        for (int i = 0; i < Math.min(starts.size(), MOST_NUMBERED); i++) {
            List<Point> points = starts.get(i);
            if (tracing.lines().get(i).use() == Tracing.Use.NOTHING && points.size() > 2) {
                sketch.outline(new Outline(points), Line.HATCH, Ink.ON_PAGE);
            }
            sketch.number(points.get(0), String.valueOf(i + 1));
        }
    }
}
