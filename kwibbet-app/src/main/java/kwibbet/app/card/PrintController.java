package kwibbet.app.card;

import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Optional;

import org.springframework.http.ContentDisposition;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

import kwibbet.app.store.DesignStore;
import kwibbet.app.store.Workshop;
import kwibbet.app.web.FileNames;
import kwibbet.bench.RunPlan;
import kwibbet.card.Design;
import kwibbet.formats.pdf.Handout;
import kwibbet.formats.pdf.PageFormat;
import kwibbet.tool.Hand;

/** The handout of a card, to print. */
@RestController
class PrintController {

    private final DesignStore designs;
    private final Workshop workshop;

    PrintController(DesignStore designs, Workshop workshop) {
        this.designs = designs;
        this.workshop = workshop;
    }

    @GetMapping("/cards/{id}/handout-{format:a4|letter}.pdf")
    ResponseEntity<byte[]> handout(
            @PathVariable String id, @PathVariable String format, @RequestParam Optional<Hand> hand) {
        Design design = designs.get(id).design();
        RunPlan own = workshop.settled(design).plan();
        RunPlan plan = hand.map(own::forHand).orElse(own);
        byte[] file = Handout.write(plan, PageFormat.valueOf(format.toUpperCase(Locale.ROOT)));
        ContentDisposition name = ContentDisposition.inline()
                .filename(FileNames.of(design.name(), ".pdf"), StandardCharsets.UTF_8)
                .build();
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header("Content-Disposition", name.toString())
                .body(file);
    }
}
