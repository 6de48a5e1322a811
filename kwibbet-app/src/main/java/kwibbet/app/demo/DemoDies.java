package kwibbet.app.demo;

import java.util.ArrayList;
import java.util.List;

import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.outline.OwnShape;
import kwibbet.shape.CutShape;
import kwibbet.shape.CutShape.Kind;
import kwibbet.shape.Size;
import kwibbet.tool.Die;
import kwibbet.tool.Die.Detail;
import kwibbet.tool.DieId;
import kwibbet.tool.Sides;

/** The dies of Lamplight Yard. */
final class DemoDies {

    static final List<Die> ALL = all();

    private DemoDies() {}

    private static List<Die> all() {
        List<Die> dies = new ArrayList<>();
        for (String across : List.of("1 1/4", "1 1/2", "1 3/4", "2", "2 1/4", "2 1/2", "3", "3 1/2")) {
            dies.add(plain("Wheel " + across, Kind.OVAL, across, across, "Wheels"));
        }
        dies.add(plain("Pane 2 1/2 × 3", Kind.RECTANGLE, "2 1/2", "3", "Panes"));
        dies.add(plain("Pane 3 × 4", Kind.RECTANGLE, "3", "4", "Panes"));
        dies.add(plain("Buckle plate", Kind.ROUNDED, "1", "1 1/2", ""));
        dies.add(plain("Gas lamp", Kind.ARCH, "1 1/4", "2", ""));
        dies.add(plain("Mantel clock", Kind.ARCH, "4 1/4", "5 1/2", ""));
        dies.add(plain("Lamp hood", Kind.GABLE, "2", "3", ""));
        dies.add(plain("Signal hut", Kind.GABLE, "1 1/2", "1 3/4", ""));
        dies.add(plain("Octagon 3 × 4", Kind.OCTAGON, "3", "4", ""));
        dies.add(plain("Wax seal", Kind.SCALLOPED, "1 1/4", "1 1/4", ""));
        dies.add(plain("Station clock", Kind.HEXAGON, "1 1/4", "1 1/4", ""));
        dies.add(of("Lattice", Kind.RECTANGLE, "1 7/16", "15/16", "1/8", Detail.INTRICATE, Sides.STRAIGHT, ""));
        dies.add(of("Rivet field", Kind.RECTANGLE, "1 5/8", "2 7/8", "1/8", Detail.INTRICATE, Sides.STRAIGHT, ""));
        dies.add(of(
                "Stitched strap",
                Kind.RECTANGLE,
                "2",
                "2",
                "1/16",
                Detail.PLAIN,
                new Sides(Sides.Pattern.STITCHED, in("1/4")),
                ""));
        for (OwnShape outline :
                List.of(DemoOutlines.LAMP_GLASS, DemoOutlines.LIT_WINDOW, DemoOutlines.SHELTER, DemoOutlines.AWNING)) {
            dies.add(of(outline.words(), outline.asDrawn(), "1/16", Detail.PLAIN, Sides.STRAIGHT, ""));
        }
        return dies;
    }

    private static Die plain(String name, Kind kind, String width, String height, String set) {
        return of(name, kind, width, height, "1/16", Detail.PLAIN, Sides.STRAIGHT, set);
    }

    private static Die of(
            String name, Kind kind, String width, String height, String metal, Detail detail, Sides sides, String set) {
        CutShape shape = new CutShape(kind, new Size(in(width), in(height)));
        return of(name, shape, metal, detail, sides, set);
    }

    private static Die of(String name, CutShape shape, String metal, Detail detail, Sides sides, String set) {
        // Its id stands in addresses, where a slash would part it.
        DieId id = new DieId("demo " + name.replace('/', '-'));
        return new Die(id, name, shape, in(metal), detail, sides, set, 1);
    }

    private static Length in(String text) {
        return Length.parse(text, MeasureSystem.INCH);
    }
}
