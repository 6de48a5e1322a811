package kwibbet.formats.csv;

import java.util.List;

import kwibbet.measure.Figure;
import kwibbet.measure.MeasureSystem;
import kwibbet.shape.Size;
import kwibbet.stock.StockEntry;

/** Writes the movements of a paper, one a line. */
public final class StockCsv {

    private static final List<String> TITLES = List.of("time", "of", "change", "on hand", "why", "what", "booking");

    private StockCsv() {}

    /**
     * The movements as they are given.
     *
     * @param entries the movements
     * @param system what sizes of leftovers are said in
     */
    public static String write(List<StockEntry> entries, MeasureSystem system) {
        return CsvList.write(
                TITLES,
                entries,
                entry -> List.of(
                        entry.at(),
                        entry.movement()
                                .item()
                                .leftoverSize()
                                .map(size -> said(size, system))
                                .orElse("sheets"),
                        entry.movement().amount(),
                        entry.onHand(),
                        entry.movement().reason().words(),
                        entry.what(),
                        entry.booking().value()));
    }

    private static String said(Size size, MeasureSystem system) {
        return Figure.of(size.width(), system) + " × " + Figure.of(size.height(), system);
    }
}
