package kwibbet.app.demo;

import java.util.ArrayList;
import java.util.List;

import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.outline.Finish;
import kwibbet.outline.OwnShape;
import kwibbet.outline.ShapePart;
import kwibbet.outline.ShapePart.How;
import kwibbet.outline.Source;
import kwibbet.outline.Tracing;
import kwibbet.shape.CutShape.Kind;
import kwibbet.shape.Point;
import kwibbet.shape.Size;

/** The outlines of Lamplight Yard. */
final class DemoOutlines {

    /** A rounded box with a lid. */
    static final OwnShape LAMP_GLASS = of(
            "Lamp glass",
            Finish.NONE,
            part(How.ADD, Kind.ROUNDED, "1 3/4", "2 1/4", "0", "3/8"),
            part(How.ADD, Kind.RECTANGLE, "1 1/8", "1/2", "5/16", "0"));

    /** A label with notched corners. */
    static final OwnShape NAME_PLATE = namePlate();

    /** A wheel with an edge of scallops and a hole for its axle. */
    static final OwnShape COG = of(
            "Cog",
            new Finish(Length.ZERO, in("3/8"), false),
            part(How.ADD, Kind.OVAL, "2", "2", "0", "0"),
            part(How.TAKE_AWAY, Kind.OVAL, "1/2", "1/2", "3/4", "3/4"));

    /** A gable that stands on half an oval. */
    static final OwnShape LAMP_HOUSE = of(
            "Lamp house",
            Finish.NONE,
            part(How.ADD, Kind.GABLE, "1 1/4", "1 3/4", "3/4", "0"),
            part(How.ADD, Kind.OVAL, "2 3/4", "1", "0", "1 1/4"),
            part(How.KEEP, Kind.RECTANGLE, "2 3/4", "1 3/4", "0", "0"));

    /** A panel with a window and three stars above it, cut by one die. */
    static final OwnShape LIT_WINDOW = of(
            "Lit window",
            Finish.NONE,
            part(How.ADD, Kind.RECTANGLE, "3 3/4", "5", "0", "0"),
            part(How.TAKE_AWAY, Kind.ARCH, "2", "2 1/2", "7/8", "1 1/2"),
            part(How.TAKE_AWAY, Kind.DIAMOND, "1/2", "1/2", "5/8", "1/2"),
            part(How.TAKE_AWAY, Kind.DIAMOND, "1/2", "1/2", "1 5/8", "1/2"),
            part(How.TAKE_AWAY, Kind.DIAMOND, "1/2", "1/2", "2 5/8", "1/2"));

    /** A shelter of three panels under one roof, cut and creased by one die. */
    static final OwnShape SHELTER = shelter();

    /** A strip with an edge of scallops, longer than what it is laid along. */
    static final OwnShape AWNING = of(
            "Awning", new Finish(Length.ZERO, in("1/2"), false), part(How.ADD, Kind.RECTANGLE, "1", "5 1/2", "0", "0"));

    static final List<OwnShape> ALL = List.of(LAMP_GLASS, NAME_PLATE, COG, LAMP_HOUSE, LIT_WINDOW, SHELTER, AWNING);

    private DemoOutlines() {}

    private static OwnShape namePlate() {
        List<ShapePart> parts = new ArrayList<>(List.of(part(How.ADD, Kind.RECTANGLE, "3", "1", "0", "0")));
        for (String across : List.of("-3/16", "2 13/16")) {
            for (String down : List.of("-3/16", "13/16")) {
                parts.add(part(How.TAKE_AWAY, Kind.OVAL, "3/8", "3/8", across, down));
            }
        }
        return of("Name plate", Finish.NONE, parts.toArray(ShapePart[]::new));
    }

    private static OwnShape shelter() {
        Tracing lines = new Tracing(List.of(
                line(Tracing.Use.CUT, true, "0", "1", "3/4", "0", "6 3/4", "0", "7 1/2", "1", "7 1/2", "4", "0", "4"),
                line(Tracing.Use.CREASE, false, "2 1/2", "0", "2 1/2", "4"),
                line(Tracing.Use.CREASE, false, "5", "0", "5", "4")));
        ShapePart drawn =
                new ShapePart(How.ADD, new Source.Traced(lines), size("7 1/2", "4"), Point.ORIGIN, ShapePart.Turn.NONE);
        return of("Shelter", Finish.NONE, drawn);
    }

    private static Tracing.Line line(Tracing.Use use, boolean closed, String... places) {
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < places.length; i += 2) {
            points.add(new Point(in(places[i]), in(places[i + 1])));
        }
        return new Tracing.Line(points, closed, use);
    }

    private static OwnShape of(String name, Finish finish, ShapePart... parts) {
        return OwnShape.of(name, List.of(parts), finish, MeasureSystem.INCH).orThrow();
    }

    private static ShapePart part(How how, Kind kind, String width, String height, String across, String down) {
        return new ShapePart(
                how,
                new Source.OfTrade(kind),
                size(width, height),
                new Point(in(across), in(down)),
                ShapePart.Turn.NONE);
    }

    private static Size size(String width, String height) {
        return new Size(in(width), in(height));
    }

    private static Length in(String text) {
        return Length.parse(text, MeasureSystem.INCH);
    }
}
