package kwibbet.outline;

import java.util.ArrayList;
import java.util.List;

import kwibbet.measure.MeasureSystem;
import kwibbet.shape.CutShape.Kind;
import kwibbet.shape.Point;

import static kwibbet.Inches.in;
import static kwibbet.Inches.size;

/** Outlines put together of shapes, in inches. */
public final class SampleShapes {

    private SampleShapes() {}

    /** A part as it is drawn. */
    public static ShapePart part(
            ShapePart.How how, Kind kind, String width, String height, String across, String down) {
        return new ShapePart(
                how,
                new Source.OfTrade(kind),
                size(width, height),
                new Point(in(across), in(down)),
                ShapePart.Turn.NONE);
    }

    /** An outline of parts. */
    public static OwnShape of(String name, Finish finish, ShapePart... parts) {
        return OwnShape.of(name, List.of(parts), finish, MeasureSystem.INCH).orThrow();
    }

    /** A box with a lid: 3 × 4 3/4. */
    public static OwnShape jar() {
        return of(
                "Jar",
                Finish.NONE,
                part(ShapePart.How.ADD, Kind.RECTANGLE, "3", "4", "0", "0"),
                part(ShapePart.How.ADD, Kind.OVAL, "2", "1 1/2", "1/2", "-3/4"));
    }

    /** A pennant, which is another one from behind: 3 × 2. */
    public static OwnShape pennant() {
        return of(
                "Pennant",
                Finish.NONE,
                part(ShapePart.How.ADD, Kind.RECTANGLE, "3", "2", "0", "0"),
                part(ShapePart.How.TAKE_AWAY, Kind.DIAMOND, "2", "2", "2", "0"));
    }

    /** A round label with a hole to the left: 2 × 2. */
    public static OwnShape label() {
        return of(
                "Label",
                Finish.NONE,
                part(ShapePart.How.ADD, Kind.OVAL, "2", "2", "0", "0"),
                part(ShapePart.How.TAKE_AWAY, Kind.OVAL, "1/4", "1/4", "1/8", "7/8"));
    }

    /** A row of three panels of 3, 4 and 2, all 4 high, the first one pointed, the last one with a corner cut off, a round window in the middle one. */
    public static OwnShape row() {
        return of(
                "Row",
                Finish.NONE,
                new ShapePart(
                        ShapePart.How.ADD,
                        new Source.Traced(new Tracing(List.of(
                                line(Tracing.Use.CUT, true, "0", "2", "2", "0", "8", "0", "9", "1", "9", "4", "1", "4"),
                                line(Tracing.Use.CREASE, false, "3", "0", "3", "4"),
                                line(Tracing.Use.CREASE, false, "7", "0", "7", "4")))),
                        size("9", "4"),
                        Point.ORIGIN,
                        ShapePart.Turn.NONE),
                part(ShapePart.How.TAKE_AWAY, Kind.OVAL, "2", "2", "4", "1"));
    }

    /** A line by its corners, x and y in turn. */
    public static Tracing.Line line(Tracing.Use use, boolean closed, String... places) {
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < places.length; i += 2) {
            points.add(new Point(in(places[i]), in(places[i + 1])));
        }
        return new Tracing.Line(points, closed, use);
    }
}
