package kwibbet.kit;

import java.math.BigDecimal;
import java.util.ArrayList;
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

    static List<Good> of(Kit kit, List<RunLine> lines, PriceList prices) {
        List<Good> goods = new ArrayList<>();
        SupplyList.of(lines).forEach(need -> goods.add(new Good(need, prices.of(need))));
        for (Extra extra : kit.extras()) {
            SupplyList need = extra.list(kit.allBags());
            goods.add(new Good(need, extra.sold().or(() -> prices.of(need))));
        }
        return goods;
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
