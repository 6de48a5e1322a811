package kwibbet.app.inventory;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Stream;

import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.Colour;
import kwibbet.paper.Grain;
import kwibbet.paper.Paper;
import kwibbet.paper.PaperId;
import kwibbet.paper.PaperKind;
import kwibbet.paper.Pattern;
import kwibbet.paper.SheetSizes;
import kwibbet.shape.CutShape;
import kwibbet.shape.Size;
import kwibbet.tool.Die;
import kwibbet.tool.DieId;
import kwibbet.tool.Sides;

/** Plain papers to start with, for a maker who has entered none; weights and calipers are common practice, no source. */
final class StarterSet {

    static final List<Paper> PAPERS = List.of(
            stock("starter-white-letter", "White card stock, letter", "#fbfaf6", SheetSizes.LETTER, MeasureSystem.INCH),
            stock(
                    "starter-white-square",
                    "White card stock, 12 × 12",
                    "#fbfaf6",
                    SheetSizes.TWELVE_SQUARE,
                    MeasureSystem.INCH),
            stock(
                    "starter-brown-square",
                    "Brown card stock, 12 × 12",
                    "#b9946a",
                    SheetSizes.TWELVE_SQUARE,
                    MeasureSystem.INCH),
            new Paper(
                    new PaperId("starter-film"),
                    "Clear film, letter",
                    PaperKind.FILM,
                    SheetSizes.LETTER,
                    MeasureSystem.INCH,
                    new Colour("#e4f0f4"),
                    Pattern.PLAIN,
                    Grain.UNKNOWN,
                    140,
                    Length.ofMillimetres(1, 10),
                    10,
                    0,
                    Length.ZERO,
                    Optional.empty()),
            stock(
                    "starter-white-a4",
                    "White card stock, A4",
                    "#fbfaf6",
                    SheetSizes.of(SheetSizes.Family.A, 4),
                    MeasureSystem.METRIC));

    /** Plain nested circles and rectangles, as many makers have them. */
    static final List<Die> DIES = Stream.of(
                    nested("Circle", CutShape.Kind.OVAL, new Size(Length.ofInches(1), Length.ofInches(1)), 4),
                    nested(
                            "Rectangle",
                            CutShape.Kind.RECTANGLE,
                            new Size(Length.ofInches(3, 2), Length.ofInches(2)),
                            4))
            .flatMap(List::stream)
            .toList();

    private StarterSet() {}

    private static List<Die> nested(String name, CutShape.Kind kind, Size smallest, int widest) {
        Die first = new Die(
                new DieId("starter-" + name.toLowerCase(Locale.ROOT)),
                name,
                new CutShape(kind, smallest),
                Length.ofInches(1, 16),
                Die.Detail.PLAIN,
                Sides.STRAIGHT,
                name + "s",
                1);
        AtomicInteger next = new AtomicInteger();
        return first.nested(
                Length.ofInches(1, 2),
                Length.ofInches(widest),
                () -> new DieId(first.id().value() + "-" + next.incrementAndGet()));
    }

    private static Paper stock(String id, String name, String colour, Size sheet, MeasureSystem system) {
        return new Paper(
                new PaperId(id),
                name,
                PaperKind.CARD_STOCK,
                sheet,
                system,
                new Colour(colour),
                Pattern.PLAIN,
                Grain.UNKNOWN,
                270,
                Length.ofMillimetres(3, 10),
                25,
                0,
                Length.ZERO,
                Optional.empty());
    }
}
