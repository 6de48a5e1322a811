package kwibbet.formats.outline;

import java.util.List;

import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.outline.Finish;
import kwibbet.outline.OwnShape;
import kwibbet.outline.ShapePart;
import kwibbet.outline.Source;
import kwibbet.shape.CutShape.Kind;
import kwibbet.shape.Point;
import kwibbet.shape.Size;

/** Outlines put together of shapes, in inches. */
public final class SampleOutlines {

    private SampleOutlines() {}

    /** A box of 3 × 4 with a lid. */
    public static OwnShape jar() {
        ShapePart box = part(ShapePart.How.ADD, Kind.RECTANGLE, "3", "4", "0", "0");
        ShapePart lid = part(ShapePart.How.ADD, Kind.OVAL, "2", "1 1/2", "1/2", "-3/4");
        return of("Jar", box, lid);
    }

    /** A round label of 2 with a hole to the left. */
    static OwnShape label() {
        ShapePart round = part(ShapePart.How.ADD, Kind.OVAL, "2", "2", "0", "0");
        ShapePart hole = part(ShapePart.How.TAKE_AWAY, Kind.OVAL, "1/4", "1/4", "1/8", "7/8");
        return of("Label", round, hole);
    }

    private static OwnShape of(String name, ShapePart... parts) {
        return OwnShape.of(name, List.of(parts), Finish.NONE, MeasureSystem.INCH)
                .orThrow();
    }

    private static ShapePart part(
            ShapePart.How how, Kind kind, String width, String height, String across, String down) {
        return new ShapePart(
                how,
                new Source.OfTrade(kind),
                new Size(in(width), in(height)),
                new Point(in(across), in(down)),
                ShapePart.Turn.NONE);
    }

    private static Length in(String text) {
        return Length.parse(text, MeasureSystem.INCH);
    }
}
