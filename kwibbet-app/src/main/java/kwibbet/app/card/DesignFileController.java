package kwibbet.app.card;

import java.io.IOException;

import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import kwibbet.app.store.Artworks;
import kwibbet.app.store.DesignStore;
import kwibbet.app.store.Inventory;
import kwibbet.app.web.Downloads;
import kwibbet.app.web.FileNames;
import kwibbet.app.web.Uploads;
import kwibbet.card.CardMaker;
import kwibbet.card.Design;
import kwibbet.formats.document.ArtworkDocument;
import kwibbet.formats.document.DesignDocument;
import kwibbet.outcome.Outcome;
import kwibbet.run.CardRun;

/** Designs as files: kept outside, loaded again, copied. */
@Controller
class DesignFileController {

    /** A design with the dots of its pictures. */
    private static final long LARGEST = 100_000_000;

    private final DesignStore designs;
    private final Inventory inventory;
    private final Artworks artworks;

    DesignFileController(DesignStore designs, Inventory inventory, Artworks artworks) {
        this.artworks = artworks;
        this.designs = designs;
        this.inventory = inventory;
    }

    @GetMapping("/cards/{id}/design.json")
    ResponseEntity<String> download(@PathVariable String id) {
        CardRun run = designs.get(id).run();
        String file = FileNames.of(run.design().name(), ".json");
        return Downloads.as(file, MediaType.APPLICATION_JSON)
                .body(ArtworkDocument.withDots(DesignDocument.write(run), run.design(), artworks::dots));
    }

    /** A file that is damaged, newer, or makes no card here is refused with the place; nothing is kept of it. */
    @PostMapping("/designs")
    String load(@RequestParam MultipartFile file, RedirectAttributes after) throws IOException {
        Outcome<String> text = Uploads.text(file, LARGEST);
        Outcome<CardRun> read = text.then(DesignDocument::read);
        Outcome<CardRun> made = read.then(
                run -> CardMaker.make(run.design(), inventory.materials()).then(card -> Outcome.made(run)));
        if (made instanceof Outcome.Made<CardRun> run) {
            artworks.keep(
                    ArtworkDocument.dots(text.orThrow()),
                    ArtworkDocument.of(run.value().design()));
            return "redirect:/cards/" + designs.create(run.value()).id();
        }
        after.addFlashAttribute("loadProblem", problem(made));
        return "redirect:/cards/new";
    }

    private static String problem(Outcome<CardRun> refused) {
        var reason = refused.reasons().get(0);
        return "That file was not loaded. " + (reason.field().isEmpty() ? "" : "At " + reason.field() + ": ")
                + reason.message();
    }

    @PostMapping("/cards/{id}/duplicate")
    String duplicate(@PathVariable String id) {
        CardRun run = designs.get(id).run();
        Design design = run.design();
        String name = design.name().length() > 50 ? design.name().substring(0, 50) : design.name();
        return "redirect:/cards/"
                + designs.create(run.with(design.withName(name + ", copy"))).id();
    }
}
