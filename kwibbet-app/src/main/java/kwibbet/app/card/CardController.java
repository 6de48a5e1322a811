package kwibbet.app.card;

import java.io.IOException;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BiFunction;

import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import kwibbet.app.fold.CardFoldFile;
import kwibbet.app.fold.FoldStudy;
import kwibbet.app.fold.MotionView;
import kwibbet.app.store.Artworks;
import kwibbet.app.store.Bench;
import kwibbet.app.store.DesignStore;
import kwibbet.app.store.Inventory;
import kwibbet.app.store.NoSuchDesignException;
import kwibbet.app.store.Runs;
import kwibbet.app.store.SheetHunt;
import kwibbet.app.store.StoredDesign;
import kwibbet.app.store.UnkeepableDesignException;
import kwibbet.app.store.Workshop;
import kwibbet.app.store.Workshop.Worked;
import kwibbet.app.web.Entries;
import kwibbet.artwork.Artwork;
import kwibbet.bench.RunPlan;
import kwibbet.card.Addition;
import kwibbet.card.Card;
import kwibbet.card.Design;
import kwibbet.card.Feature;
import kwibbet.card.PieceId;
import kwibbet.card.feature.Features;
import kwibbet.layout.OtherSizes;
import kwibbet.layout.PrintJob;
import kwibbet.making.Pace;
import kwibbet.making.Way;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.run.CardRun;

/**
 * One card at its stations.
 *
 * <p>Every change names the version it was made to. Within a page the station's part comes back; without script, a redirect
 * to the page or, where something is wrong, the whole page with what was typed.
 */
@Controller
@RequestMapping("/cards/{id}")
class CardController {

    private final DesignStore designs;
    private final Workshop workshop;
    private final CardEdits edits;
    private final Runs runs;
    private final Bench bench;
    private final Inventory inventory;
    private final Artworks artworks;

    CardController(
            DesignStore designs,
            Workshop workshop,
            CardEdits edits,
            Runs runs,
            Bench bench,
            Inventory inventory,
            Artworks artworks) {
        this.inventory = inventory;
        this.artworks = artworks;
        this.runs = runs;
        this.bench = bench;
        this.designs = designs;
        this.workshop = workshop;
        this.edits = edits;
    }

    @GetMapping
    String card(Turn turn) {
        return page(designs.get(turn.asked().id()), turn, Station.CARD);
    }

    @GetMapping("/{station:fold|sheets|trim|score|press|make}")
    String station(@PathVariable String station, Turn turn) {
        return page(designs.get(turn.asked().id()), turn, Station.of(station).orElse(Station.CARD));
    }

    /** The figures on the run line, which come after a card that was edited is shown. */
    @GetMapping("/figures")
    String figures(Turn turn) {
        StoredDesign stored = designs.get(turn.asked().id());
        Worked worked = workshop.run(stored.run());
        worked.beginPlan();
        // How it is made is worked out beside its plan.
        worked.making(Way.usual(stored.run().copies()));
        worked.plan();
        turn.model()
                .addAttribute(
                        "page",
                        shown(
                                stored,
                                turn,
                                worked,
                                Optional.empty(),
                                turn.asked().looking()));
        return "card/page :: stations";
    }

    /**
     * How the search for fewer sheets goes on; the whole page where it found something better or is over.
     *
     * @param shown how often it had, when the page was made
     */
    @GetMapping("/{station:sheets|trim}/hunt")
    String hunt(@PathVariable String station, @RequestParam int shown, Turn turn) {
        StoredDesign stored = designs.get(turn.asked().id());
        String page = page(stored, turn, Station.of(station).orElse(Station.SHEETS));
        SheetHunt hunt = workshop.hunt(stored.run());
        if (hunt.isOn() && hunt.found() == shown) {
            return "card/sheets :: hunt";
        }
        turn.response().setHeader("HX-Retarget", "#work");
        turn.response().setHeader("HX-Reswap", "outerHTML");
        return page;
    }

    /** How many sheets one of the papers would take in other sizes. */
    @GetMapping("/sheets/sizes")
    String sizes(
            @PathVariable String id,
            @RequestParam String paper,
            @RequestHeader(name = "HX-Request", defaultValue = "") String within,
            Model model) {
        RunPlan plan = workshop.run(designs.get(id).run()).plan();
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
        workshop.hunt(designs.get(id).run()).stop();
        return "redirect:/cards/" + id + "/" + station;
    }

    /** The frames of the card folding, its plies close or spread. */
    @GetMapping("/fold/motion")
    ResponseEntity<MotionView> motion(@PathVariable String id, @RequestParam(defaultValue = "false") boolean spread) {
        CardRun run = designs.get(id).run();
        Workshop.Worked worked = workshop.run(run);
        FoldStudy study = FoldStudy.of(worked.card(), workshop.folding(run.design()), worked.shelf());
        return ResponseEntity.of(study.motion(spread));
    }

