package kwibbet.outline;

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
}
