package kwibbet.app.card;

import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import kwibbet.app.store.DesignStore;
import kwibbet.app.store.Inventory;
import kwibbet.app.store.NoSuchDesignException;
import kwibbet.app.store.StoredDesign;
import kwibbet.app.web.Entries;
import kwibbet.bench.RunPlan;
import kwibbet.card.Card;
import kwibbet.card.CardMaker;
import kwibbet.card.Design;
import kwibbet.card.Layer;
import kwibbet.card.PieceId;
import kwibbet.card.Pose;
import kwibbet.measure.MeasureSystem;

/**
 * One card at its stations.
 *
 * <p>Every change names the version it was made to. Within a page the station's part comes back; without script, a redirect
 * to the page or, where something is wrong, the whole page with what was typed.
 */
@Controller
@RequestMapping("/cards/{id}")
class CardController {

    private static final String ASKED = "asked";

    private final DesignStore designs;
    private final Inventory inventory;
    private final CardEdits edits;

    CardController(DesignStore designs, Inventory inventory, CardEdits edits) {
        this.designs = designs;
        this.inventory = inventory;
        this.edits = edits;
    }

    @ModelAttribute(ASKED)
    Asked asked(
            @PathVariable String id,
            @RequestParam(defaultValue = "-1") long version,
            @RequestParam(defaultValue = "card") String station,
            @RequestParam(defaultValue = "base") String hand,
            @RequestParam(defaultValue = Pose.SHUT) String pose,
            @RequestParam Map<String, String> typed,
            HttpServletRequest request) {
        String piece = PieceId.isOne(hand) ? hand : PieceId.BASE.value();
        Looking looking = new Looking(Station.of(station).orElse(Station.CARD), piece, pose);
        boolean withinPage = request.getHeader("HX-Request") != null;
        return new Asked(id, version, Entries.of(typed), looking, withinPage);
    }

    @GetMapping
    String card(@ModelAttribute(name = ASKED, binding = false) Asked asked, Model model) {
        return page(designs.get(asked.id()), asked, Station.CARD, model);
    }

    @GetMapping("/{station:sheets|trim|score|make}")
    String station(
            @PathVariable String station, @ModelAttribute(name = ASKED, binding = false) Asked asked, Model model) {
        return page(designs.get(asked.id()), asked, Station.of(station).orElse(Station.CARD), model);
    }

    @PostMapping("/base")
    String base(@ModelAttribute(name = ASKED, binding = false) Asked asked, Model model, HttpServletResponse response) {
        return change(asked, "the base", model, response, (card, entries) -> edits.base(card.design(), entries));
    }

    @PostMapping("/layers")
    String addMat(
            @ModelAttribute(name = ASKED, binding = false) Asked asked, Model model, HttpServletResponse response) {
        return change(asked, "a new mat", model, response, edits::addMat);
    }

    @PostMapping("/layers/{layer}")
    String layer(
            @PathVariable String layer,
            @ModelAttribute(name = ASKED, binding = false) Asked asked,
            Model model,
            HttpServletResponse response) {
        return change(
                asked,
                "a layer",
                model,
                response,
                (card, entries) -> edits.layer(card.design(), layerOf(card.design(), layer), entries));
    }

    @PostMapping("/layers/{layer}/remove")
    String removeLayer(
            @PathVariable String layer,
            @ModelAttribute(name = ASKED, binding = false) Asked asked,
            Model model,
            HttpServletResponse response) {
        String label = "removing a layer";
        return change(
                asked.holding("base"),
                label,
                model,
                response,
                (card, entries) -> edits.without(card.design(), layerOf(card.design(), layer), entries));
    }

    @PostMapping("/run")
    String run(@ModelAttribute(name = ASKED, binding = false) Asked asked, Model model, HttpServletResponse response) {
        return change(asked, "the count", model, response, (card, entries) -> edits.run(card.design(), entries));
    }

    @PostMapping("/name")
    String name(@ModelAttribute(name = ASKED, binding = false) Asked asked, Model model, HttpServletResponse response) {
        return change(asked, "the name", model, response, (card, entries) -> edits.name(card.design(), entries));
    }

    @PostMapping("/system")
    String system(
            @RequestParam MeasureSystem system,
            @ModelAttribute(name = ASKED, binding = false) Asked asked,
            Model model,
            HttpServletResponse response) {
        return change(
                asked,
                "in or mm",
                model,
                response,
                (card, entries) -> Optional.of(card.design().withSystem(system)));
    }

    @PostMapping("/undo")
    String undo(@ModelAttribute(name = ASKED, binding = false) Asked asked, Model model) {
        return done(designs.undo(asked.id(), asked.version()), asked, model);
    }

    @PostMapping("/redo")
    String redo(@ModelAttribute(name = ASKED, binding = false) Asked asked, Model model) {
        return done(designs.redo(asked.id(), asked.version()), asked, model);
    }

    @PostMapping("/remove")
    String remove(@PathVariable String id, RedirectAttributes after) {
        after.addFlashAttribute("removedName", designs.remove(id));
        after.addFlashAttribute("removedId", id);
        return "redirect:/";
    }

    @PostMapping("/restore")
    String restore(@PathVariable String id) {
        designs.restore(id);
        return "redirect:/cards/" + id;
    }

    private static Layer layerOf(Design design, String id) {
        return design.layers().stream()
                .filter(layer -> layer.id().value().equals(id))
                .findFirst()
                .orElseThrow(() -> new NoSuchDesignException("with a layer " + id));
    }

    private String change(
            Asked asked,
            String label,
            Model model,
            HttpServletResponse response,
            BiFunction<Card, Entries, Optional<Design>> edit) {
        StoredDesign stored = designs.get(asked.id());
        Card card = CardMaker.make(stored.design()).orThrow();
        Optional<Design> changed = edit.apply(card, asked.entries());
        if (changed.isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return page(stored, asked, asked.looking().station(), model);
        }
        return done(designs.save(asked.id(), asked.version(), changed.get(), label), asked, model);
    }

    private String done(StoredDesign stored, Asked asked, Model model) {
        if (asked.isWithinPage()) {
            return page(stored, asked, asked.looking().station(), model);
        }
        return "redirect:/cards/" + asked.id() + asked.looking().station().path() + "?hand="
                + asked.looking().hand();
    }

    private String page(StoredDesign stored, Asked asked, Station station, Model model) {
        Card card = CardMaker.make(stored.design()).orThrow();
        RunPlan plan = RunPlan.of(card, inventory.shelf(), inventory.toolbox());
        Looking looking =
                new Looking(station, asked.looking().hand(), asked.looking().pose());
        model.addAttribute("page", new CardPage(stored, plan, looking, asked.entries()));
        return asked.isWithinPage() ? "card/page :: work" : "card/page";
    }
}
