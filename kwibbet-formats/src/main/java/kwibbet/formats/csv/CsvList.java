package kwibbet.formats.csv;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;

import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

import kwibbet.card.Supply;
import kwibbet.card.SupplyList;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.outcome.Refusal;
import kwibbet.stock.StockItem;

/** A list with a line of titles, as RFC 4180 writes it. */
final class CsvList {

    private static final int MOST_LINES = 2_000;
    private static final int LARGEST = 1_000_000;
    private static final int LONGEST_REASON = 200;

    private CsvList() {}

    /** A line of titles, then a line for each item. */
    static <T> String write(List<String> titles, List<T> items, Function<T, List<?>> line) {
        StringBuilder text = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(text, CSVFormat.RFC4180)) {
            printer.printRecord(titles);
            for (T item : items) {
                printer.printRecord(
                        line.apply(item).stream().map(CsvCell::written).toList());
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return text.toString();
    }

    /**
     * Reads a list.
     *
     * @param text the document
     * @param item what a line says; what is wrong is told to the line, a whole that cannot be is refused
     * @return the items, or everything that is wrong, each with its line and column
     */
    static <T> Outcome<List<T>> read(String text, Function<CsvLine, Outcome<T>> item) {
        if (text.length() > LARGEST) {
            return Outcome.refused("", "That is too long: up to 1 MB is read.");
        }
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreHeaderCase(true)
                .setTrim(true)
                .get();
        try (CSVParser parser =
                CSVParser.parse(new StringReader(text.startsWith("\uFEFF") ? text.substring(1) : text), format)) {
            return items(parser.getRecords(), item);
        } catch (IOException | IllegalArgumentException | UncheckedIOException misread) {
            String why = String.valueOf(misread.getMessage());
            String told = why.length() > LONGEST_REASON ? why.substring(0, LONGEST_REASON) + " …" : why;
            return Outcome.refused("", "This is not a list with a line of titles: " + told);
        }
    }

    /** So much of something, as it is counted: a number, an exact length with its unit, or a volume with its unit. */
    static Object figure(StockItem.Goods goods, long amount, MeasureSystem system) {
        SupplyList list = goods.list(amount, system);
        if (list.total() instanceof Supply.OfTape tape) {
            return tape.length();
        }
        if (list.total() instanceof Supply.OfLength length) {
            return length.length();
        }
        return list.total() instanceof Supply.OfCount count
                ? count.count()
                : list.amount(system).text();
    }

    private static <T> Outcome<List<T>> items(List<CSVRecord> lines, Function<CsvLine, Outcome<T>> item) {
        if (lines.size() > MOST_LINES) {
            return Outcome.refused("", "Up to " + MOST_LINES + " lines are read.");
        }
        List<T> items = new ArrayList<>();
        List<Refusal> refusals = new ArrayList<>();
        for (CSVRecord line : lines) {
            CsvLine reading = new CsvLine(line, refusals);
            int before = refusals.size();
            Outcome<T> outcome = item.apply(reading);
            if (outcome instanceof Outcome.Made<T> made) {
                items.add(made.value());
            } else if (refusals.size() == before) {
                outcome.reasons().forEach(reason -> refusals.add(new Refusal(reading.at(), reason.message())));
            }
        }
        return refusals.isEmpty() ? Outcome.made(items) : Outcome.refused(refusals);
    }
}