    /** The crease pattern of the base, and how it lies after each step, as FOLD. */
    @GetMapping(path = "/pattern.fold", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<String> pattern(@PathVariable String id) {
        Design design = designs.get(id).design();
        return file("pattern.fold", CardFoldFile.of(design.name(), workshop.folding(design)));
    }

    /** All sheets of the card, what is stuck to what, and how they lie after each step, as FOLD. */
    @GetMapping(path = "/card.fold", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<String> sheets(@PathVariable String id) {
        Design design = designs.get(id).design();
        return file("card.fold", CardFoldFile.whole(design.name(), workshop.card(design), workshop.folding(design)));
    }

    private static ResponseEntity<String> file(String name, String body) {
        String disposition =
                ContentDisposition.attachment().filename(name).build().toString();
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, disposition)
                .body(body);
    }

    @PostMapping("/base")
    String base(Turn turn) {
        return change(turn, "the base", (card, entries) -> edits.base(card.design(), entries));
    }

    @PostMapping("/other-base")
    String otherBase(Turn turn) {
        return change(turn.holding("base"), "another base", edits::otherBase);
    }

    @PostMapping("/die")
    String die(Turn turn) {
        String hand = turn.asked().looking().hand();
        return change(turn, "the die", (card, entries) -> edits.die(card, hand, entries));
    }

    @PostMapping("/additions")
    String add(Turn turn) {
        Design before = designs.get(turn.asked().id()).design();
        Optional<Feature> feature = Features.find(turn.asked().entries().words("feature"));
        String id = feature.map(each -> before.nextId(each).value())
                .orElse(turn.asked().looking().hand());
        String label = feature.map(each -> "adding " + each.title().toLowerCase(Locale.ROOT))
                .orElse("adding");
        return change(turn, label, edits::add, id);
    }

    @PostMapping("/additions/{addition}")
    String addition(@PathVariable PieceId addition, Turn turn) {
        return change(
                turn,
                designs.get(turn.asked().id())
                        .design()
                        .addition(addition)
                        .map(Addition::name)
                        .orElse(addition.value()),
                (card, entries) -> edits.addition(card, additionOf(card.design(), addition), entries));
    }

    /** Brings a picture of the maker's own and prints it there. */
    @PostMapping("/additions/{addition}/picture")
    String picture(
            @PathVariable PieceId addition,
            @RequestParam MultipartFile file,
            @RequestParam(defaultValue = "1") String page,
            Turn turn)
            throws IOException {
        Outcome<Artwork> brought = artworks.bring(file, page);
        return change(
                turn,
                "the picture",
                (card, entries) -> edits.picture(card.design(), additionOf(card.design(), addition), brought, entries));
    }

    @PostMapping("/additions/{addition}/remove")
    String removeAddition(@PathVariable PieceId addition, Turn turn) {
        return change(
                turn.holding("base"),
                "taking something off",
                (card, entries) -> edits.without(card.design(), additionOf(card.design(), addition), entries));
    }

    @PostMapping("/quick/{way}")
    String quick(@PathVariable String way, Turn turn) {
        String hand = turn.asked().looking().hand();
        return change(
                turn,
                way.replace('-', ' '),
                (card, entries) -> edits.quick(card, way, hand, entries),
                way.equals(CardEdits.ONCE_MORE)
                        ? nextLike(turn.asked().id(), hand).orElse(hand)
                        : hand);
    }

    /** The id of what is made once more. */
    private Optional<String> nextLike(String id, String hand) {
        Design before = designs.get(id).design();
        return workshop.card(before).additionOf(new PieceId(hand)).map(first -> before.nextId(first.feature())
                .value());
    }

    /** Moves what is taken hold of in the drawing. While it is dragged the page is only shown as it would be. */
    @PostMapping("/move")
    String move(Turn turn) {
        if (turn.asked().entries().isTicked("keep")) {
            return change(turn, "moving", edits::move);
        }
        StoredDesign stored = designs.get(turn.asked().id());
        Optional<Design> moved =
                edits.move(workshop.card(stored.design()), turn.asked().entries());
        if (moved.isEmpty()) {
            turn.response().setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        }
        StoredDesign shown = moved.map(stored::as).orElse(stored);
        return page(shown, turn, Station.CARD);
    }

    /** Takes the way out of a finding, if it is still there. */
    @PostMapping("/findings")
    String remedy(Turn turn) {
        return change(turn, "putting it right", edits::remedy);
    }

    @PostMapping("/notes")
    String notes(Turn turn) {
        return change(turn, "the notes", (card, entries) -> edits.notes(card.design(), entries));
    }

    /** Changes how it is made: a step of one's own, another order, other words. */
    @PostMapping("/own")
    String own(Turn turn) {
        Looking looking = turn.asked().looking();
        return changeRun(
                turn,
                "how it is made",
                (run, entries) -> {
                    RunPlan plan = workshop.run(run).plan();
                    Way way = looking.way().orElse(Way.usual(run.copies()));
                    return OwnEdits.edit(plan.makeOf(plan.card(), way), entries).map(run::with);
                },
                looking.hand());
    }

    @PostMapping("/run")
    String run(Turn turn) {
        return changeRun(
                turn, "the count", edits::copies, turn.asked().looking().hand());
    }

    @PostMapping("/thrift")
    String thrift(Turn turn) {
        return changeRun(
                turn, "what is saved", edits::thrift, turn.asked().looking().hand());
    }

    @PostMapping("/name")
    String name(Turn turn) {
        return change(turn, "the name", (card, entries) -> edits.name(card.design(), entries));
    }

    @PostMapping("/system")
    String system(@RequestParam MeasureSystem system, Turn turn) {
        return change(
                turn, "in or mm", (card, entries) -> Optional.of(card.design().withSystem(system)));
    }

    @PostMapping("/undo")
    String undo(Turn turn) {
        return done(
                designs.undo(
                        turn.asked().id(), turn.asked().version(), turn.asked().edit()),
                turn);
    }

    @PostMapping("/redo")
    String redo(Turn turn) {
        return done(
                designs.redo(
                        turn.asked().id(), turn.asked().version(), turn.asked().edit()),
                turn);
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

    private String change(Turn turn, String label, BiFunction<Card, Entries, Optional<Design>> edit) {
        return change(turn, label, edit, turn.asked().looking().hand());
    }

    /** Changes the design; afterwards the piece {@code held} is in hand. */
    private String change(Turn turn, String label, BiFunction<Card, Entries, Optional<Design>> edit, String held) {
        return changeRun(
                turn,
                label,
                (run, entries) ->
                        edit.apply(workshop.card(run.design()), entries).map(run::with),
                held);
    }

    /** Changes the design or its run; afterwards the piece {@code held} is in hand. */
    private String changeRun(
            Turn turn, String label, BiFunction<CardRun, Entries, Optional<CardRun>> edit, String held) {
        Asked asked = turn.asked();
        Optional<StoredDesign> before = designs.madeBy(asked.id(), asked.edit());
        if (before.isPresent()) {
            return done(before.get(), turn.holding(held));
        }
        StoredDesign stored = designs.current(asked.id(), asked.version());
        Optional<CardRun> changed = edit.apply(stored.run(), asked.entries());
        if (changed.isPresent()) {
            workshop.begin(changed.get(), asked.looking()::finished);
            try {
                return done(
                        designs.save(
                                asked.id(),
                                asked.version(),
                                changed.get(),
                                asked.edit().labelled(label)),
                        turn.holding(held));
            } catch (UnkeepableDesignException unkeepable) {
                asked.entries().refuse(CardEdits.placed(unkeepable.reasons()));
            }
        }
        turn.response().setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        return page(stored, turn, asked.looking().station());
    }

    private String done(StoredDesign stored, Turn turn) {
        Looking looking = turn.asked().looking();
        return turn.asked().isWithinPage()
                ? page(stored, turn, looking.station())
                : "redirect:/cards/" + turn.asked().id() + looking.station().path() + "?held=" + looking.hand();
    }

    private String page(StoredDesign stored, Turn turn, Station station) {
        Asked asked = turn.asked();
        Looking looking = asked.looking().at(station);
        boolean showsSheets = station == Station.SHEETS || station == Station.TRIM;
        Optional<SheetHunt> hunt = showsSheets ? Optional.of(workshop.hunt(stored.run())) : Optional.empty();
        Worked worked = workshop.run(stored.run());
        CardPage page = shown(stored, turn, worked, hunt, looking);
        if (!page.isAhead()) {
            worked.beginPlan();
        }
        turn.model()
                .addAttribute("page", station == Station.CARD ? page.withDrawings(workshop.beside()) : page)
                .addAttribute(
                        "unkept",
                        station == Station.SHEETS
                                ? artworks.unkept(
                                        PrintJob.of(worked.plan().sheets()).artworks())
                                : List.of());
        return asked.isWithinPage() ? "card/page :: work" : "card/page";
    }

    /** Whoever edits a card is shown it before what it takes is planned. */
    private CardPage shown(StoredDesign stored, Turn turn, Worked worked, Optional<SheetHunt> hunt, Looking looking) {
        boolean isAhead = looking.station() == Station.CARD && turn.asked().isWithinPage() && !worked.isPlanned();
        return new CardPage(
                stored,
                worked,
                workshop.folding(stored.design()),
                hunt,
                runs.followed(stored.id()),
                looking.station() == Station.MAKE ? bench.pace() : Pace.UNKNOWN,
                OwnThings.of(inventory, artworks),
                looking,
                turn.asked().form(),
                turn.asked().entries(),
                Optional.empty(),
                isAhead);
    }
}
