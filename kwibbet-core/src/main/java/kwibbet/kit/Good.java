package kwibbet.kit;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;

import kwibbet.card.RunLine;
import kwibbet.card.SupplyList;
import kwibbet.kit.PriceList.Sold;

/**
 * Something besides paper that a kit uses up, and what it costs.
 *
 * @param need what, and how much for all bags
 * @param sold how it is sold; nothing where that is not known
 */
public record Good(SupplyList need, Optional<Sold> sold) {

    static List<Good> of(List<RunLine> lines, PriceList prices) {
        return SupplyList.of(lines).stream()
                .map(need -> new Good(need, prices.of(need)))
                .toList();
    }

    /** How many packs or rolls are begun; nothing where it is not known how it is sold. */
    public Optional<Long> packs() {
        return sold.map(each -> need.packs(each.pack()));
    }

    /** What whole packs cost, in hundredths; 0 where it is not known. */
    BigDecimal whole() {
        return sold.map(each -> BigDecimal.valueOf(Math.multiplyExact(need.packs(each.pack()), (long) each.cents())))
                .orElse(BigDecimal.ZERO);
    }

    /** What that share of them costs that is used, in hundredths; 0 where it is not known. */
    BigDecimal used() {
        return sold.map(each -> BigDecimal.valueOf(need.share(each.pack())).multiply(BigDecimal.valueOf(each.cents())))
                .orElse(BigDecimal.ZERO);
    }
}
