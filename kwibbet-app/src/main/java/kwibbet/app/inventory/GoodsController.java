package kwibbet.app.inventory;

import java.util.List;
import java.util.Map;
import java.util.Optional;

import jakarta.servlet.http.HttpServletResponse;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import kwibbet.app.store.Inventory;
import kwibbet.app.store.Stockroom;
import kwibbet.app.web.CsvDownload;
import kwibbet.app.web.Entries;
import kwibbet.app.web.FileNames;
import kwibbet.card.Supply;
import kwibbet.card.SupplyList;
import kwibbet.card.Tape;
import kwibbet.formats.csv.StockCsv;
import kwibbet.measure.Figure;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.stock.BookingKey;
import kwibbet.stock.Reason;
import kwibbet.stock.StockItem;
import kwibbet.stock.StockItem.Goods;
import kwibbet.wording.Phrase;

/** What there is of tape, findings, cord, filler and the like, what came and went of it, and booking what comes and goes. */
@Controller
@RequestMapping("/inventory/goods")
class GoodsController {

    /** Foam tape of a height that is typed. */
    private static final String FOAM = "foam";
    /** Something by the piece, whose name is typed. */
    private static final String OTHER = "other";

    private static final Goods FLAT = new StockItem.Taped(new Tape.Flat());
    private static final Length HIGHEST = Length.ofInches(1);
    private static final int LONGEST_NAME = 60;

    private final Inventory inventory;
    private final Stockroom stockroom;
    private final UsedUp usedUp;
    private final MovementLines lines;

    GoodsController(Inventory inventory, Stockroom stockroom, UsedUp usedUp, MovementLines lines) {
        this.inventory = inventory;
        this.stockroom = stockroom;
        this.usedUp = usedUp;
        this.lines = lines;
    }

    /**
     * Something that is kept, or could be.
     *
     * @param key names it in an address
     * @param name what it is called
     * @param onHand how much there is; nothing where it is not kept
     */
    record Line(String key, String name, Optional<Phrase> onHand) {
        static Line of(Goods goods, Optional<Long> onHand, MeasureSystem system) {
            return new Line(
                    Stockroom.keyOf(goods),
                    goods.words(system).text(),
                    onHand.map(amount -> goods.amount("", amount, system)));
        }
    }

    private MeasureSystem system() {
        return inventory.studio().system();
    }

    private Optional<Goods> find(String key) {
        return usedUp.all().stream()
                .filter(each -> Stockroom.keyOf(each).equals(key))
                .findFirst();
    }

    /** What an address names; flat tape where it names nothing that is there. */
    private Goods named(String key) {
        return find(key).orElse(FLAT);
    }

    /**
     * All goods, and what came and went of one.
     *
     * @param of which one
     */
    @GetMapping
    String show(@RequestParam(defaultValue = "") String of, Model model) {
        return page(named(of), Entries.none(), model);
    }

    private String page(Goods chosen, Entries entries, Model model) {
        MeasureSystem system = system();
        Map<Goods, Long> onHand = stockroom.onHand();
        List<Line> all = usedUp.all().stream()
                .map(each -> Line.of(each, Optional.ofNullable(onHand.get(each)), system))
                .toList();
        model.addAttribute(
                "kept", all.stream().filter(each -> each.onHand().isPresent()).toList());
        model.addAttribute("all", all);
        model.addAttribute("chosen", Line.of(chosen, Optional.empty(), system));
        model.addAttribute("lines", lines.of(stockroom.entries(chosen), system));
        model.addAttribute("entries", entries);
        model.addAttribute("newKey", Stockroom.newKey().value());
        model.addAttribute("reasons", List.of(Reason.BOUGHT, Reason.COUNTED, Reason.SPOILT));
        model.addAttribute("system", system);
        return "inventory/goods";
    }

    /** What is booked: one of those there are, foam tape of another height, or something by the piece. */
    private Goods booked(Entries entries) {
        String of = entries.words("of");
        if (of.equals(FOAM)) {
            Length height = entries.length("high", system());
            if (!entries.areGood() || !height.isPositive() || height.isLongerThan(HIGHEST)) {
                entries.refuse(
                        "high", "Foam tape is more than 0 and at most " + Figure.of(HIGHEST, system()) + " high.");
                return FLAT;
            }
            return new StockItem.Taped(new Tape.Foam(height));
        }
        if (of.equals(OTHER)) {
            String name = entries.words("name");
            if (name.isEmpty() || name.length() > LONGEST_NAME) {
                entries.refuse("name", "Say what it is, in 1 to " + LONGEST_NAME + " letters.");
            }
            return new StockItem.Named(name, StockItem.Measure.COUNT);
        }
        // Flat tape is always there; what is not any more must not be taken for it.
        Optional<Goods> known = of.equals(Stockroom.keyOf(FLAT)) ? Optional.of(FLAT) : find(of);
        if (known.isEmpty()) {
            entries.refuse("of", "That is not used up by anything any more: choose what it is.");
        }
        return known.orElse(FLAT);
    }

    /** Something was bought, counted or spoilt. */
    @PostMapping
    String book(
            @RequestParam Map<String, String> typed,
            @RequestParam Optional<BookingKey> key,
            Model model,
            HttpServletResponse response,
            RedirectAttributes after) {
        MeasureSystem system = system();
        Entries entries = Entries.of(typed);
        Goods goods = booked(entries);
        SupplyList like = goods.list(0, system);
        long amount =
                Goods.amountOf(new SupplyList(like.name(), AmountField.read(entries, "amount", like.total(), system)));
        Reason reason = entries.choice("reason", Reason.class);
        if (entries.areGood() && (amount < 0 || (amount == 0 && reason != Reason.COUNTED) || amount > most(goods))) {
            String most = goods.amount("", most(goods), system).text();
            entries.refuse("amount", "It must be more than 0 and at most " + most + ".");
        }
        if (entries.areGood()
                && stockroom.said(key.orElseGet(Stockroom::newKey), goods, reason, amount)
                        instanceof Stockroom.TooFew few) {
            String onHand =
                    goods.amount("", few.shortages().get(0).onHand(), system).text();
            entries.refuse("amount", "There is only " + onHand + " on hand.");
        }
        if (!entries.areGood()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return page(named(entries.words("of")), entries, model);
        }
        return pageOf(goods, after);
    }

    /** Two miles, a hundred thousand pieces, a hundred litres. */
    private static long most(Goods goods) {
        Supply.Amount most = goods.list(0, MeasureSystem.INCH).total();
        if (most instanceof Supply.OfCount) {
            return 100_000;
        }
        return most instanceof Supply.OfVolume
                ? 100_000_000L
                : Length.ofInches(126_720).toTicks();
    }

    private static String pageOf(Goods goods, RedirectAttributes after) {
        after.addAttribute("of", Stockroom.keyOf(goods));
        return "redirect:/inventory/goods";
    }

    /** What was booked is taken back, once. */
    @PostMapping("/back")
    String back(@RequestParam BookingKey key, @RequestParam(defaultValue = "") String of, RedirectAttributes after) {
        if (stockroom.takeBack(key) instanceof Stockroom.TooFew) {
            after.addFlashAttribute("problem", "It cannot be taken back: what it brought is used since.");
        }
        return pageOf(named(of), after);
    }

    /** What came and went of something, as CSV. */
    @GetMapping(path = "/movements.csv", produces = "text/csv")
    ResponseEntity<String> csv(@RequestParam(defaultValue = "") String of) {
        Goods goods = named(of);
        return CsvDownload.of(
                FileNames.of(goods.words(system()).text(), ""), StockCsv.write(stockroom.entries(goods), system()));
    }
}
