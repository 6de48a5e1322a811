package kwibbet.formats.csv;

import java.util.ArrayList;
import java.util.List;

import kwibbet.kit.Good;
import kwibbet.kit.KitSupplies;
import kwibbet.kit.Purchase;
import kwibbet.measure.MeasureSystem;

/** Writes what a kit takes, one thing a line. */
public final class SuppliesCsv {

    private static final List<String> TITLES = List.of("what", "need", "for others", "on hand", "buy");

    private SuppliesCsv() {}

    /**
     * Papers, then tapes, then the rest.
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
        supplies.tapes()
                .forEach(each -> lines.add(List.of(
                        each.tape().words(system),
                        each.need(),
                        each.reserved(),
                        each.onHand().map(Object::toString).orElse(""),
                        each.onHand().isPresent() ? each.missing() : "")));
        for (Good other : supplies.others()) {
            lines.add(List.of(other.need().name(), other.need().amount(system).text(), "", "", ""));
        }
        supplies.extras()
                .forEach(each -> lines.add(List.of(
                        each.extra().name(),
                        each.purchase().need(),
                        "",
                        "",
                        each.purchase().missing())));
        return CsvList.write(TITLES, lines, line -> line);
    }
}
