package kwibbet.app.print;

import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;

import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

import kwibbet.app.store.DesignStore;
import kwibbet.app.store.KeptRun;
import kwibbet.app.store.NoRoomException;
import kwibbet.app.store.Runs;
import kwibbet.app.store.StoredDesign;
import kwibbet.app.store.Workshop;
import kwibbet.app.web.FileNames;
import kwibbet.bench.RunPlan;
import kwibbet.formats.pdf.Handout;
import kwibbet.formats.pdf.PageFormat;
import kwibbet.formats.pdf.PageImages;
import kwibbet.formats.pdf.PrintPart;
import kwibbet.measure.MeasureSystem;
import kwibbet.tool.Hand;

/** What is printed of a card or a run: a page to pick it on, and the file. */
@Controller
class PrintController {

    private final DesignStore designs;
    private final Runs runs;
    private final Workshop workshop;

    PrintController(DesignStore designs, Runs runs, Workshop workshop) {
        this.designs = designs;
        this.runs = runs;
        this.workshop = workshop;
    }

    /**
     * Something that can be printed.
     *
     * @param part what it is
     * @param isPicked whether it is picked
     */
    public record Choice(PrintPart part, boolean isPicked) {}

    /**
     * What is picked for a page that is looked at.
     *
     * @param format the page
     * @param parts what is printed; nothing where all was taken away
     */
    private record Picked(PageFormat format, Set<PrintPart> parts) {

        String query() {
            StringBuilder query = new StringBuilder();
            parts.forEach(
                    part -> query.append(query.isEmpty() ? "?part=" : "&part=").append(part));
            return parts.equals(PrintPart.all()) ? "" : query.toString();
        }

        String file() {
            return format.name().toLowerCase(Locale.ROOT) + ".pdf" + query();
        }
    }

    /** What a card prints, as small pages. Nothing is settled by looking at it. */
    @GetMapping("/cards/{id}/print")
    String card(
            @PathVariable String id,
            @RequestParam Optional<PageFormat> format,
            @RequestParam Optional<List<PrintPart>> part,
            @RequestParam Optional<String> picking,
            Model model) {
        StoredDesign stored = designs.get(id);
        RunPlan plan = workshop.settled(stored.run()).plan();
        model.addAttribute("back", "/cards/" + id);
        model.addAttribute("settles", true);
        page(stored.design().name(), plan, picked(plan, format, part, picking), model);
        return "print/print";
    }

    /** What a run prints, as small pages. */
    @GetMapping("/runs/{id}/print")
    String run(
            @PathVariable String id,
            @RequestParam Optional<PageFormat> format,
            @RequestParam Optional<List<PrintPart>> part,
            @RequestParam Optional<String> picking,
            Model model) {
        KeptRun run = runs.get(id);
        RunPlan plan = runs.plan(run);
        Picked picked = picked(plan, format, part, picking);
        model.addAttribute("back", "/runs/" + id);
        model.addAttribute("settles", false);
        model.addAttribute("file", "/runs/" + id + "/lists-" + picked.file());
        page(run.name(), plan, picked, model);
        return "print/print";
    }

    private static Picked picked(
            RunPlan plan, Optional<PageFormat> format, Optional<List<PrintPart>> part, Optional<String> picking) {
        return new Picked(format.orElse(usual(plan)), parts(part, picking.isPresent()));
    }

    private static void page(String name, RunPlan plan, Picked picked, Model model) {
        List<String> pages = picked.parts().isEmpty()
                ? List.of()
                : PageImages.of(Handout.write(name, plan, picked.format(), picked.parts()));
        List<Choice> choices = Stream.of(PrintPart.values())
                .map(part -> new Choice(part, picked.parts().contains(part)))
                .toList();
        model.addAttribute("name", name);
        model.addAttribute("formats", PageFormat.values());
        model.addAttribute("format", picked.format());
        model.addAttribute("choices", choices);
        model.addAttribute("pages", pages);
    }

    private static PageFormat usual(RunPlan plan) {
        return plan.card().design().system() == MeasureSystem.METRIC ? PageFormat.A4 : PageFormat.LETTER;
    }

    /** All that was not taken away. */
    private static Set<PrintPart> parts(Optional<List<PrintPart>> named, boolean isPicking) {
        return named.<Set<PrintPart>>map(TreeSet::new).orElseGet(() -> isPicking ? Set.of() : PrintPart.all());
    }

    /** Prints a card. What was printed stays: its run is settled, or it is printed as it is now where there is no room to keep that. */
    @PostMapping("/cards/{id}/print")
    ResponseEntity<Void> print(
            @PathVariable String id, @RequestParam PageFormat format, @RequestParam Optional<List<PrintPart>> part) {
        String file = new Picked(format, parts(part, false)).file();
        try {
            return shown("/runs/" + runs.settle(designs.get(id)).id() + "/lists-" + file);
        } catch (NoRoomException full) {
            return shown("/cards/" + id + "/handout-" + file);
        }
    }

    private static ResponseEntity<Void> shown(String address) {
        return ResponseEntity.status(HttpStatus.SEE_OTHER)
                .location(URI.create(address))
                .build();
    }

    /** The handout of a card as it is now; nothing is settled by looking at it. */
    @GetMapping("/cards/{id}/handout-{format:a4|letter}.pdf")
    ResponseEntity<byte[]> handout(
            @PathVariable String id,
            @PathVariable String format,
            @RequestParam Optional<Hand> hand,
            @RequestParam Optional<List<PrintPart>> part) {
        StoredDesign stored = designs.get(id);
        RunPlan plan = workshop.settled(stored.run()).plan();
        return file(stored.design().name(), hand.map(plan::forHand).orElse(plan), format, parts(part, false));
    }

    /** The lists of a run, open or settled. */
    @GetMapping("/runs/{id}/lists-{format:a4|letter}.pdf")
    ResponseEntity<byte[]> lists(
            @PathVariable String id,
            @PathVariable String format,
            @RequestParam Optional<Hand> hand,
            @RequestParam Optional<List<PrintPart>> part) {
        KeptRun run = runs.get(id);
        RunPlan plan = runs.plan(run);
        return file(run.name(), hand.map(plan::forHand).orElse(plan), format, parts(part, false));
    }

    private static ResponseEntity<byte[]> file(String name, RunPlan plan, String format, Set<PrintPart> parts) {
        byte[] file = Handout.write(name, plan, PageFormat.valueOf(format.toUpperCase(Locale.ROOT)), parts);
        ContentDisposition shown = ContentDisposition.inline()
                .filename(FileNames.of(name, ".pdf"), StandardCharsets.UTF_8)
                .build();
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header("Content-Disposition", shown.toString())
                .body(file);
    }
}
