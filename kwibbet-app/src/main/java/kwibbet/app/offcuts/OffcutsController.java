package kwibbet.app.offcuts;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import jakarta.servlet.http.HttpServletResponse;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

import kwibbet.app.store.Inventory;
import kwibbet.app.store.Stockroom;
import kwibbet.app.web.Entries;
import kwibbet.drawing.Drawing;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.paper.Offcut;
import kwibbet.paper.OffcutId;
import kwibbet.paper.Paper;
import kwibbet.paper.PaperShelf;
import kwibbet.picture.OffcutPicture;
import kwibbet.shape.Size;
import kwibbet.stock.BookingKey;

/** The drawer: what is left of earlier runs, put in by hand, taken out one by one; runs that are cut fill it. */
@Controller
@RequestMapping("/offcuts")
class OffcutsController {

    private final Inventory inventory;
    private final Stockroom stockroom;

    OffcutsController(Inventory inventory, Stockroom stockroom) {
        this.stockroom = stockroom;
        this.inventory = inventory;
    }

    @GetMapping
    String show(Model model) {
        return page(Entries.none(), model);
    }

    private String page(Entries entries, Model model) {
        PaperShelf shelf = inventory.shelf();
        Map<Paper, List<Offcut>> byPaper = new LinkedHashMap<>();
        for (Paper paper : shelf.papers()) {
            List<Offcut> own = shelf.drawer().stream()
                    .filter(offcut -> offcut.paper().equals(paper.id()))
                    .toList();
            if (!own.isEmpty()) {
                byPaper.put(paper, own);
            }
        }
        Map<String, Drawing> pictures = new LinkedHashMap<>();
        shelf.drawer().forEach(offcut -> shelf.find(offcut.paper())
                .ifPresent(paper -> pictures.put(offcut.id().value(), OffcutPicture.of(offcut, paper))));
        model.addAttribute("drawer", byPaper);
        model.addAttribute("pictures", pictures);
        model.addAttribute("papers", shelf.papers());
        model.addAttribute("entries", entries);
        model.addAttribute("newKey", Stockroom.newKey().value());
        model.addAttribute("system", inventory.studio().system());
        return "offcuts/offcuts";
    }

    @PostMapping
    String putIn(
            @RequestParam Map<String, String> typed,
            @RequestParam Optional<BookingKey> key,
            Model model,
            HttpServletResponse response) {
        Entries entries = Entries.of(typed);
        Optional<Offcut> offcut = read(entries);
        if (offcut.isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return page(entries, model);
        }
        stockroom.putIn(key.orElseGet(Stockroom::newKey), offcut.get());
        return "redirect:/offcuts";
    }

    private Optional<Offcut> read(Entries entries) {
        Optional<Paper> paper = inventory.shelf().papers().stream()
                .filter(each -> each.id().value().equals(entries.words("paper")))
                .findFirst();
        if (paper.isEmpty()) {
            entries.refuse("paper", "Choose the paper it is of.");
        }
        MeasureSystem system = inventory.studio().system();
        Size size = new Size(entries.side("width", system), entries.side("height", system));
        int count = entries.wholeNumber("count");
        if (count < 1) {
            entries.refuse("count", "Put in at least one.");
        }
        if (entries.areGood()) {
            Outcome<Offcut> offcut = new Offcut(
                            inventory.newOffcutId(),
                            paper.orElseThrow(() ->
                                            new IllegalStateException("a paper that was not chosen was refused before"))
                                    .id(),
                            size,
                            count)
                    .checked();
            entries.refuse(offcut.reasons());
            return entries.areGood() ? Optional.of(offcut.orThrow()) : Optional.empty();
        }
        return Optional.empty();
    }

    @PostMapping("/{id}/take")
    String takeOne(@PathVariable OffcutId id, @RequestParam Optional<BookingKey> key) {
        stockroom.takeOne(key.orElseGet(Stockroom::newKey), id);
        return "redirect:/offcuts";
    }
}
