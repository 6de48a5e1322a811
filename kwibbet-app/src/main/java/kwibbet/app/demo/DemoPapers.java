package kwibbet.app.demo;

import java.util.List;
import java.util.Optional;

import kwibbet.measure.Figure;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.Colour;
import kwibbet.paper.Grain;
import kwibbet.paper.Paper;
import kwibbet.paper.PaperId;
import kwibbet.paper.PaperKind;
import kwibbet.paper.Pattern;
import kwibbet.paper.SheetSizes;
import kwibbet.shape.Size;

/** The papers of Lamplight Yard. */
final class DemoPapers {

    static final List<Paper> ALL = List.of(
            card("night", "Night blue, 12 × 12", "#263a63", SheetSizes.TWELVE_SQUARE, Grain.UPRIGHT, 60, 55),
            card("lamp", "Lamp yellow, 12 × 12", "#e9b44c", SheetSizes.TWELVE_SQUARE, Grain.UPRIGHT, 30, 55),
            card("oat", "Oat, letter", "#efe3cb", SheetSizes.LETTER, Grain.UPRIGHT, 90, 30),
            // Sand on its other face.
            twoFaced(card("brick", "Brick, letter", "#a9523c", SheetSizes.LETTER, Grain.UPRIGHT, 40, 35), "#e6cfa8"),
            card("moss", "Moss, 12 × 12", "#6f8560", SheetSizes.TWELVE_SQUARE, Grain.CROSSWISE, 48, 55),
            pattern("spokes", "Spokes, 12 × 12", "#c9d3d6", Pattern.ONE_WAY, 16, Length.ZERO),
            // The printer keeps an edge clear.
            pattern("cogs", "Cogs, 12 × 12", "#d8c3a5", Pattern.ANY_WAY, 12, Length.ofInches(1, 8)),
            card("chalk", "Chalk white, A4", "#faf8f2", SheetSizes.of(SheetSizes.Family.A, 4), Grain.UPRIGHT, 50, 20),
            // What goes through the printer at home, which leaves a quarter inch bare.
            printing("plain", "Printer white, letter"),
            card("slate", "Slate, A4", "#5d6670", SheetSizes.of(SheetSizes.Family.A, 4), Grain.UPRIGHT, 30, 25),
            of(
                    "clear",
                    "Clear film, letter",
                    PaperKind.FILM,
                    "#e4f0f4",
                    SheetSizes.LETTER,
                    Length.ofMillimetres(1, 10),
                    20,
                    60),
            of(
                    "foam",
                    "Foam, A5",
                    PaperKind.FOAM,
                    "#f4f4f2",
                    SheetSizes.of(SheetSizes.Family.A, 5),
                    Length.ofMillimetres(2),
                    6,
                    80));

    private DemoPapers() {}

    private static Paper card(String id, String name, String colour, Size sheet, Grain grain, int onHand, int cents) {
        return new Paper(
                new PaperId(id),
                name,
                PaperKind.CARD_STOCK,
                new Paper.Format(sheet, system(sheet), Length.ZERO),
                new Paper.Face(new Colour(colour), Pattern.PLAIN),
                new Paper.Body(grain, 270, Length.ofMillimetres(3, 10)),
                new Paper.Kept(onHand, cents),
                Optional.empty());
    }

    private static Paper printing(String id, String name) {
        return new Paper(
                new PaperId(id),
                name,
                PaperKind.CARD_STOCK,
                new Paper.Format(SheetSizes.LETTER, MeasureSystem.INCH, Length.ofInches(1, 4)),
                new Paper.Face(Colour.WHITE, Pattern.PLAIN),
                new Paper.Body(Grain.UPRIGHT, 200, Length.ofMillimetres(1, 4)),
                new Paper.Kept(40, 25),
                Optional.empty());
    }

    private static Paper twoFaced(Paper paper, String other) {
        return new Paper(
                paper.id(),
                paper.name(),
                paper.kind(),
                paper.format(),
                new Paper.Face(paper.colour(), paper.pattern(), new Colour(other)),
                paper.body(),
                paper.kept(),
                paper.sizeOf());
    }

    private static Paper pattern(String id, String name, String colour, Pattern pattern, int onHand, Length margin) {
        return new Paper(
                new PaperId(id),
                name,
                PaperKind.PATTERNED,
                new Paper.Format(SheetSizes.TWELVE_SQUARE, MeasureSystem.INCH, margin),
                new Paper.Face(new Colour(colour), pattern),
                new Paper.Body(Grain.UNKNOWN, 160, Length.ofMillimetres(1, 5)),
                new Paper.Kept(onHand, 70),
                Optional.empty());
    }

    private static Paper of(
            String id, String name, PaperKind kind, String colour, Size sheet, Length caliper, int onHand, int cents) {
        return new Paper(
                new PaperId(id),
                name,
                kind,
                new Paper.Format(sheet, system(sheet), Length.ZERO),
                new Paper.Face(new Colour(colour), Pattern.PLAIN),
                new Paper.Body(Grain.UNKNOWN, 140, caliper),
                new Paper.Kept(onHand, cents),
                Optional.empty());
    }

    private static MeasureSystem system(Size sheet) {
        return Figure.inInches(sheet.width()).isExact() ? MeasureSystem.INCH : MeasureSystem.METRIC;
    }
}
