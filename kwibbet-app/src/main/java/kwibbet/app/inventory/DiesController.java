package kwibbet.app.inventory;

import java.io.IOException;
import java.util.LinkedHashMap;
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

import kwibbet.app.store.Inventory;
import kwibbet.app.store.StaleItemException;
import kwibbet.app.web.CsvDownload;
import kwibbet.app.web.Entries;
import kwibbet.app.web.Uploads;
import kwibbet.drawing.Drawing;
import kwibbet.formats.csv.DieCsv;
import kwibbet.outcome.Outcome;
import kwibbet.picture.DiePicture;
import kwibbet.shape.Size;
import kwibbet.tool.Die;
import kwibbet.tool.DieId;
import kwibbet.tool.Sides;

/** The dies: looking through them, laying them in one by one, as a nested set or from a list, taking them out. */
@Controller
@RequestMapping("/inventory/dies")
class DiesController {

    private static final String HOME = "redirect:/inventory/dies";

    private final Inventory inventory;

    DiesController(Inventory inventory) {
        this.inventory = inventory;
    }

    @GetMapping
    String show(@RequestParam(defaultValue = "") String die, Model model) {
        return page(die, Entries.none(), model);
    }

    private String page(String chosen, Entries entries, Model model) {
        List<Die> dies = inventory.toolbox().dies();
        Size frame = DiePicture.frame(dies);
        Map<String, Drawing> pictures = new LinkedHashMap<>();
        dies.forEach(die -> pictures.put(die.id().value(), DiePicture.of(die, frame)));
        Optional<Die> inHand = find(chosen);
        inHand.ifPresent(die -> model.addAttribute("inHand", die));
        model.addAttribute("dies", dies);
        model.addAttribute(
                "version", inHand.map(die -> inventory.versionOf(die.id())).orElse(-1L));
        model.addAttribute("pictures", pictures);
        model.addAttribute(
                "sample",
                inHand.orElse(StarterSet.dies(inventory.studio().system()).get(0)));
        model.addAttribute("entries", entries);
        model.addAttribute("looks", DieLook.all(inHand, inventory.outlines()));
        model.addAttribute("details", Die.Detail.values());
        model.addAttribute("edges", Sides.Pattern.values());
        model.addAttribute("system", inventory.studio().system());
        return "inventory/dies";
    }

    private Optional<Die> find(String id) {
        return inventory.toolbox().dies().stream()
                .filter(die -> die.id().value().equals(id))
                .findFirst();
    }

    @PostMapping("/starter-set")
    String layInStarterSet() {
        if (inventory.toolbox().dies().isEmpty()) {
            inventory.saveDies(StarterSet.dies(inventory.studio().system()));
        }
        return HOME;
    }

    @PostMapping
    String layIn(@RequestParam Map<String, String> typed, Model model, HttpServletResponse response) {
        return keep("", typed, model, response);
    }

    @PostMapping("/{id}")
    String change(
            @PathVariable String id,
            @RequestParam Map<String, String> typed,
            Model model,
            HttpServletResponse response) {
        // A die that was taken out in the meantime is not laid in again by an old page.
        return find(id).isPresent() ? keep(id, typed, model, response) : HOME;
    }

    private String keep(String chosen, Map<String, String> typed, Model model, HttpServletResponse response) {
        Entries entries = Entries.of(typed);
        DieId first = chosen.isEmpty() ? inventory.newDieId() : new DieId(chosen);
        List<Die> dies = DieForm.read(
                first,
                entries,
                inventory.studio().system(),
                said -> DieLook.of(said, find(chosen), inventory.outlines()),
                inventory::newDieId);
        if (dies.isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return page(chosen, entries, model);
        }
        try {
            if (chosen.isEmpty()) {
                inventory.saveDies(dies);
            } else {
                inventory.saveDies(dies, entries.version());
            }
            return HOME;
        } catch (StaleItemException elsewhere) {
            response.setStatus(HttpStatus.CONFLICT.value());
            entries.refuse("version", Entries.STALE);
            return page(chosen, entries, model);
        }
    }

    /** All dies as CSV. */
    @GetMapping(path = "/dies.csv", produces = "text/csv")
    ResponseEntity<String> csv() {
        return CsvDownload.of("dies", DieCsv.write(inventory.toolbox().dies()));
    }

    /** Lays in the dies of a CSV file, all of them or none. */
    @PostMapping("/csv")
    String readCsv(@RequestParam MultipartFile file, Model model, HttpServletResponse response) throws IOException {
        Outcome<List<Die>> dies = Uploads.text(file)
                .then(text -> DieCsv.read(text, inventory.toolbox().dies(), inventory::newDieId));
        if (dies instanceof Outcome.Made<List<Die>> made) {
            inventory.saveDies(made.value());
            return HOME;
        }
        model.addAttribute("csvReasons", dies.reasons());
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        return page("", Entries.none(), model);
    }

    /** A second die like one that is there, in hand to be changed. */
    @PostMapping("/{id}/duplicate")
    String duplicate(@PathVariable String id) {
        Optional<Die> copy = find(id).map(die -> die.copied(inventory.newDieId()));
        copy.ifPresent(inventory::save);
        return copy.map(die -> HOME + "?die=" + die.id().value()).orElse(HOME);
    }

    @PostMapping("/{id}/remove")
    String takeOut(@PathVariable String id) {
        inventory.remove(new DieId(id));
        return HOME;
    }
}
