package kwibbet.app.demo;

import java.util.List;
import java.util.stream.Stream;

import kwibbet.card.Design;
import kwibbet.measure.MeasureSystem;

/** The designs of Lamplight Yard: each base and each feature at least once, the plainest last made. */
final class DemoDesigns {

    private DemoDesigns() {}

    /** In the order they were made. */
    static List<Design> all() {
        return Stream.of(features(), bases(), plain()).flatMap(List::stream).toList();
    }

    private static List<Design> plain() {
        return List.of(
                Draft.of("Pocket watch", MeasureSystem.METRIC, "folded", "105 mm", "148 mm", "slate")
                        .make(12, 1)
                        .mat("Chalk mat", "front-outside", "chalk", "border", "4 mm")
                        .mat("Slate mat", "mat-1", "slate", "border", "4 mm")
                        .mat("Writing panel", "back-inside", "chalk", "border", "6 mm")
                        .design(),
                Draft.of("Hill climb", "folded", "5", "5", "moss")
                        .set("shortBy", "1 1/4")
                        .make(20, 0)
                        .mat("Cog mat", "front-outside", "cogs", "border", "1/4")
                        .mat("Inside mat", "back-inside", "oat", "border", "1/4")
                        .design(),
                Draft.of("First ride", "folded", "4 1/4", "5 1/2", "oat")
                        .set("fold", "top")
                        .make(36, 2)
                        .mat("Spoke mat", "front-outside", "spokes", "border", "1/8")
                        .mat("Brick mat", "mat-1", "brick", "border", "3/4")
                        .design(),
                Draft.of("Lantern evening", "folded", "5", "7", "night")
                        .make(24, 0)
                        .mat("Lamp mat", "front-outside", "lamp", "border", "1/8")
                        .mat("Oat mat", "mat-1", "oat", "border", "1/8")
                        .design());
    }

    private static List<Design> bases() {
        return List.of(
                Draft.of("Tool roll", "custom", "2 3/4", "5", "moss")
                        .count("panels", 5)
                        .set("panel1", "1 1/2")
                        .set("panel2", "2")
                        .set("fold2", "mountain")
                        .set("fold3", "mountain")
                        .make(10, 1)
                        .mat("Strap", "panel-1-outside", "cogs", "border", "1/8")
                        .mat("Lining", "panel-5-inside", "oat", "border", "1/4")
                        .design(),
                Draft.of("Street lamp", "past-fold", "4 1/4", "6 1/2", "night")
                        .set("shape", "gable")
                        .set("across", "2")
                        .set("rise", "1 1/2")
                        .make(18, 2)
                        .add("ornament", "Light", "front-outside", "lamp")
                        .with("shape", "arch", "width", "1 1/4", "height", "2", "down", "by", "fromTop", "1/2")
                        .design(),
                Draft.of("Dial", "shaped", "4", "5", "slate")
                        .set("shape", "arch")
                        .set("leftOff", "1/4")
                        .set("foot", "1/2")
                        .make(15, 1)
                        .mat("Face", "front-outside", "chalk", "border", "1/4")
                        .design(),
                Draft.of("Dynamo", "pinwheel", "", "", "brick")
                        .make(24, 2)
                        .mat("Coil 1", "flap-1-outside", "lamp", "border", "1/8")
                        .mat("Coil 2", "flap-2-outside", "cogs", "border", "1/8")
                        .mat("Coil 3", "flap-3-outside", "lamp", "border", "1/8")
                        .mat("Coil 4", "flap-4-outside", "cogs", "border", "1/8")
                        .mat("Middle", "middle-inside", "oat", "border", "1/4")
                        .design(),
                Draft.of("Signal box", "shutter-gate", "5", "7", "moss")
                        .paper("sleeve", "oat")
                        .paper("shutters", "brick")
                        .make(12, 1)
                        .mat("Left panel", "left-outside", "oat", "border", "1/4")
                        .mat("Right panel", "right-outside", "oat", "border", "1/4")
                        .add("ornament", "Signal", "middle-inside", "lamp")
                        .with("shape", "oval", "width", "2 1/2", "height", "2 1/2")
                        .design(),
                Draft.of("Arc lamp", "bridged", "5", "7", "night")
                        .make(20, 2)
                        .mat("Inside", "back-inside", "oat", "border", "1/8")
                        .mat("Upper cover", "front-inside", "oat", "border", "0")
                        .add("mat", "Lower cover", "film-inside", "oat")
                        .with("fit", "size", "width", "5", "height", "2", "down", "start")
                        .add("ornament", "Lamp", "film-outside", "lamp")
                        .with("shape", "octagon", "width", "3", "height", "4", "copy", "behind")
                        .design(),
                Draft.of("Saddle bag", "wrap-over", "4 1/4", "5 1/2", "brick")
                        .make(24, 0)
                        .mat("Flap mat", "flap-outside", "cogs", "border", "1/8")
                        .mat("Front mat", "front-outside", "oat", "border", "1/8")
                        .add("magnets", "Clasp", "flap-outside", "")
                        .with("size", "3/8")
                        .add("ornament", "Buckle", "mat-1", "lamp")
                        .with("shape", "rounded", "width", "1", "height", "1 1/2", "backing", "die")
                        .design(),
                Draft.of("Gear train", "zigzag", "2 3/4", "5", "oat")
                        .count("panels", 4)
                        .make(16, 2)
                        .mat("Cover", "panel-1-outside", "slate", "border", "1/8")
                        .mat("Second", "panel-2-inside", "cogs", "border", "1/4")
                        .mat("Third", "panel-3-outside", "spokes", "border", "1/4")
                        .add("pattern-die", "Gears", "mat-1", "")
                        .with("shape", "octagon", "width", "1 3/4", "height", "3")
                        .design(),
                Draft.of("Timetable", "roll", "3", "5", "spokes")
                        .count("panels", 4)
                        .make(20, 2)
                        .mat("Cover mat", "front-outside", "night", "border", "1/8")
                        .add("shaker", "Window", "mat-1", "oat")
                        .with("shape", "oval", "width", "1 1/2", "height", "1 1/2")
                        .mat("Panel", "back-inside", "oat", "border", "1/8")
                        .design(),
                Draft.of("Workshop doors", "gate", "5", "7", "slate")
                        .make(24, 2)
                        .mat("Left door mat", "left-outside", "oat", "border", "1/8")
                        .mat("Right door mat", "right-outside", "oat", "border", "1/8")
                        .mat("Middle mat", "middle-inside", "lamp", "border", "1/8")
                        .add("tie", "Latch", "mat-1", "")
                        .with("across", "by", "fromLeft", "1 5/8", "apart", "1 1/8")
                        .design());
    }

