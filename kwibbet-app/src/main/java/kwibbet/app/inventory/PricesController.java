package kwibbet.app.inventory;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
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

import kwibbet.app.store.DesignStore;
import kwibbet.app.store.Inventory;
import kwibbet.app.store.Prices;
import kwibbet.app.store.Stockroom;
import kwibbet.app.store.Workshop;
import kwibbet.app.web.Entries;
import kwibbet.app.web.Markup;
import kwibbet.card.Supply;
import kwibbet.card.SupplyList;
import kwibbet.kit.PriceList;
import kwibbet.kit.PriceList.Sold;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;

/** What tape, findings, cord and filler cost: everything that a card on the shelf uses up, or that is kept. */
@Controller
@RequestMapping("/inventory/prices")
class PricesController {

    private final DesignStore designs;
    private final Workshop workshop;
    private final Stockroom stockroom;
    private final Inventory inventory;
    private final Prices prices;

    PricesController(DesignStore designs, Workshop workshop, Stockroom stockroom, Inventory inventory, Prices prices) {
        this.designs = designs;
        this.workshop = workshop;
        this.stockroom = stockroom;
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
                    sold.map(each -> typed(each.pack().total(), system)).orElse(""),
                    unit(thing.total(), system),
                    sold.map(each -> Markup.money(each.cents())).orElse(""));
        }

        /** What it is called. */
        public String name() {
            return thing.name();
        }

        private static String typed(Supply.Amount pack, MeasureSystem system) {
            if (pack instanceof Supply.OfTape tape) {
                return Markup.entry(tape.length(), system);
            }
            if (pack instanceof Supply.OfLength length) {
                return Markup.entry(length.length(), system);
            }
            if (pack instanceof Supply.OfCount count) {
                return String.valueOf(count.count());
            }
            return BigDecimal.valueOf(((Supply.OfVolume) pack).in(system))
                    .setScale(2, RoundingMode.HALF_UP)
                    .stripTrailingZeros()
                    .toPlainString();
        }

        private static String unit(Supply.Amount amount, MeasureSystem system) {
            if (amount instanceof Supply.OfCount) {
                return "pieces";
            }
            if (amount instanceof Supply.OfVolume) {
                return system == MeasureSystem.INCH ? "cu in" : "ml";
            }
            return system.symbol();
        }
    }

    private List<Line> lines() {
        MeasureSystem system = inventory.studio().system();
        PriceList known = prices.all();
        Map<String, SupplyList> things = new LinkedHashMap<>();
        stockroom.tapes().forEach(each -> {
            SupplyList tape = new SupplyList(each.tape().words(system), new Supply.OfTape(each.tape(), Length.ZERO));
            things.putIfAbsent(Prices.key(tape), tape);
        });
        designs.all().forEach(each -> SupplyList.of(workshop.card(each.design()))
                .forEach(thing -> things.putIfAbsent(Prices.key(thing), thing)));
        known.sold().forEach(each -> things.putIfAbsent(Prices.key(each.pack()), each.pack()));
        return things.values().stream()
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
        MeasureSystem system = inventory.studio().system();
        if (like instanceof Supply.OfCount) {
            int count = entries.wholeNumber(field);
            if (count < 1) {
                entries.refuse(field, "A pack holds at least 1.");
            }
            return new Supply.OfCount(Math.max(1, count));
        }
        if (like instanceof Supply.OfVolume) {
            return Supply.OfVolume.of(number(entries, field), system);
        }
        Length length = entries.length(field, system);
        if (!length.isPositive()) {
            entries.refuse(field, "A roll is longer than 0.");
        }
        return like instanceof Supply.OfTape tape
                ? new Supply.OfTape(tape.tape(), length)
                : new Supply.OfLength(length);
    }

    private static double number(Entries entries, String field) {
        String words = entries.words(field).replace(',', '.');
        if (!words.matches("\\d{1,5}(\\.\\d{1,3})?") || Double.parseDouble(words) <= 0) {
            entries.refuse(field, "Enter how much is in it, more than 0, such as 120.");
            return 1;
        }
        return Double.parseDouble(words);
    }
}
