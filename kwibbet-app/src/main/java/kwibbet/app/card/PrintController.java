package kwibbet.app.card;

import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Optional;

import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

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
import kwibbet.tool.Hand;

/** The handout of a card, to print. */
@RestController
class PrintController {

    private final DesignStore designs;
    private final Runs runs;
    private final Workshop workshop;

    PrintController(DesignStore designs, Runs runs, Workshop workshop) {
        this.designs = designs;
        this.runs = runs;
        this.workshop = workshop;
    }

    /** Prints a card. What was printed stays: its run is settled, or it is printed as it is now where there is no room to keep that. */
    @PostMapping("/cards/{id}/print")
    ResponseEntity<Void> print(@PathVariable String id, @RequestParam PageFormat format) {
        String page = format.name().toLowerCase(Locale.ROOT) + ".pdf";
        try {
            return shown("/runs/" + runs.settle(designs.get(id)).id() + "/lists-" + page);
        } catch (NoRoomException full) {
            return shown("/cards/" + id + "/handout-" + page);
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
            @PathVariable String id, @PathVariable String format, @RequestParam Optional<Hand> hand) {
        StoredDesign stored = designs.get(id);
        RunPlan plan = workshop.settled(stored.run()).plan();
        return file(stored.design().name(), hand.map(plan::forHand).orElse(plan), format);
    }

    /** The lists of a run, open or settled. */
    @GetMapping("/runs/{id}/lists-{format:a4|letter}.pdf")
    ResponseEntity<byte[]> lists(
            @PathVariable String id, @PathVariable String format, @RequestParam Optional<Hand> hand) {
        KeptRun run = runs.get(id);
        RunPlan plan = runs.plan(run);
        return file(run.name(), hand.map(plan::forHand).orElse(plan), format);
    }

    private static ResponseEntity<byte[]> file(String name, RunPlan plan, String format) {
        byte[] file = Handout.write(name, plan, PageFormat.valueOf(format.toUpperCase(Locale.ROOT)));
        ContentDisposition shown = ContentDisposition.inline()
                .filename(FileNames.of(name, ".pdf"), StandardCharsets.UTF_8)
                .build();
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header("Content-Disposition", shown.toString())
                .body(file);
    }
}