    private static List<Design> features() {
        return List.of(
                Draft.of("Evening window", "folded", "5", "7", "brick")
                        .make(12, 1)
                        .mat("Wall", "front-outside", "cogs", "border", "1/8")
                        .add("blind", "Blind", "mat-1", "lamp")
                        .with("width", "2 1/2", "height", "3", "down", "by", "fromTop", "1 1/2")
                        .design(),
                Draft.of("Conductor", "folded", "5", "7", "night")
                        .make(14, 1)
                        .add("collar", "Lapels", "front-outside", "")
                        .with("reach", "1 1/4", "length", "3", "fromTop", "3/4")
                        .mat("Waistcoat", "back-inside", "lamp", "border", "1/4")
                        .add("tab", "Thumb tab", "front-outside", "lamp")
                        .design(),
                Draft.of("Season ticket", "folded", "4 1/4", "5 1/2", "moss")
                        .make(30, 2)
                        .add("pocket", "Ticket pocket", "back-inside", "oat")
                        .with("width", "3 1/2", "height", "3", "down", "end")
                        .mat("Ticket", "pocket-1", "cogs", "clearance", "3/4")
                        .add("belly-band", "Band", "front-outside", "lamp")
                        .add("ornament", "Seal", "belly-band-1", "brick")
                        .with("shape", "scalloped", "width", "1 1/4", "height", "1 1/4", "backing", "foam")
                        .design(),
                Draft.of("Night train", "folded", "4", "9", "night")
                        .make(16, 2)
                        .mat("Lamp strip", "front-outside", "lamp", "border", "3/8")
                        .add("opening", "Porthole", "mat-1", "oat")
                        .with("shape", "oval", "width", "1 3/4", "height", "1 3/4", "down", "by", "fromTop", "1 1/4")
                        .with("through", "layers", "frame", "framed", "pencil", "mark")
                        .add("stretched-die", "Name plate", "mat-1", "oat")
                        .with(
                                "width", "2", "die", "3", "wanted", "3 1/2", "pitch", "1/4", "down", "by", "fromTop",
                                "4 1/4")
                        .design(),
                Draft.of("Headlight", "folded", "5", "5", "slate")
                        .make(18, 1)
                        .add("shaker", "Glass", "front-outside", "chalk")
                        .with("shape", "oval", "width", "2 1/2", "height", "2 1/2", "back", "clear", "built", "through")
                        .add("surface", "Glow", "front-outside", "")
                        .with("technique", "stamp", "width", "2", "height", "1/2", "down", "by", "fromTop", "1/4")
                        .add("stand-strip", "Stand", "back-outside", "slate")
                        .with("length", "3")
                        .design(),
                Draft.of("Spare parts", "folded", "5", "7", "oat")
                        .make(12, 0)
                        .mat("Shelf", "front-outside", "moss", "border", "1/4")
                        .add("small-card", "Parcel", "mat-1", "lamp")
                        .with("base", "gate", "width", "2 1/2", "height", "3 1/2")
                        .design());
    }
}
