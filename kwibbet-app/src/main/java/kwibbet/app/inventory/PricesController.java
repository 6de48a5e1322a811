package kwibbet.app.inventory;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import jakarta.servlet.http.HttpServletResponse;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import kwibbet.app.store.Inventory;
import kwibbet.app.store.Prices;
import kwibbet.app.web.Entries;
import kwibbet.app.web.Markup;
import kwibbet.card.Supply;
import kwibbet.card.SupplyList;
import kwibbet.kit.PriceList;
import kwibbet.kit.PriceList.Sold;
import kwibbet.measure.MeasureSystem;
import kwibbet.stock.StockItem;

/** What tape, findings, cord and filler cost: everything that a card on the shelf uses up, or that is kept. */
@Controller
@RequestMapping("/inventory/prices")
class PricesController {

    private final UsedUp usedUp;
    private final Inventory inventory;
    private final Prices prices;

    PricesController(UsedUp usedUp, Inventory inventory, Prices prices) {
        this.usedUp = usedUp;
        this.inventory = inventory;
        this.prices = prices;
    }

    /**
     * Something that is used up, as it is shown.
     *
     * @param key names it
     * @param thing what it is
     * @param pack how much is in a pack, as it is typed; empty where that is not known
     * @param unit what that is counted in
     * @param price what it costs, as it is typed
     */
    record Line(String key, SupplyList thing, String pack, String unit, String price) {
        static Line of(SupplyList thing, Optional<Sold> sold, MeasureSystem system) {
            return new Line(
                    Prices.key(thing),
                    thing,
                    sold.map(each -> AmountField.typed(each.pack().total(), system))
                            .orElse(""),
                    AmountField.unit(thing.total(), system),
                    sold.map(each -> Markup.money(each.cents())).orElse(""));
        }

        /** What it is called. */
        public String name() {
            return thing.name();
        }
    }

    private List<Line> lines() {
        MeasureSystem system = inventory.studio().system();
        PriceList known = prices.all();
        return usedUp.all().stream()
                .map(goods -> goods.list(0, system))
                .map(thing -> Line.of(thing, known.of(thing), system))
                .toList();
    }

    @GetMapping
    String show(Model model) {
        return page(Entries.none(), model);
    }

    private String page(Entries entries, Model model) {
        model.addAttribute("entries", entries);
        model.addAttribute("lines", lines());
        return "inventory/prices";
    }

    /** Keeps what was entered, line after line; a line without a pack or a price is one that is not known. */
    @PostMapping
    String keep(
            @RequestParam Map<String, String> typed,
            Model model,
            HttpServletResponse response,
            RedirectAttributes after) {
        Entries entries = Entries.of(typed);
        Map<String, SupplyList> things = new HashMap<>();
        lines().forEach(line -> things.put(line.key(), line.thing()));
        List<Sold> sold = new ArrayList<>();
        List<SupplyList> unknown = new ArrayList<>();
        for (int at = 0; entries.has("key-" + at); at++) {
            SupplyList thing = things.get(entries.words("key-" + at));
            if (thing == null) {
                continue;
            }
            if (entries.words("pack-" + at).isEmpty()
                    && entries.words("price-" + at).isEmpty()) {
                unknown.add(thing);
            } else {
                if (entries.words("price-" + at).isEmpty()) {
                    entries.refuse("price-" + at, "Enter what it costs, or leave both empty.");
                }
                sold.add(new Sold(
                        new SupplyList(thing.name(), pack(entries, "pack-" + at, thing.total())),
                        entries.cents("price-" + at)));
            }
        }
        if (!entries.areGood()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return page(entries, model);
        }
        unknown.forEach(prices::remove);
        sold.forEach(prices::keep);
        after.addFlashAttribute("said", "Kept. What kits cost follows.");
        return "redirect:/inventory/prices";
    }

    private Supply.Amount pack(Entries entries, String field, Supply.Amount like) {
        Supply.Amount pack =
                AmountField.read(entries, field, like, inventory.studio().system());
        if (StockItem.Goods.amountOf(new SupplyList("pack", pack)) <= 0) {
            entries.refuse(field, "More than 0 is in a pack or on a roll.");
        }
        return pack;
    }
}
