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
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import kwibbet.app.store.DesignStore;
import kwibbet.app.store.Inventory;
import kwibbet.app.store.Stockroom;
import kwibbet.app.store.Stockroom.Booked;
import kwibbet.app.store.StoredDesign;
import kwibbet.app.store.Workshop;
import kwibbet.app.web.Entries;
import kwibbet.drawing.Drawing;
import kwibbet.layout.SheetPlan;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.paper.Offcut;
import kwibbet.paper.OffcutId;
import kwibbet.paper.Paper;
import kwibbet.paper.PaperShelf;
import kwibbet.picture.OffcutPicture;
import kwibbet.shape.Size;
import kwibbet.stock.BookingKey;
import kwibbet.stock.Shortage;

/** The drawer: what is left of earlier runs, put in by hand or by cutting a run, taken out one by one. */
@Controller
@RequestMapping("/offcuts")
class OffcutsController {

    private final Inventory inventory;
    private final DesignStore designs;
    private final Workshop workshop;
    private final Stockroom stockroom;

    OffcutsController(Inventory inventory, DesignStore designs, Workshop workshop, Stockroom stockroom) {
        this.stockroom = stockroom;
        this.inventory = inventory;
        this.designs = designs;
        this.workshop = workshop;
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
            Outcome<Offcut> offcut =
                    new Offcut(inventory.newOffcutId(), paper.orElseThrow().id(), size, count).checked();
            entries.refuse(offcut.reasons());
            return entries.areGood() ? Optional.of(offcut.orThrow()) : Optional.empty();
        }
        return Optional.empty();
    }

    /**
     * The sheets of a run have been cut: they are taken off the shelf, and what is worth keeping goes into the drawer.
     *
     * @param key the key shown with the sheets, under which they are booked once
     * @param found whether what there is too little of was found on the shelf
     */
    @PostMapping("/from/{card}")
    String cut(
            @PathVariable String card,
            @RequestParam Optional<BookingKey> key,
            @RequestParam(defaultValue = "false") boolean found,
            Model model,
            HttpServletResponse response,
            RedirectAttributes after) {
        StoredDesign stored = designs.get(card);
        SheetPlan plan = workshop.settled(stored.design()).plan().sheets();
        BookingKey once = key.orElseGet(() -> stockroom.nextCut(card));
        Booked booked = stockroom.cut(once, card, stored.design().name(), plan, found);
        if (booked instanceof Stockroom.TooFew few) {
            response.setStatus(HttpStatus.CONFLICT.value());
            model.addAttribute("name", stored.design().name());
            model.addAttribute("card", card);
            model.addAttribute("key", once.value());
            model.addAttribute("shortages", said(few.shortages()));
            model.addAttribute("system", inventory.studio().system());
            return "offcuts/short";
        }
        after.addFlashAttribute(
                booked instanceof Stockroom.Already ? "already" : "cut",
                stored.design().name());
        after.addFlashAttribute("key", once.value());
        return "redirect:/offcuts";
    }

    /**
     * A shortage as it is said.
     *
     * @param shortage what there is too little of
     * @param paper what the paper is called
     */
    record Said(Shortage shortage, String paper) {}

    private List<Said> said(List<Shortage> shortages) {
        PaperShelf shelf = inventory.shelf();
        return shortages.stream()
                .map(each -> new Said(
                        each, shelf.find(each.item().paper()).map(Paper::name).orElse("a paper that is gone")))
                .toList();
    }

    /** What was booked is taken back, once. */
    @PostMapping("/back")
    String back(@RequestParam BookingKey key, RedirectAttributes after) {
        Booked booked = stockroom.takeBack(key);
        after.addFlashAttribute(
                "back",
                booked instanceof Stockroom.Done
                        ? "It is taken back: the sheets are on the shelf again, and the drawer is as it was."
                        : booked instanceof Stockroom.Already
                                ? "It was taken back already; nothing was booked twice."
                                : "It cannot be taken back: what it brought is used since.");
        return "redirect:/offcuts";
    }

    @PostMapping("/{id}/take")
    String takeOne(@PathVariable OffcutId id, @RequestParam Optional<BookingKey> key) {
        stockroom.takeOne(key.orElseGet(Stockroom::newKey), id);
        return "redirect:/offcuts";
    }
}
