package kwibbet.app.runs;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import jakarta.servlet.http.HttpServletResponse;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import kwibbet.app.store.DamagedRunException;
import kwibbet.app.store.DesignStore;
import kwibbet.app.store.Inventory;
import kwibbet.app.store.KeptRun;
import kwibbet.app.store.NoSuchRunException;
import kwibbet.app.store.Runs;
import kwibbet.app.store.StaleItemException;
import kwibbet.app.store.Stockroom;
import kwibbet.app.store.Stockroom.Booked;
import kwibbet.app.store.StoredDesign;
import kwibbet.app.store.Workshop;
import kwibbet.app.web.Entries;
import kwibbet.card.Card;
import kwibbet.card.Copies;
import kwibbet.drawing.Drawing;
import kwibbet.layout.Thrift;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.Paper;
import kwibbet.paper.PaperShelf;
import kwibbet.picture.FinishedPicture;
import kwibbet.run.BenchStation;
import kwibbet.run.RunProgress.Cards;
import kwibbet.run.RunState;
import kwibbet.stock.BookingKey;
import kwibbet.stock.Shortage;
import kwibbet.stock.StockItem;
import kwibbet.wording.Phrase;

/** Runs: a list of them, a new cutting day, and each with its lists and how far it is. */
@Controller
@RequestMapping("/runs")
class RunsController {

    private static final int LONGEST_NAME = 60;
    private static final String ALL = "all";

    private final Runs runs;
    private final RunPages pages;
    private final DesignStore designs;
    private final Inventory inventory;
    private final Stockroom stockroom;
    private final Workshop workshop;

    RunsController(
            Runs runs,
            RunPages pages,
            DesignStore designs,
            Inventory inventory,
            Stockroom stockroom,
            Workshop workshop) {
        this.workshop = workshop;
        this.runs = runs;
        this.pages = pages;
        this.designs = designs;
        this.inventory = inventory;
        this.stockroom = stockroom;
    }

    @GetMapping
    String list(Model model) {
        List<KeptRun> all = runs.all();
        model.addAttribute("lines", pages.lines(all));
        return "runs/runs";
    }

    /** A cutting day: which cards are cut from the same sheets. */
    @GetMapping("/new")
    String start(Model model) {
        return startPage(Entries.none(), List.of(), model);
    }

    /** What the cards that are chosen so far take together, and apart. */
    @GetMapping("/new/together")
    String together(
            @RequestParam(name = "card", defaultValue = "") List<String> chosen,
            @RequestParam Map<String, String> typed,
            Model model) {
        List<KeptRun.Line> lines = chosenLines(chosen);
        if (lines.size() > 1) {
            model.addAttribute(
                    "together",
                    runs.together(lines, Thrift.named(Entries.of(typed).words("thrift"))));
        }
        return "runs/new :: together";
    }

    /**
     * A card that can be chosen.
     *
     * @param stored the card
     * @param standing its picture
     */
    public record Choice(StoredDesign stored, Drawing standing) {}

    private Choice choice(StoredDesign stored) {
        Card card = workshop.card(stored.design());
        return new Choice(stored, FinishedPicture.standing(card, inventory.shelf()));
    }

    private String startPage(Entries entries, List<String> chosen, Model model) {
        model.addAttribute("entries", entries);
        model.addAttribute("chosen", chosen);
        model.addAttribute("all", designs.all().stream().map(this::choice).toList());
        model.addAttribute("thrifts", Thrift.values());
        model.addAttribute("thrift", Thrift.named(entries.words("thrift")));
        return "runs/new";
    }

    @PostMapping
    String keep(
            @RequestParam(name = "card", defaultValue = "") List<String> chosen,
            @RequestParam Map<String, String> typed,
            Model model,
            HttpServletResponse response) {
        Entries entries = Entries.of(typed);
        List<KeptRun.Line> lines = chosenLines(chosen);
        if (lines.isEmpty()) {
            entries.refuse("card", "Choose at least one card.");
        }
        String name = name(entries);
        if (!entries.areGood()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return startPage(entries, chosen, model);
        }
        return "redirect:/runs/"
                + runs.keep(name, lines, Thrift.named(entries.words("thrift"))).id();
    }

    private List<KeptRun.Line> chosenLines(List<String> chosen) {
        return designs.all().stream()
                .filter(stored -> chosen.contains(stored.id()))
                .map(stored -> new KeptRun.Line(stored.id(), stored.run().copies()))
                .toList();
    }

    private static String name(Entries entries) {
        String name = entries.words("name");
        if (name.isBlank() || name.length() > LONGEST_NAME) {
            entries.refuse("name", "Give the run a name of 1 to " + LONGEST_NAME + " letters.");
        }
        return name;
    }

