package kwibbet.app.inventory;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Stream;

import kwibbet.app.store.Studio;
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

/** Plain papers and dies to start with, for a maker who has entered none; weights and calipers are common practice, no source. */
public final class StarterSet {

    private static final String WHITE = "#fbfaf6";

    /** Colours that can be told apart, for papers whose own is not entered yet. */
    private static final List<String> COLOURS = List.of(
            "#8fa9c4", "#d9a05b", "#7f9a72", "#b56b5e", "#9b86ad", "#d8c06a", "#5f8f96", "#c98aa0", "#6d7486",
            "#a98d6c");

    private static final Size A4 = SheetSizes.of(SheetSizes.Family.A, 4);

    private StarterSet() {}

    /** The papers, in the sheets and the unit of the studio. */
    public static List<Paper> papers(Studio studio) {
        MeasureSystem system = studio.system();
        return studio.sheets() == Studio.Sheets.LETTER
                ? List.of(
                        stock("white-letter", "White card stock, letter", WHITE, SheetSizes.LETTER, system),
                        stock("white-square", "White card stock, 12 × 12", WHITE, SheetSizes.TWELVE_SQUARE, system),
                        stock("brown-square", "Brown card stock, 12 × 12", "#b9946a", SheetSizes.TWELVE_SQUARE, system),
                        film("Clear film, letter", SheetSizes.LETTER, system),
                        stock("white-a4", "White card stock, A4", WHITE, A4, MeasureSystem.METRIC))
                : List.of(
                        stock("white-a4", "White card stock, A4", WHITE, A4, system),
                        stock("brown-a4", "Brown card stock, A4", "#b9946a", A4, system),
                        stock("blue-a4", "Blue card stock, A4", COLOURS.get(0), A4, system),
                        film("Clear film, A4", A4, system),
                        stock(
                                "white-a3",
                                "White card stock, A3",
                                WHITE,
                                SheetSizes.of(SheetSizes.Family.A, 3),
                                system));
    }

    /** What the form of a new paper shows: a common sheet in a colour of its own. */
    static Paper sample(Studio studio, List<Paper> papers) {
        String colour = COLOURS.stream()
                .filter(each ->
                        papers.stream().noneMatch(paper -> paper.colour().hex().equals(each)))
                .findFirst()
                .orElse(COLOURS.get(papers.size() % COLOURS.size()));
        Size sheet = studio.sheets() == Studio.Sheets.LETTER ? SheetSizes.LETTER : A4;
        return stock("sample", "", colour, sheet, studio.system());
    }

    /** Plain nested circles and rectangles, as many makers have them, round in the unit of the studio. */
    static List<Die> dies(MeasureSystem system) {
        Length one = Length.ofInches(1);
        Size rectangle = new Size(system.usual(Length.ofInches(3, 2)), system.usual(Length.ofInches(2)));
        Size circle = new Size(system.usual(one), system.usual(one));
        return Stream.of(
                        nested("Circle", CutShape.Kind.OVAL, circle, system),
                        nested("Rectangle", CutShape.Kind.RECTANGLE, rectangle, system))
                .flatMap(List::stream)
                .toList();
    }

    private static List<Die> nested(String name, CutShape.Kind kind, Size smallest, MeasureSystem system) {
        Die first = new Die(
                new DieId("starter-" + name.toLowerCase(Locale.ROOT)),
                name,
                new CutShape(kind, smallest),
                system.usual(Length.ofInches(1, 16)),
                Die.Detail.PLAIN,
                Sides.STRAIGHT,
                name + "s",
                1);
        AtomicInteger next = new AtomicInteger();
        Length step = system == MeasureSystem.INCH ? Length.ofInches(1, 2) : Length.ofMillimetres(10);
        return first.nested(
                step,
                system.usual(Length.ofInches(4)),
                () -> new DieId(first.id().value() + "-" + next.incrementAndGet()));
    }

    private static Paper stock(String id, String name, String colour, Size sheet, MeasureSystem system) {
        return paper(id, name, PaperKind.CARD_STOCK, sheet, system, colour, 270, Length.ofMillimetres(3, 10), 25);
    }

    private static Paper film(String name, Size sheet, MeasureSystem system) {
        return paper("film", name, PaperKind.FILM, sheet, system, "#e4f0f4", 140, Length.ofMillimetres(1, 10), 10);
    }

    private static Paper paper(
            String id,
            String name,
            PaperKind kind,
            Size sheet,
            MeasureSystem system,
            String colour,
            int weight,
            Length caliper,
            int onHand) {
        return new Paper(
                new PaperId("starter-" + id),
                name,
                kind,
                new Paper.Format(sheet, system, Length.ZERO),
                new Paper.Face(new Colour(colour), Pattern.PLAIN),
                new Paper.Body(Grain.UNKNOWN, weight, caliper),
                new Paper.Kept(onHand, 0),
                Optional.empty());
    }
}
