package kwibbet.formats.csv;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;

import kwibbet.kit.KitSupplies;
import kwibbet.kit.Purchase;
import kwibbet.measure.MeasureSystem;

/** Writes what a kit takes, one thing a line. */
public final class SuppliesCsv {

    private static final List<String> TITLES = List.of("what", "need", "for others", "on hand", "buy");

    private SuppliesCsv() {}

    /**
     * Papers, then the rest.
     *
     * @param supplies what it takes
     * @param system what sizes and lengths are said in
     */
    public static String write(KitSupplies supplies, MeasureSystem system) {
        List<List<?>> lines = new ArrayList<>();
        supplies.papers().forEach(each -> {
            Purchase purchase = each.purchase();
            lines.add(List.of(
                    each.paper().name(), purchase.need(), purchase.reserved(), purchase.onHand(), purchase.missing()));
        });
        for (KitSupplies.Needed each : supplies.goods()) {
            Purchase purchase = each.purchase();
            lines.add(List.of(
                    each.goods().words(system).text(),
                    figure(each, purchase.need(), system),
                    figure(each, purchase.reserved(), system),
                    each.isKept() ? figure(each, purchase.onHand(), system) : "",
                    figure(each, purchase.missing(), system)));
        }
        return CsvList.write(TITLES, lines, line -> line);
    }

    private static Object figure(KitSupplies.Needed needed, BigDecimal amount, MeasureSystem system) {
        return CsvList.figure(needed.goods(), amount.longValueExact(), system);
    }
}