    /**
     * The run that comes with a card is settled: its lists stay as they are.
     *
     * @param bench at which station it is taken to the bench; nothing where it is only looked at
     */
    @PostMapping("/from/{card}")
    String settleCard(@PathVariable String card, @RequestParam Optional<BenchStation> bench) {
        String there = bench.map(station -> "/bench/" + station.key()).orElse("");
        return "redirect:/runs/" + runs.settle(designs.get(card)).id() + there;
    }

    @GetMapping("/{id}")
    String run(@PathVariable String id, Model model) {
        return page(runs.get(id), Entries.none(), model);
    }

    private String page(KeptRun run, Entries entries, Model model) {
        pages.show(run, entries, model);
        return "runs/run";
    }

    private String refused(KeptRun run, Entries entries, Model model, HttpServletResponse response) {
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        return page(run, entries, model);
    }

    /** Changes what an open run is of. */
    @PostMapping("/{id}")
    String change(
            @PathVariable String id,
            @RequestParam Map<String, String> typed,
            Model model,
            HttpServletResponse response) {
        Entries entries = Entries.of(typed);
        KeptRun run = runs.get(id);
        if (pages.isOfKit(run)) {
            entries.refuse("form", "It is cut for a class or kit: change how many there.");
            return refused(run, entries, model, response);
        }
        List<KeptRun.Line> lines = new ArrayList<>();
        for (KeptRun.Line line : run.lines()) {
            Optional<Copies> count = count(line, entries);
            count.ifPresent(each -> lines.add(new KeptRun.Line(line.card(), each)));
        }
        if (lines.isEmpty()) {
            entries.refuse("form", "A run is of at least one card: put it away instead.");
        }
        String name = name(entries);
        if (!entries.areGood()) {
            return refused(run, entries, model, response);
        }
        return "redirect:/runs/"
                + runs.change(id, entries.version(), name, lines, Thrift.named(entries.words("thrift")))
                        .id();
    }

    /** How many of a card are made; nothing where it is taken off the run. */
    private static Optional<Copies> count(KeptRun.Line line, Entries entries) {
        if (entries.isTicked("without-" + line.card())) {
            return Optional.empty();
        }
        Copies count =
                new Copies(entries.wholeNumber("make-" + line.card()), entries.wholeNumber("spares-" + line.card()));
        count.checked()
                .reasons()
                .forEach(reason -> entries.refuse(reason.field() + "-" + line.card(), reason.message()));
        return Optional.of(count);
    }

    /** An open run is settled: its lists stay as they are. */
    @PostMapping("/{id}/settle")
    String settle(@PathVariable String id, @RequestParam long version, RedirectAttributes after) {
        if (!runs.hasCards(runs.get(id))) {
            after.addFlashAttribute("said", "None of its cards is on the shelf: there is nothing to settle.");
            return "redirect:/runs/" + id;
        }
        return "redirect:/runs/" + runs.settle(id, version).id();
    }

    /**
     * Sheets of a settled run have been cut.
     *
     * @param layout the letter of the layout, or {@code all} for whatever is left
     * @param key the key shown with the sheets, under which they are booked once
     * @param found whether what there is too little of was found on the shelf
     */
    @PostMapping("/{id}/cut")
    String cut(
            @PathVariable String id,
            @RequestParam String layout,
            @RequestParam Map<String, String> typed,
            @RequestParam Optional<BookingKey> key,
            @RequestParam(defaultValue = "false") boolean found,
            Model model,
            HttpServletResponse response,
            RedirectAttributes after) {
        KeptRun run = runs.get(id);
        Entries entries = Entries.of(typed);
        boolean isAll = layout.equals(ALL);
        Map<String, Integer> sheets = new LinkedHashMap<>();
        if (run.state() != RunState.SETTLED) {
            entries.refuse("form", "It is " + run.standing() + ": sheets are cut of a run whose lists are settled.");
        } else if (isAll) {
            sheets.putAll(runs.left(run));
        } else {
            sheets.put(layout, entries.wholeNumber("sheets-" + layout));
        }
        if (!entries.areGood()) {
            return refused(run, entries, model, response);
        }
        BookingKey once = key.orElseGet(() -> runs.nextCut(run, layout));
        Booked booked = runs.cut(once, run, sheets, found);
        if (booked instanceof Stockroom.TooFew few) {
            response.setStatus(HttpStatus.CONFLICT.value());
            model.addAttribute("run", run);
            model.addAttribute("layout", layout);
            model.addAttribute("sheets", entries.words("sheets-" + layout));
            model.addAttribute("key", once.value());
            model.addAttribute("shortages", said(few.shortages()));
            return "runs/short";
        }
        if (booked instanceof Stockroom.Unknown) {
            entries.refuse("sheets-" + layout, "So many are not left of it: nothing was booked.");
            response.setStatus(HttpStatus.CONFLICT.value());
            return page(runs.get(id), entries, model);
        }
        after.addFlashAttribute(
                "said",
                booked instanceof Stockroom.Already
                        ? "That was booked already; nothing was booked twice."
                        : "They are off the shelf; what is worth keeping is in the drawer.");
        return "redirect:/runs/" + id;
    }

