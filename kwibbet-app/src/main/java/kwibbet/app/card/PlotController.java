package kwibbet.app.card;

import java.util.Optional;

import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;

import kwibbet.app.store.DesignStore;
import kwibbet.app.store.Workshop;
import kwibbet.app.web.PlotFile;
import kwibbet.bench.RunPlan;
import kwibbet.plot.Plot;

/** A card, one of its pieces or one of its sheets as lines for a cutting machine. */
@Controller
@RequestMapping("/cards/{id}")
class PlotController {

    private final DesignStore designs;
    private final Workshop workshop;

    PlotController(DesignStore designs, Workshop workshop) {
        this.designs = designs;
        this.workshop = workshop;
    }

    private RunPlan plan(String id) {
        return workshop.run(designs.get(id).run()).plan();
    }

    /** All pieces, side by side. */
    @GetMapping("/pieces.{ending:svg|dxf}")
    ResponseEntity<byte[]> card(@PathVariable String id, @PathVariable String ending) {
        return PlotFile.of(ending).answer(Plot.of(plan(id).card()));
    }

    /** One piece. */
    @GetMapping("/pieces/{piece}.{ending:svg|dxf}")
    ResponseEntity<byte[]> piece(@PathVariable String id, @PathVariable String piece, @PathVariable String ending) {
        return answer(
                plan(id).card().pieces().stream()
                        .filter(each -> each.id().value().equals(piece))
                        .findFirst()
                        .map(Plot::of),
                ending);
    }

    /** One way a sheet is cut up. */
    @GetMapping("/sheets/{letter}.{ending:svg|dxf}")
    ResponseEntity<byte[]> sheet(@PathVariable String id, @PathVariable String letter, @PathVariable String ending) {
        return answer(
                plan(id).sheets().lettered().stream()
                        .filter(each -> each.letter().equals(letter))
                        .findFirst()
                        .map(Plot::of),
                ending);
    }

    private static ResponseEntity<byte[]> answer(Optional<Plot> plot, String ending) {
        return plot.map(PlotFile.of(ending)::answer)
                .orElseGet(() -> ResponseEntity.notFound().build());
    }
}
