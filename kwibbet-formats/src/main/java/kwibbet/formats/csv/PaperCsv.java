package kwibbet.formats.csv;

import java.math.BigDecimal;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Stream;

import kwibbet.measure.Figure;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.paper.Colour;
import kwibbet.paper.Grain;
import kwibbet.paper.Paper;
import kwibbet.paper.PaperId;
import kwibbet.paper.PaperKind;
import kwibbet.paper.PaperShelf;
import kwibbet.paper.Pattern;
import kwibbet.shape.Size;

/** Writes and reads papers, one a line. */
public final class PaperCsv {

    private enum Column {
        NAME,
        KIND,
        WIDTH,
        HEIGHT,
        UNIT,
        COLOUR,
        PATTERN,
        GRAIN,
        WEIGHT,
        CALIPER,
        ON_HAND,
        PRICE,
        MARGIN,
        SIZE_OF,
        OTHER_FACE,
        OTHER_PATTERN
    }

    private final Map<String, Paper> known = new HashMap<>();
    private final Supplier<PaperId> newId;

    private PaperCsv(PaperShelf shelf, Supplier<PaperId> newId) {
        shelf.papers().forEach(paper -> known.put(paper.name(), paper));
        this.newId = newId;
    }

    /** The papers of a shelf, a line each after a line of titles. */
    public static String write(PaperShelf shelf) {
        List<String> titles = Stream.of(Column.values()).map(CsvLine::word).toList();
        return CsvList.write(titles, shelf.papers(), paper -> line(paper, shelf));
    }

    private static List<Object> line(Paper paper, PaperShelf shelf) {
        MeasureSystem system = paper.system();
        return List.of(
                paper.name(),
                CsvLine.word(paper.kind()),
                Figure.entry(paper.sheet().width(), system),
                Figure.entry(paper.sheet().height(), system),
                system.symbol(),
                paper.colour().hex(),
                CsvLine.word(paper.pattern()),
                CsvLine.word(paper.grain()),
                paper.gramsPerSquareMetre(),
                Figure.entry(paper.caliper(), MeasureSystem.METRIC),
                paper.onHand(),
                BigDecimal.valueOf(paper.cents(), 2),
                Figure.entry(paper.margin(), system),
                paper.sizeOf().flatMap(shelf::find).map(Paper::name).orElse(""),
                paper.face().isTwoFaced() ? paper.face().other().hex() : "",
                paper.face().isTwoFaced() ? CsvLine.word(paper.face().otherPattern()) : "");
    }

    /**
     * Reads papers; a line with the name of a paper on the shelf changes that paper, any other is a new one.
     *
     * @param text the document
     * @param shelf the papers there are
     * @param newId an id no paper has, a new one each time
     * @return the papers of the document, or what is wrong, each with its line and column
     */
    public static Outcome<List<Paper>> read(String text, PaperShelf shelf, Supplier<PaperId> newId) {
        PaperCsv reading = new PaperCsv(shelf, newId);
        return CsvList.read(text, reading::paper);
    }

    private Outcome<Paper> paper(CsvLine line) {
        String name = line.text(Column.NAME);
        MeasureSystem system = line.system(Column.UNIT);
        PaperId id = Optional.ofNullable(known.get(name)).map(Paper::id).orElseGet(newId);
        Colour colour = colour(line, Column.COLOUR, Colour.WHITE);
        Paper paper = new Paper(
                id,
                name,
                line.choice(Column.KIND, PaperKind.CARD_STOCK),
                new Paper.Format(
                        new Size(line.side(Column.WIDTH, system), line.side(Column.HEIGHT, system)),
                        system,
                        line.length(Column.MARGIN, system, "0")),
                face(line, colour),
                new Paper.Body(
                        line.choice(Column.GRAIN, Grain.UNKNOWN),
                        line.whole(Column.WEIGHT, "270"),
                        line.length(Column.CALIPER, MeasureSystem.METRIC, "0.3")),
                new Paper.Kept(line.whole(Column.ON_HAND, "0"), line.cents(Column.PRICE)),
                sizeOf(line));
        known.put(name, paper);
        return paper.checked();
    }

    private static Paper.Face face(CsvLine line, Colour colour) {
        Pattern pattern = line.choice(Column.PATTERN, Pattern.PLAIN);
        Paper.Face face = new Paper.Face(colour, pattern, colour(line, Column.OTHER_FACE, colour));
        return new Paper.Face(colour, pattern, face.other(), line.choice(Column.OTHER_PATTERN, face.otherPattern()));
    }

    private Optional<PaperId> sizeOf(CsvLine line) {
        String other = line.text(Column.SIZE_OF);
        Optional<PaperId> found = Optional.ofNullable(known.get(other)).map(Paper::id);
        if (!other.isEmpty() && found.isEmpty()) {
            line.refuse(Column.SIZE_OF, "There is no paper “" + other + "” before it.");
        }
        return other.isEmpty() ? Optional.empty() : found;
    }

    private static Colour colour(CsvLine line, Column column, Colour otherwise) {
        try {
            return new Colour(line.textOr(column, otherwise.hex()));
        } catch (IllegalArgumentException misread) {
            line.refuse(column, "It must be # and six hexadecimal digits.");
            return otherwise;
        }
    }
}
