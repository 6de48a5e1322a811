package kwibbet.app.inventory;

import java.io.IOException;
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
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import kwibbet.app.store.Inventory;
import kwibbet.app.store.StaleItemException;
import kwibbet.app.web.CsvDownload;
import kwibbet.app.web.Entries;
import kwibbet.app.web.Uploads;
import kwibbet.formats.csv.PaperCsv;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.paper.Grain;
import kwibbet.paper.Paper;
import kwibbet.paper.PaperId;
import kwibbet.paper.PaperKind;
import kwibbet.paper.Pattern;

/** Paper: looking through it, laying it in, taking it out. */
@Controller
@RequestMapping("/inventory")
class InventoryController {

    private final Inventory inventory;
    private final PaperForm paperForm;

    InventoryController(Inventory inventory, PaperForm paperForm) {
        this.inventory = inventory;
        this.paperForm = paperForm;
    }

    @GetMapping
    String show(@RequestParam(defaultValue = "") String paper, Model model) {
        return page(paper, Entries.none(), model);
    }

    private String page(String chosen, Entries entries, Model model) {
        List<Paper> papers = inventory.shelf().papers();
        Optional<Paper> inHand = papers.stream()
                .filter(paper -> paper.id().value().equals(chosen))
                .findFirst();
        model.addAttribute("papers", papers);
        model.addAttribute(
                "version", inHand.map(paper -> inventory.versionOf(paper.id())).orElse(-1L));
        inHand.ifPresent(paper -> model.addAttribute("inHand", paper));
        model.addAttribute("sample", inHand.orElseGet(() -> StarterSet.sample(inventory.studio(), papers)));
        model.addAttribute("entries", entries);
        model.addAttribute("kinds", PaperKind.values());
        model.addAttribute("patterns", Pattern.values());
        model.addAttribute("grains", Grain.values());
        model.addAttribute("system", inventory.studio().system());
        model.addAttribute("millimetres", MeasureSystem.METRIC);
        return "inventory/inventory";
    }

    @PostMapping("/starter-set")
    String layInStarterSet() {
        if (inventory.shelf().papers().isEmpty()) {
            inventory.savePapers(StarterSet.papers(inventory.studio()));
        }
        return "redirect:/inventory";
    }

    @PostMapping("/papers")
    String layIn(@RequestParam Map<String, String> typed, Model model, HttpServletResponse response) {
        return keep("", inventory.newPaperId(), typed, model, response);
    }

    @PostMapping("/papers/{id}")
    String change(
            @PathVariable PaperId id,
            @RequestParam Map<String, String> typed,
            Model model,
            HttpServletResponse response) {
        // A paper that was taken out in the meantime is not laid in again by an old page.
        return inventory.shelf().find(id).isPresent()
                ? keep(id.value(), id, typed, model, response)
                : "redirect:/inventory";
    }

    private String keep(
            String chosen, PaperId id, Map<String, String> typed, Model model, HttpServletResponse response) {
        Entries entries = Entries.of(typed);
        Optional<Paper> paper = paperForm.read(id, entries, inventory.shelf());
        if (paper.isPresent()) {
            try {
                if (chosen.isEmpty()) {
                    inventory.save(paper.get());
                } else {
                    inventory.save(paper.get(), entries.version(), onHandSeen(entries, paper.get()));
                }
                return "redirect:/inventory";
            } catch (StaleItemException elsewhere) {
                return stale(chosen, entries, model, response);
            }
        }
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        return page(chosen, entries, model);
    }

    /** How many sheets the page showed; as many as are kept where it showed none. */
    private static int onHandSeen(Entries entries, Paper paper) {
        String seen = entries.words("onHandSeen");
        return seen.matches("[0-9]{1,6}") ? Integer.parseInt(seen) : paper.onHand();
    }

    /** What was typed stands in its fields, upon the version that is there now: sent again, it is kept. */
    private String stale(String chosen, Entries entries, Model model, HttpServletResponse response) {
        response.setStatus(HttpStatus.CONFLICT.value());
        entries.refuse("version", Entries.STALE);
        return page(chosen, entries, model);
    }

    /** All papers as CSV. */
    @GetMapping(path = "/papers.csv", produces = "text/csv")
    ResponseEntity<String> csv() {
        return CsvDownload.of("paper", PaperCsv.write(inventory.shelf()));
    }

    /** Lays in the papers of a CSV file, all of them or none. */
    @PostMapping("/papers/csv")
    String readCsv(@RequestParam MultipartFile file, Model model, HttpServletResponse response) throws IOException {
        Outcome<List<Paper>> papers =
                Uploads.text(file).then(text -> PaperCsv.read(text, inventory.shelf(), inventory::newPaperId));
        if (papers instanceof Outcome.Made<List<Paper>> made) {
            inventory.savePapers(made.value());
            return "redirect:/inventory";
        }
        model.addAttribute("csvReasons", papers.reasons());
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        return page("", Entries.none(), model);
    }

    /** A second paper like one that is there, in hand to be changed. */
    @PostMapping("/papers/{id}/duplicate")
    String duplicate(@PathVariable PaperId id) {
        Optional<Paper> copy = inventory.shelf().find(id).map(paper -> paper.copied(inventory.newPaperId()));
        copy.ifPresent(inventory::save);
        return copy.map(paper -> "redirect:/inventory?paper=" + paper.id().value())
                .orElse("redirect:/inventory");
    }

    @PostMapping("/papers/{id}/remove")
    String takeOut(@PathVariable PaperId id, RedirectAttributes after) {
        List<String> cards = inventory.cardsMadeOf(id);
        if (cards.isEmpty()) {
            inventory.remove(id);
        } else {
            after.addFlashAttribute("inUse", "It stays: these cards are made of it: " + String.join(", ", cards) + ".");
        }
        return "redirect:/inventory";
    }
}
