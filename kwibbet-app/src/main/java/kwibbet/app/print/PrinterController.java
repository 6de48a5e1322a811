package kwibbet.app.print;

import java.net.URI;
import java.nio.charset.StandardCharsets;

import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;

import kwibbet.app.store.Artworks;
import kwibbet.app.store.DesignStore;
import kwibbet.app.store.KeptRun;
import kwibbet.app.store.NoRoomException;
import kwibbet.app.store.Runs;
import kwibbet.app.store.StoredDesign;
import kwibbet.app.store.Workshop;
import kwibbet.app.web.FileNames;
import kwibbet.bench.RunPlan;
import kwibbet.formats.pdf.PrintPages;
import kwibbet.layout.PrintedSheet;

/** The sheets a printer prints before they are cut. */
@Controller
class PrinterController {

    private static final String FILE = "/printed-sheets.pdf";

    private final DesignStore designs;
    private final Runs runs;
    private final Workshop workshop;
    private final Artworks artworks;

    PrinterController(DesignStore designs, Runs runs, Workshop workshop, Artworks artworks) {
        this.designs = designs;
        this.runs = runs;
        this.workshop = workshop;
        this.artworks = artworks;
    }

    /** What is printed has to lie where it is cut later: the run of the card is settled by it, or printed as it is now where there is no room to keep that. */
    @PostMapping("/cards/{id}/printed-sheets")
    ResponseEntity<Void> settle(@PathVariable String id) {
        String home;
        try {
            home = "/runs/" + runs.settle(designs.get(id)).id();
        } catch (NoRoomException full) {
            home = "/cards/" + id;
        }
        return ResponseEntity.status(HttpStatus.SEE_OTHER)
                .location(URI.create(home + FILE))
                .build();
    }

    /** The sheets of a card as it is now. */
    @GetMapping("/cards/{id}" + FILE)
    ResponseEntity<byte[]> card(@PathVariable String id) {
        StoredDesign stored = designs.get(id);
        return file(stored.design().name(), workshop.settled(stored.run()).plan());
    }

    /** The sheets of a run. */
    @GetMapping("/runs/{id}" + FILE)
    ResponseEntity<byte[]> run(@PathVariable String id) {
        KeptRun run = runs.get(id);
        return file(run.name(), runs.plan(run));
    }

    private ResponseEntity<byte[]> file(String name, RunPlan plan) {
        ContentDisposition shown = ContentDisposition.inline()
                .filename(FileNames.of(name + " to print", ".pdf"), StandardCharsets.UTF_8)
                .build();
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header("Content-Disposition", shown.toString())
                .body(PrintPages.of(PrintedSheet.of(plan.sheets()), artworks::dots));
    }
}
