package kwibbet.app.inventory;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

import org.springframework.stereotype.Component;

import kwibbet.app.store.DesignStore;
import kwibbet.app.store.Kits;
import kwibbet.app.store.Prices;
import kwibbet.app.store.Stockroom;
import kwibbet.app.store.Workshop;
import kwibbet.card.SupplyList;
import kwibbet.kit.KitSupplies.Takes;
import kwibbet.stock.StockItem.Goods;

/** Everything besides paper that is kept, that a card on the shelf uses up, that goes into bags, or of which the price is known. */
@Component
class UsedUp {

    private final DesignStore designs;
    private final Workshop workshop;
    private final Kits kits;
    private final Stockroom stockroom;
    private final Prices prices;

    UsedUp(DesignStore designs, Workshop workshop, Kits kits, Stockroom stockroom, Prices prices) {
        this.kits = kits;
        this.designs = designs;
        this.workshop = workshop;
        this.stockroom = stockroom;
        this.prices = prices;
    }

    /** Each once: what is kept first. */
    List<Goods> all() {
        Set<Goods> all = new LinkedHashSet<>(stockroom.onHand().keySet());
        designs.all()
                .forEach(each -> SupplyList.of(workshop.card(each.design())).forEach(used -> all.add(Goods.of(used))));
        kits.all().forEach(each -> all.addAll(Takes.extras(each.kit()).goods().keySet()));
        prices.all().sold().forEach(each -> all.add(Goods.of(each.pack())));
        return new ArrayList<>(all);
    }
}
