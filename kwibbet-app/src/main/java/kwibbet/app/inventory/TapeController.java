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
import kwibbet.app.store.Stockroom.Booked;
import kwibbet.app.web.CsvDownload;
import kwibbet.app.web.Entries;
import kwibbet.card.Tape;
import kwibbet.formats.csv.StockCsv;
import kwibbet.measure.Figure;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.stock.Booking;
import kwibbet.stock.BookingKey;
import kwibbet.stock.Reason;
import kwibbet.stock.StockItem;

/** What there is of tape, what came and went of it, and booking what comes and goes. */
@Controller
@RequestMapping("/inventory/tape")
class TapeController {

    private static final Length HIGHEST = Length.ofInches(1);
    /** Two miles of it. */
    private static final Length LONGEST = Length.ofInches(126_720);

    private final Inventory inventory;
    private final Stockroom stockroom;
    private final MovementLines lines;

    TapeController(Inventory inventory, Stockroom stockroom, MovementLines lines) {
        this.inventory = inventory;
        this.stockroom = stockroom;
        this.lines = lines;
    }

    /**
     * A tape as it is shown.
     *
     * @param name what it is called
     * @param high how high it is, as it is typed; nothing for flat tape
     * @param onHand how much there is
     */
    record Line(String name, String high, Length onHand) {
        static Line of(Stockroom.TapeOnHand kept, MeasureSystem system) {
            return new Line(kept.tape().words(system), TapeController.high(kept.tape(), system), kept.onHand());
        }
    }

    private static String high(Tape tape, MeasureSystem system) {
        return tape instanceof Tape.Foam foam ? Figure.entry(foam.height(), system) : "";
    }

    /**
     * All tapes, and what came and went of one.
     *
     * @param high how high the one is; nothing for flat tape
     */
    @GetMapping
    String show(@RequestParam(defaultValue = "") String high, Model model) {
        Entries entries = Entries.of(Map.of("high", high));
        return page(tape(entries, inventory.studio().system()), entries, model);
    }

    private String page(Tape chosen, Entries entries, Model model) {
        MeasureSystem system = inventory.studio().system();
        List<Stockroom.TapeOnHand> kept = stockroom.tapes();
        model.addAttribute(
                "tapes", kept.stream().map(each -> Line.of(each, system)).toList());
        model.addAttribute("chosen", chosen.words(system));
        model.addAttribute("high", high(chosen, system));
        model.addAttribute("lines", lines.of(stockroom.entries(chosen), system));
        model.addAttribute("entries", entries);
        model.addAttribute("newKey", Stockroom.newKey().value());
        model.addAttribute("reasons", List.of(Reason.BOUGHT, Reason.COUNTED, Reason.SPOILT));
        model.addAttribute("system", system);
        return "inventory/tape";
    }

    private static Tape tape(Entries entries, MeasureSystem system) {
        if (entries.words("high").isEmpty()) {
            return new Tape.Flat();
        }
        Length height = entries.length("high", system);
        if (!entries.areGood() || !height.isPositive() || height.isLongerThan(HIGHEST)) {
            entries.refuse("high", "Foam tape is more than 0 and at most " + Figure.of(HIGHEST, system) + " high.");
            return new Tape.Flat();
        }
        return new Tape.Foam(height);
    }

    /** Tape was bought, counted or spoilt. */
    @PostMapping
    String book(
            @RequestParam Map<String, String> typed,
            @RequestParam Optional<BookingKey> key,
            Model model,
            HttpServletResponse response,
            RedirectAttributes after) {
        MeasureSystem system = inventory.studio().system();
        Entries entries = Entries.of(typed);
        Tape tape = tape(entries, system);
        Length length = entries.length("length", system);
        Reason reason = entries.choice("reason", Reason.class);
        boolean isTooLittle = length.isNegative() || (length.isZero() && reason != Reason.COUNTED);
        if (entries.areGood() && (isTooLittle || length.isLongerThan(LONGEST))) {
            entries.refuse("length", "It must be more than 0 and at most " + Figure.of(LONGEST, system) + ".");
        }
        if (entries.areGood()
                && booked(key.orElseGet(Stockroom::newKey), tape, reason, length) instanceof Stockroom.TooFew few) {
            Length onHand = Length.ofTicks(few.shortages().get(0).onHand());
            entries.refuse("length", "There is only " + Figure.of(onHand, system) + " on hand.");
        }
        if (!entries.areGood()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return page(tape, entries, model);
        }
        return pageOf(tape, system, after);
    }

    private static String pageOf(Tape tape, MeasureSystem system, RedirectAttributes after) {
        if (tape instanceof Tape.Foam) {
            after.addAttribute("high", high(tape, system));
        }
        return "redirect:/inventory/tape";
    }

    private Booked booked(BookingKey key, Tape tape, Reason reason, Length length) {
        StockItem item = new StockItem.Taped(tape);
        if (reason == Reason.COUNTED) {
            return stockroom.count(key, item, length.toTicks());
        }
        long more = reason == Reason.SPOILT ? -length.toTicks() : length.toTicks();
        return stockroom.book(Booking.of(key, reason.words(), item, more, reason));
    }

    /** What was booked is taken back, once. */
    @PostMapping("/back")
    String back(@RequestParam BookingKey key, @RequestParam(defaultValue = "") String high, RedirectAttributes after) {
        if (stockroom.takeBack(key) instanceof Stockroom.TooFew) {
            after.addFlashAttribute("problem", "It cannot be taken back: what it brought is used since.");
        }
        MeasureSystem system = inventory.studio().system();
        return pageOf(tape(Entries.of(Map.of("high", high)), system), system, after);
    }

    /** The movements of one tape as CSV. */
    @GetMapping(path = "/movements.csv", produces = "text/csv")
    ResponseEntity<String> csv(@RequestParam(defaultValue = "") String high) {
        MeasureSystem system = inventory.studio().system();
        Tape tape = tape(Entries.of(Map.of("high", high)), system);
        return CsvDownload.of("tape", StockCsv.write(stockroom.entries(tape), system));
    }
}
