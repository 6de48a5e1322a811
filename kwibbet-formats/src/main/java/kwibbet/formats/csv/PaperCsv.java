package kwibbet.formats.csv;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;

import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

import kwibbet.measure.Figure;
import kwibbet.measure.Length;
import kwibbet.measure.LengthParseException;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.outcome.Refusal;
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

    private static final int MOST_LINES = 2_000;
    private static final int LARGEST = 1_000_000;

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
        SIZE_OF;

        private String title() {
            return word(this);
        }
    }

    private final Map<String, Paper> known = new HashMap<>();
    private final Supplier<PaperId> newId;
    private final List<Refusal> refusals = new ArrayList<>();

    private PaperCsv(PaperShelf shelf, Supplier<PaperId> newId) {
        shelf.papers().forEach(paper -> known.put(paper.name(), paper));
        this.newId = newId;
    }

    /** The papers of a shelf, a line each after a line of titles. */
    public static String write(PaperShelf shelf) {
        StringBuilder text = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(text, CSVFormat.RFC4180)) {
            List<String> titles = new ArrayList<>();
            for (Column column : Column.values()) {
                titles.add(column.title());
            }
            printer.printRecord(titles);
            for (Paper paper : shelf.papers()) {
                printer.printRecord(line(paper, shelf));
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return text.toString();
    }

    private static List<Object> line(Paper paper, PaperShelf shelf) {
        MeasureSystem system = paper.system();
        return List.of(
                paper.name(),
                word(paper.kind()),
                Figure.of(paper.sheet().width(), system).text(),
                Figure.of(paper.sheet().height(), system).text(),
                system.symbol(),
                paper.colour().hex(),
                word(paper.pattern()),
                word(paper.grain()),
                paper.gramsPerSquareMetre(),
                Figure.inMillimetres(paper.caliper()).text(),
                paper.onHand(),
                BigDecimal.valueOf(paper.cents(), 2),
                Figure.of(paper.margin(), system).text(),
                paper.sizeOf().flatMap(shelf::find).map(Paper::name).orElse(""));
    }

    private static String word(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT).replace('_', '-');
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
        if (text.length() > LARGEST) {
            return Outcome.refused("", "That is too long: up to 1 MB is read.");
        }
        PaperCsv reading = new PaperCsv(shelf, newId);
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreHeaderCase(true)
                .setTrim(true)
                .get();
        try (CSVParser parser =
                CSVParser.parse(new StringReader(text.startsWith("\uFEFF") ? text.substring(1) : text), format)) {
            return reading.papers(parser.getRecords());
        } catch (IOException | IllegalArgumentException | UncheckedIOException misread) {
            return Outcome.refused("", "This is not a list with a line of titles: " + misread.getMessage());
        }
    }

    private Outcome<List<Paper>> papers(List<CSVRecord> lines) {
        if (lines.size() > MOST_LINES) {
            return Outcome.refused("", "Up to " + MOST_LINES + " papers are read.");
        }
        List<Paper> papers = new ArrayList<>();
        for (CSVRecord line : lines) {
            int before = refusals.size();
            Paper paper = paper(line);
            String at = "line " + (line.getRecordNumber() + 1);
            if (refusals.size() == before) {
                paper.checked().reasons().forEach(reason -> refusals.add(new Refusal(at, reason.message())));
            }
            known.put(paper.name(), paper);
            papers.add(paper);
        }
        return refusals.isEmpty() ? Outcome.made(papers) : Outcome.refused(refusals);
    }

    private Paper paper(CSVRecord line) {
        String name = text(line, Column.NAME);
        MeasureSystem system = text(line, Column.UNIT).equals("mm") ? MeasureSystem.METRIC : MeasureSystem.INCH;
        PaperId id = Optional.ofNullable(known.get(name)).map(Paper::id).orElseGet(newId);
        Optional<PaperId> sizeOf = Optional.of(text(line, Column.SIZE_OF))
                .filter(other -> !other.isEmpty())
                .flatMap(other -> {
                    Optional<PaperId> found =
                            Optional.ofNullable(known.get(other)).map(Paper::id);
                    if (found.isEmpty()) {
                        refuse(line, Column.SIZE_OF, "There is no paper “" + other + "” before it.");
                    }
                    return found;
                });
        return new Paper(
                id,
                name,
                choice(line, Column.KIND, PaperKind.CARD_STOCK),
                new Size(side(line, Column.WIDTH, system), side(line, Column.HEIGHT, system)),
                system,
                colour(line),
                choice(line, Column.PATTERN, Pattern.PLAIN),
                choice(line, Column.GRAIN, Grain.UNKNOWN),
                whole(line, Column.WEIGHT, "270"),
                length(line, Column.CALIPER, MeasureSystem.METRIC, "0.3"),
                whole(line, Column.ON_HAND, "0"),
                cents(line),
                length(line, Column.MARGIN, system, "0"),
                sizeOf);
    }

    private static String text(CSVRecord line, Column column) {
        return line.isSet(column.title()) ? line.get(column.title()) : "";
    }

    private static String textOr(CSVRecord line, Column column, String otherwise) {
        String text = text(line, column);
        return text.isEmpty() ? otherwise : text;
    }

    private void refuse(CSVRecord line, Column column, String message) {
        refusals.add(new Refusal("line " + (line.getRecordNumber() + 1) + ", " + column.title(), message));
    }

    private <E extends Enum<E>> E choice(CSVRecord line, Column column, E otherwise) {
        String text = textOr(line, column, word(otherwise));
        List<String> words = new ArrayList<>();
        for (E each : otherwise.getDeclaringClass().getEnumConstants()) {
            if (word(each).equals(text)) {
                return each;
            }
            words.add(word(each));
        }
        refuse(line, column, "It must be one of: " + String.join(", ", words) + ".");
        return otherwise;
    }

    private Length side(CSVRecord line, Column column, MeasureSystem system) {
        Length side = length(line, column, system, "");
        if (!side.isPositive()) {
            refuse(line, column, "It must be more than 0.");
            return Length.ofInches(1);
        }
        return side;
    }

    private Length length(CSVRecord line, Column column, MeasureSystem system, String otherwise) {
        try {
            return Length.parse(textOr(line, column, otherwise), system);
        } catch (LengthParseException misread) {
            refuse(line, column, Optional.ofNullable(misread.getMessage()).orElse("It is no length."));
            return Length.ofInches(1);
        }
    }

    private int whole(CSVRecord line, Column column, String otherwise) {
        String text = textOr(line, column, otherwise);
        if (text.matches("[0-9]{1,9}")) {
            return Integer.parseInt(text);
        }
        refuse(line, column, "It must be a whole number.");
        return 0;
    }

    private int cents(CSVRecord line) {
        String text = textOr(line, Column.PRICE, "0");
        if (text.matches("[0-9]{1,6}([.][0-9]{1,2})?")) {
            return new BigDecimal(text)
                    .movePointRight(2)
                    .setScale(0, RoundingMode.UNNECESSARY)
                    .intValueExact();
        }
        refuse(line, Column.PRICE, "It must be an amount, as 0.45.");
        return 0;
    }

    private Colour colour(CSVRecord line) {
        try {
            return new Colour(textOr(line, Column.COLOUR, Colour.WHITE.hex()));
        } catch (IllegalArgumentException misread) {
            refuse(line, Column.COLOUR, "It must be # and six hexadecimal digits.");
            return Colour.WHITE;
        }
    }
}
