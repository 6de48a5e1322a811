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
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import kwibbet.app.store.Inventory;
import kwibbet.app.store.Stockroom;
import kwibbet.app.store.Stockroom.Booked;
import kwibbet.app.web.CsvDownload;
import kwibbet.app.web.Entries;
import kwibbet.formats.csv.StockCsv;
import kwibbet.paper.Paper;
import kwibbet.paper.PaperId;
import kwibbet.stock.BookingKey;
import kwibbet.stock.Reason;
import kwibbet.stock.StockItem;

/** What came and went of a paper, and booking what comes and goes. */
@Controller
@RequestMapping("/inventory/papers/{id}")
class StockController {

    private static final int MOST = 100_000;

    private final Inventory inventory;
    private final Stockroom stockroom;
    private final MovementLines lines;

    StockController(Inventory inventory, Stockroom stockroom, MovementLines lines) {
        this.lines = lines;
        this.inventory = inventory;
        this.stockroom = stockroom;
    }

    @GetMapping("/movements")
    String show(@PathVariable PaperId id, Model model) {
        return page(id, Entries.none(), model);
    }

    private String page(PaperId id, Entries entries, Model model) {
        Optional<Paper> paper = inventory.shelf().find(id);
        if (paper.isEmpty()) {
            return "redirect:/inventory";
        }
        model.addAttribute("paper", paper.get());
        model.addAttribute("entries", entries);
        model.addAttribute("newKey", Stockroom.newKey().value());
        model.addAttribute("reasons", List.of(Reason.BOUGHT, Reason.COUNTED, Reason.SPOILT));
        model.addAttribute("lines", lines.of(stockroom.entries(id), paper.get().system()));
        return "inventory/movements";
    }

    /** Sheets were bought, counted or spoilt. */
    @PostMapping("/movements")
    String book(
            @PathVariable PaperId id,
            @RequestParam Map<String, String> typed,
            @RequestParam Optional<BookingKey> key,
            Model model,
            HttpServletResponse response) {
        Entries entries = Entries.of(typed);
        int sheets = entries.wholeNumber("sheets");
        Reason reason = entries.choice("reason", Reason.class);
        if (entries.areGood() && (sheets < 0 || sheets > MOST || (sheets == 0 && reason != Reason.COUNTED))) {
            entries.refuse("sheets", "It must be " + (reason == Reason.COUNTED ? "0" : "1") + " to " + MOST + ".");
        }
        if (entries.areGood()) {
            Booked booked = stockroom.said(key.orElseGet(Stockroom::newKey), new StockItem.Sheets(id), reason, sheets);
            if (booked instanceof Stockroom.TooFew few) {
                entries.refuse(
                        "sheets", "There are only " + few.shortages().get(0).onHand() + " on hand.");
            }
        }
        if (!entries.areGood()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return page(id, entries, model);
        }
        return "redirect:/inventory/papers/" + id.value() + "/movements";
    }

    /** What was booked is taken back, once. */
    @PostMapping("/movements/back")
    String back(@PathVariable PaperId id, @RequestParam BookingKey key, RedirectAttributes after) {
        if (stockroom.takeBack(key) instanceof Stockroom.TooFew) {
            after.addFlashAttribute("problem", "It cannot be taken back: what it brought is used since.");
        }
        return "redirect:/inventory/papers/" + id.value() + "/movements";
    }

    /** The movements as CSV. */
    @GetMapping(path = "/movements.csv", produces = "text/csv")
    ResponseEntity<String> csv(@PathVariable PaperId id) {
        return inventory
                .shelf()
                .find(id)
                .map(paper -> CsvDownload.of("movements", StockCsv.write(stockroom.entries(id), paper.system())))
                .orElseGet(() -> ResponseEntity.notFound().build());
    }
}
