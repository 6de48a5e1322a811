package kwibbet.formats.csv;

import java.util.List;

import kwibbet.measure.Figure;
import kwibbet.measure.MeasureSystem;
import kwibbet.stock.StockEntry;
import kwibbet.stock.StockItem;

/** Writes the movements of a paper, a tape or whatever else is kept, one a line. */
public final class StockCsv {

    private static final List<String> TITLES = List.of("time", "of", "change", "on hand", "why", "what", "booking");

    private StockCsv() {}

    /**
     * The movements as they are given.
     *
     * @param entries the movements
     * @param system what sizes of leftovers, lengths and volumes are said in
     */
    public static String write(List<StockEntry> entries, MeasureSystem system) {
        return CsvList.write(
                TITLES,
                entries,
                entry -> List.of(
                        entry.at(),
                        of(entry.movement().item(), system),
                        figure(entry.movement().item(), entry.movement().amount(), system),
                        figure(entry.movement().item(), entry.onHand(), system),
                        entry.movement().reason().words(),
                        entry.what(),
                        entry.booking().value()));
    }

    private static String of(StockItem item, MeasureSystem system) {
        return item instanceof StockItem.Leftovers left
                ? Figure.of(left.size().width(), system) + " × "
                        + Figure.of(left.size().height(), system)
                : item.words(system).text();
    }

    private static Object figure(StockItem item, long amount, MeasureSystem system) {
        return item instanceof StockItem.Goods goods ? CsvList.figure(goods, amount, system) : (Object) amount;
    }
}