    /**
     * A shortage as it is said.
     *
     * @param name what there is too little of
     * @param words how much is taken, how much there is, and by how much it is short
     */
    record Said(Phrase name, Phrase words) {

        static Said of(Shortage shortage, PaperShelf shelf, MeasureSystem system) {
            StockItem item = shortage.item();
            Phrase.Writer name = Phrase.in(system);
            if (item instanceof StockItem.OfPaper ofPaper) {
                name.words(shelf.find(ofPaper.paper()).map(Paper::name).orElse("A paper that is gone") + ", ");
            }
            return new Said(
                    name.phrase(item.words(system)).end(),
                    Phrase.in(system)
                            .phrase(item.amount("", shortage.wanted(), system))
                            .phrase(item.amount(" taken, ", shortage.onHand(), system))
                            .phrase(item.amount(" on hand, short by ", shortage.missing(), system))
                            .words(".")
                            .end());
        }
    }

    private List<Said> said(List<Shortage> shortages) {
        PaperShelf shelf = inventory.shelf();
        MeasureSystem system = inventory.studio().system();
        return shortages.stream().map(each -> Said.of(each, shelf, system)).toList();
    }

    /** What was cut is taken back, once. */
    @PostMapping("/{id}/back")
    String back(@PathVariable String id, @RequestParam BookingKey key, RedirectAttributes after) {
        Booked booked = stockroom.takeBack(key);
        after.addFlashAttribute("said", taken(booked));
        return "redirect:/runs/" + id;
    }

    private static String taken(Booked booked) {
        if (booked instanceof Stockroom.Done) {
            return "It is taken back: the sheets are on the shelf again, and the drawer is as it was.";
        }
        return booked instanceof Stockroom.Already
                ? "It was taken back already; nothing was booked twice."
                : "It cannot be taken back: what it brought is used since.";
    }

    /** How many cards are scored, pressed and made. */
    @PostMapping("/{id}/work")
    String work(
            @PathVariable String id,
            @RequestParam Map<String, String> typed,
            Model model,
            HttpServletResponse response) {
        Entries entries = Entries.of(typed);
        KeptRun run = runs.get(id);
        Map<String, Integer> counts = new LinkedHashMap<>();
        for (String station : List.of("scored", "pressed", "made")) {
            int count = entries.has(station) ? entries.wholeNumber(station) : 0;
            if (count < 0 || count > run.cards()) {
                entries.refuse(station, "It is 0 to " + run.cards() + " cards.");
            }
            counts.put(station, count);
        }
        if (!entries.areGood()) {
            return refused(run, entries, model, response);
        }
        runs.work(
                id,
                entries.version(),
                new Cards(
                        counts.getOrDefault("scored", 0),
                        counts.getOrDefault("pressed", 0),
                        counts.getOrDefault("made", 0)));
        return "redirect:/runs/" + id;
    }

    /**
     * Plans the rest anew.
     *
     * @param now whether the cards are taken as they are now
     */
    @PostMapping("/{id}/replan")
    String replan(
            @PathVariable String id, @RequestParam long version, @RequestParam(defaultValue = "false") boolean now) {
        return "redirect:/runs/" + runs.replan(id, version, now).id();
    }

    /** Done, put away, or back among those under way. */
    @PostMapping("/{id}/state")
    String state(@PathVariable String id, @RequestParam long version, @RequestParam RunState state) {
        runs.move(id, version, state);
        return "redirect:/runs" + (state == RunState.SETTLED ? "/" + id : "");
    }

    @ExceptionHandler(NoSuchRunException.class)
    String none(Model model, HttpServletResponse response) {
        response.setStatus(HttpStatus.NOT_FOUND.value());
        model.addAttribute("said", "That run is not here: it may be of another data folder.");
        return list(model);
    }

    /** Somebody else was first: the page shows the run as it is now. */
    @ExceptionHandler(StaleItemException.class)
    String stale(Model model, HttpServletResponse response) {
        response.setStatus(HttpStatus.CONFLICT.value());
        model.addAttribute(
                "said", "That run was changed elsewhere in the meantime. Nothing was done; look at it as it is now.");
        return list(model);
    }

    @ExceptionHandler(DamagedRunException.class)
    String damaged(DamagedRunException damaged, Model model, HttpServletResponse response) {
        response.setStatus(HttpStatus.CONFLICT.value());
        model.addAttribute("said", "It cannot be shown: " + damaged.getMessage());
        return list(model);
    }
}
