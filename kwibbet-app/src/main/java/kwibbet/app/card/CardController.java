package kwibbet.app.card;

import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import kwibbet.app.fold.CardFoldFile;
import kwibbet.app.fold.FoldStudy;
import kwibbet.app.fold.MotionView;
import kwibbet.app.store.DesignStore;
import kwibbet.app.store.Edit;
import kwibbet.app.store.NoSuchDesignException;
import kwibbet.app.store.Runs;
import kwibbet.app.store.SheetHunt;
import kwibbet.app.store.StoredDesign;
import kwibbet.app.store.UnkeepableDesignException;
import kwibbet.app.store.Workshop;
import kwibbet.app.store.Workshop.Worked;
import kwibbet.app.web.Entries;
import kwibbet.bench.RunPlan;
import kwibbet.card.Addition;
import kwibbet.card.Card;
import kwibbet.card.Design;
import kwibbet.card.Feature;
import kwibbet.card.PieceId;
import kwibbet.card.Pose;
import kwibbet.card.feature.Features;
import kwibbet.layout.OtherSizes;
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
    private final Workshop workshop;
    private final CardEdits edits;
    private final Runs runs;

    CardController(DesignStore designs, Workshop workshop, CardEdits edits, Runs runs) {
        this.runs = runs;
        this.designs = designs;
        this.workshop = workshop;
        this.edits = edits;
    }

    @ModelAttribute(ASKED)
    Asked asked(
            @PathVariable String id,
            @RequestParam(defaultValue = "-1") long version,
            @RequestParam(defaultValue = "card") String station,
            @RequestParam(defaultValue = "base") String held,
            @RequestParam(defaultValue = Pose.SHUT) String pose,
            @RequestParam(defaultValue = "1") String at,
            @RequestParam(defaultValue = "") String edit,
            @RequestParam(defaultValue = "") String gesture,
            @RequestParam Map<String, String> typed,
            HttpServletRequest request) {
        String piece = PieceId.isOne(held) ? held : PieceId.BASE.value();
        Looking looking = new Looking(Station.of(station).orElse(Station.CARD), piece, pose, number(at));
        boolean withinPage = request.getHeader("HX-Request") != null;
        return new Asked(
                id, version, new Edit("", edit, gesture), form(request), Entries.of(typed), looking, withinPage);
    }

    /** The form of the page an address belongs to. */
    private static String form(HttpServletRequest request) {
        if (!request.getMethod().equals("POST")) {
            return "";
        }
        String[] parts = request.getRequestURI().split("/", -1);
        String word = parts.length > 3 ? parts[3] : "";
        return word.equals("additions") ? (parts.length > 4 ? "addition" : "add") : word;
    }

    /** A number of a setting that is none leads to the first. */
    private static int number(String at) {
        return at.matches("[1-9][0-9]{0,4}") ? Integer.parseInt(at) : 1;
    }

    @GetMapping
    String card(@ModelAttribute(name = ASKED, binding = false) Asked asked, Model model) {
        return page(designs.get(asked.id()), asked, Station.CARD, model);
    }

    @GetMapping("/{station:fold|sheets|trim|score|press|make}")
    String station(
            @PathVariable String station, @ModelAttribute(name = ASKED, binding = false) Asked asked, Model model) {
        return page(designs.get(asked.id()), asked, Station.of(station).orElse(Station.CARD), model);
    }

    /**
     * How the search for fewer sheets goes on; the whole page where it found something better or is over.
     *
     * @param shown how often it had, when the page was made
     */
    @GetMapping("/{station:sheets|trim}/hunt")
    String hunt(
            @PathVariable String station,
            @RequestParam int shown,
            @ModelAttribute(name = ASKED, binding = false) Asked asked,
            Model model,
            HttpServletResponse response) {
        StoredDesign stored = designs.get(asked.id());
        String page = page(stored, asked, Station.of(station).orElse(Station.SHEETS), model);
        SheetHunt hunt = workshop.hunt(stored.design());
        if (hunt.isOn() && hunt.found() == shown) {
            return "card/sheets :: hunt";
        }
        response.setHeader("HX-Retarget", "#work");
        response.setHeader("HX-Reswap", "outerHTML");
        return page;
    }

    /** How many sheets one of the papers would take in other sizes. */
    @GetMapping("/sheets/sizes")
    String sizes(
            @PathVariable String id,
            @RequestParam String paper,
            @RequestHeader(name = "HX-Request", defaultValue = "") String within,
            Model model) {
        RunPlan plan = workshop.run(designs.get(id).design()).plan();
        model.addAttribute("system", plan.card().design().system());
        model.addAttribute(
                "sizes",
                plan.order().papers().stream()
                        .filter(order -> order.paper().id().value().equals(paper))
                        .flatMap(order ->
                                OtherSizes.of(order, plan.shelf(), plan.tools().trimmer()).stream())
                        .toList());
        model.addAttribute("id", id);
        return within.isEmpty() ? "card/sizes" : "card/sheets :: sizes";
    }

    /** Ends the search with the best it has. */
    @PostMapping("/{station:sheets|trim}/stop")
    String stop(@PathVariable String id, @PathVariable String station) {
        workshop.hunt(designs.get(id).design()).stop();
        return "redirect:/cards/" + id + "/" + station;
    }

    /** The frames of the card folding, its plies close or spread. */
    @GetMapping("/fold/motion")
    ResponseEntity<MotionView> motion(@PathVariable String id, @RequestParam(defaultValue = "false") boolean spread) {
        Design design = designs.get(id).design();
        Workshop.Worked worked = workshop.run(design);
        FoldStudy study = FoldStudy.of(
                worked.plan().card(), workshop.folding(design), worked.plan().shelf());
        return ResponseEntity.of(study.motion(spread));
    }

    /** The crease pattern of the base, and how it lies after each step, as FOLD. */
    @GetMapping(path = "/pattern.fold", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<String> pattern(@PathVariable String id) {
        Design design = designs.get(id).design();
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("pattern.fold")
                                .build()
                                .toString())
                .body(CardFoldFile.of(design.name(), workshop.folding(design)));
    }

    @PostMapping("/base")
    String base(@ModelAttribute(name = ASKED, binding = false) Asked asked, Model model, HttpServletResponse response) {
        return change(asked, "the base", model, response, (card, entries) -> edits.base(card.design(), entries));
    }

    @PostMapping("/additions")
    String add(@ModelAttribute(name = ASKED, binding = false) Asked asked, Model model, HttpServletResponse response) {
        Design before = designs.get(asked.id()).design();
        Optional<Feature> feature = Features.find(asked.entries().words("feature"));
        String id = feature.map(each -> before.nextId(each).value())
                .orElse(asked.looking().hand());
        String label = feature.map(each -> "adding " + each.title().toLowerCase(Locale.ROOT))
                .orElse("adding");
        return change(asked, label, model, response, edits::add, id);
    }

    @PostMapping("/additions/{addition}")
    String addition(
            @PathVariable PieceId addition,
            @ModelAttribute(name = ASKED, binding = false) Asked asked,
            Model model,
            HttpServletResponse response) {
        return change(
                asked,
                designs.get(asked.id())
                        .design()
                        .addition(addition)
                        .map(Addition::name)
                        .orElse(addition.value()),
                model,
                response,
                (card, entries) -> edits.addition(card, additionOf(card.design(), addition), entries));
    }

    @PostMapping("/additions/{addition}/remove")
    String removeAddition(
            @PathVariable PieceId addition,
            @ModelAttribute(name = ASKED, binding = false) Asked asked,
            Model model,
            HttpServletResponse response) {
        return change(
                asked.holding("base"),
                "taking something off",
                model,
                response,
                (card, entries) -> edits.without(card.design(), additionOf(card.design(), addition), entries));
    }

    @PostMapping("/quick/{way}")
    String quick(
            @PathVariable String way,
            @ModelAttribute(name = ASKED, binding = false) Asked asked,
            Model model,
            HttpServletResponse response) {
        return change(
                asked,
                way.replace('-', ' '),
                model,
                response,
                (card, entries) -> edits.quick(card, way, asked.looking().hand(), entries));
    }

    /** Moves what is taken hold of in the drawing. While it is dragged the page is only shown as it would be. */
    @PostMapping("/move")
    String move(@ModelAttribute(name = ASKED, binding = false) Asked asked, Model model, HttpServletResponse response) {
        if (asked.entries().isTicked("keep")) {
            return change(asked, "moving", model, response, edits::move);
        }
        StoredDesign stored = designs.get(asked.id());
        Optional<Design> moved = edits.move(workshop.card(stored.design()), asked.entries());
        if (moved.isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        }
        StoredDesign shown = moved.map(stored::as).orElse(stored);
        return page(shown, asked, Station.CARD, model);
    }

    /** Takes the way out of a finding, if it is still there. */
    @PostMapping("/findings")
    String remedy(
            @ModelAttribute(name = ASKED, binding = false) Asked asked, Model model, HttpServletResponse response) {
        return change(asked, "putting it right", model, response, edits::remedy);
    }

    @PostMapping("/notes")
    String notes(
            @ModelAttribute(name = ASKED, binding = false) Asked asked, Model model, HttpServletResponse response) {
        return change(asked, "the notes", model, response, (card, entries) -> edits.notes(card.design(), entries));
    }

    @PostMapping("/run")
    String run(@ModelAttribute(name = ASKED, binding = false) Asked asked, Model model, HttpServletResponse response) {
        return change(asked, "the count", model, response, (card, entries) -> edits.run(card.design(), entries));
    }

    @PostMapping("/thrift")
    String thrift(
            @ModelAttribute(name = ASKED, binding = false) Asked asked, Model model, HttpServletResponse response) {
        return change(asked, "what is saved", model, response, (card, entries) -> edits.thrift(card.design(), entries));
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
        return done(designs.undo(asked.id(), asked.version(), asked.edit()), asked, model);
    }

    @PostMapping("/redo")
    String redo(@ModelAttribute(name = ASKED, binding = false) Asked asked, Model model) {
        return done(designs.redo(asked.id(), asked.version(), asked.edit()), asked, model);
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

    private static Addition additionOf(Design design, PieceId id) {
        return design.addition(id).orElseThrow(() -> new NoSuchDesignException("with an addition " + id.value()));
    }

    private String change(
            Asked asked,
            String label,
            Model model,
            HttpServletResponse response,
            BiFunction<Card, Entries, Optional<Design>> edit) {
        return change(asked, label, model, response, edit, asked.looking().hand());
    }

    /** Changes the design; afterwards the piece {@code held} is in hand. */
    private String change(
            Asked asked,
            String label,
            Model model,
            HttpServletResponse response,
            BiFunction<Card, Entries, Optional<Design>> edit,
            String held) {
        Optional<StoredDesign> before = designs.madeBy(asked.id(), asked.edit());
        if (before.isPresent()) {
            return done(before.get(), asked.holding(held), model);
        }
        StoredDesign stored = designs.current(asked.id(), asked.version());
        Card card = workshop.card(stored.design());
        Optional<Design> changed = edit.apply(card, asked.entries());
        if (changed.isPresent()) {
            try {
                return done(
                        designs.save(
                                asked.id(),
                                asked.version(),
                                changed.get(),
                                asked.edit().labelled(label)),
                        asked.holding(held),
                        model);
            } catch (UnkeepableDesignException unkeepable) {
                asked.entries().refuse(CardEdits.placed(unkeepable.reasons()));
            }
        }
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        return page(stored, asked, asked.looking().station(), model);
    }

    private String done(StoredDesign stored, Asked asked, Model model) {
        if (asked.isWithinPage()) {
            return page(stored, asked, asked.looking().station(), model);
        }
        return "redirect:/cards/" + asked.id() + asked.looking().station().path() + "?held="
                + asked.looking().hand();
    }

    private String page(StoredDesign stored, Asked asked, Station station, Model model) {
        Looking looking = asked.looking().at(station);
        Design design = stored.design();
        boolean showsSheets = station == Station.SHEETS || station == Station.TRIM;
        Optional<SheetHunt> hunt = showsSheets ? Optional.of(workshop.hunt(design)) : Optional.empty();
        Worked worked = workshop.run(design);
        model.addAttribute(
                "page",
                new CardPage(
                        stored,
                        worked,
                        workshop.folding(design),
                        hunt,
                        runs.followed(stored.id()),
                        looking,
                        asked.form(),
                        asked.entries()));
        return asked.isWithinPage() ? "card/page :: work" : "card/page";
    }
}
