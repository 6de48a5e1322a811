package kwibbet.app.kits;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import kwibbet.app.store.KeptKit;
import kwibbet.app.store.Kits;
import kwibbet.app.store.NoSuchKitException;
import kwibbet.app.store.StaleItemException;
import kwibbet.app.store.Stockroom;
import kwibbet.app.store.StoredDesign;
import kwibbet.app.web.CsvDownload;
import kwibbet.app.web.Entries;
import kwibbet.app.web.FileNames;
import kwibbet.card.base.Envelopes;
import kwibbet.formats.calendar.KitCalendar;
import kwibbet.formats.csv.SuppliesCsv;
import kwibbet.formats.pdf.Labels;
import kwibbet.formats.pdf.PageFormat;
import kwibbet.kit.Kit;
import kwibbet.kit.KitDay;
import kwibbet.kit.KitPlan;
import kwibbet.kit.LabelSheet;
import kwibbet.kit.Pricing;
import kwibbet.kit.SharedTool;
import kwibbet.kit.Sharing;
import kwibbet.kit.Who;
import kwibbet.making.Station;
import kwibbet.stock.BookingKey;

/** Kits and classes: a list of them, a new one, and each with its cards, its room and who does what. */
@Controller
@RequestMapping("/classes")
class KitsController {

    private final Kits kits;
    private final KitPages pages;
    private final Clock clock;

    KitsController(Kits kits, KitPages pages, Clock clock) {
        this.kits = kits;
        this.pages = pages;
        this.clock = clock;
    }

    private LocalDate today() {
        return LocalDate.now(clock);
    }

    @GetMapping
    String list(Model model) {
        model.addAttribute("listed", pages.listed());
        model.addAttribute("unreadable", kits.unreadable());
        return "kits/kits";
    }

    @GetMapping("/new")
    String start(Model model) {
        return startPage(Entries.none(), List.of(), model);
    }

    private String startPage(Entries entries, List<String> chosen, Model model) {
        model.addAttribute("entries", entries);
        model.addAttribute("chosen", chosen);
        model.addAttribute("choices", pages.choices());
        model.addAttribute("sharedTools", SharedTool.values());
        Kit begun = Kit.begun(today());
        model.addAttribute("kit", begun);
        model.addAttribute("meeting", begun.meeting().orElse(null));
        return "kits/new";
    }

    @PostMapping
    String keep(
            @RequestParam(name = "card", defaultValue = "") List<String> chosen,
            @RequestParam Map<String, String> typed,
            Model model,
            HttpServletResponse response) {
        Entries entries = Entries.of(typed);
        List<String> cards = chosen.stream().filter(card -> !card.isBlank()).toList();
        Kit kit = KitForm.read(entries, cards, Kit.begun(today()), today());
        if (!entries.areGood()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return startPage(entries, cards, model);
        }
        return "redirect:/classes/" + kits.keep(kit).id();
    }

    /** The class that is next, and what it still lacks; nothing where there is none. */
    @GetMapping("/next")
    String next(Model model) {
        pages.next(today(), model);
        return "kits/kits :: next";
    }

    @GetMapping("/{id}")
    String kit(@PathVariable String id, Model model) {
        return page(kits.get(id), Entries.none(), model);
    }

    private String page(KeptKit kept, Entries entries, Model model) {
        pages.show(kept, entries, today(), model);
        return "kits/kit";
    }

    @PostMapping("/{id}")
    String change(
            @PathVariable String id,
            @RequestParam Map<String, String> typed,
            Model model,
            HttpServletResponse response) {
        KeptKit kept = kits.get(id);
        Entries entries = Entries.of(typed);
        List<String> cards = kept.kit().lines().stream()
                .map(Kit.Line::card)
                .filter(card -> !entries.isTicked("without-" + card))
                .toList();
        Kit kit = KitForm.read(entries, cards, kept.kit(), today());
        if (entries.areGood() && kept.version() != entries.version()) {
            entries.refuse("form", Entries.STALE);
        }
        if (!entries.areGood()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return page(kept, entries, model);
        }
        if (!kit.equals(kept.kit())) {
            kits.change(id, entries.version(), kit);
        }
        return "redirect:/classes/" + id;
    }

    /**
     * Who does a step, or all that is done at a station.
     *
     * @param who who
     * @param step the id of a step, with its card; nothing where a rule for a station is said
     */
    @PostMapping("/{id}/who")
    String who(
            @PathVariable String id,
            @RequestParam long version,
            @RequestParam Who who,
            @RequestParam Optional<Station> station,
            @RequestParam Optional<String> card,
            @RequestParam Optional<String> step) {
        Kit kit = kits.get(id).kit();
        Sharing sharing = station.map(each -> kit.sharing().with(each, who))
                .or(() -> card.flatMap(one -> step.map(each -> kit.sharing().with(new Sharing.StepOf(one, each), who))))
                .orElse(kit.sharing());
        kits.change(id, version, kit.with(sharing));
        return "redirect:/classes/" + id + "#who";
    }

    /** What would make it fit. */
    @GetMapping("/{id}/proposal")
    String proposal(@PathVariable String id, Model model) {
        KeptKit kept = kits.get(id);
        model.addAttribute("kept", kept);
        kits.plan(kept.kit()).flatMap(KitPlan::proposal).ifPresent(each -> model.addAttribute("proposal", each));
        return "kits/kit :: proposal";
    }

    /**
     * What it would save to prepare what is done at a station.
     *
     * @param stretch names what is done there
     */
    @GetMapping("/{id}/saved")
    String saved(@PathVariable String id, @RequestParam String stretch, Model model) {
        KeptKit kept = kits.get(id);
        model.addAttribute("kept", kept);
        kits.planned(kept.kit()).ifPresent(planned -> {
            planned.fit().ifPresent(fit -> model.addAttribute("fit", fit));
            planned.plan().saving(stretch).ifPresent(each -> model.addAttribute("saved", each));
        });
        return "kits/kit :: saved";
    }

    /**
     * What was proposed is prepared.
     *
     * @param steps the steps as they were shown, each after its card and a blank
     */
    @PostMapping("/{id}/prepare")
    String prepare(
            @PathVariable String id,
            @RequestParam long version,
            @RequestParam(name = "step", defaultValue = "") List<String> steps,
            RedirectAttributes after) {
        Kit kit = kits.get(id).kit();
        Sharing sharing = kit.sharing();
        for (String each : steps) {
            int blank = each.indexOf(' ');
            if (blank > 0) {
                sharing = sharing.with(
                        new Sharing.StepOf(each.substring(0, blank), each.substring(blank + 1)), Who.MAKER);
            }
        }
        kits.change(id, version, kit.with(sharing));
        after.addFlashAttribute("said", "Those steps are yours now. Undo takes that back.");
        return "redirect:/classes/" + id;
    }

    /** How its price is made. */
    @PostMapping("/{id}/price")
    String price(
            @PathVariable String id,
            @RequestParam Map<String, String> typed,
            @RequestParam Pricing.Counted paper,
            @RequestParam Pricing.Rounding rounding,
            Model model,
            HttpServletResponse response) {
        KeptKit kept = kits.get(id);
        Entries entries = Entries.of(typed);
        Kit kit = kept.kit().with(new Pricing(paper, entries.cents("rate"), entries.wholeNumber("margin"), rounding));
        entries.refuse(kit.refusals());
        if (!entries.areGood()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return page(kept, entries, model);
        }
        if (!kit.equals(kept.kit())) {
            kits.change(id, entries.version(), kit);
        }
        return "redirect:/classes/" + id + "#cost";
    }

    /** What one more or one less changes. */
    @GetMapping("/{id}/beside")
    String beside(@PathVariable String id, Model model) {
        pages.beside(kits.get(id), model);
        return "kits/kit :: beside";
    }

    /** What its cards are mailed in. */
    @GetMapping("/{id}/mail")
    String mail(@PathVariable String id, Model model) {
        pages.mail(kits.get(id), model);
        return "kits/kit :: mail";
    }

    /** What it takes, as a list for other programs. */
    @GetMapping("/{id}/supplies.csv")
    ResponseEntity<String> supplies(@PathVariable String id) {
        KeptKit kept = kits.get(id);
        return CsvDownload.of(
                FileNames.of(kept.kit().name(), ""),
                kits.supplies(kept)
                        .map(each -> SuppliesCsv.write(each, pages.system()))
                        .orElse(""));
    }

    /**
     * An envelope for one of its cards is made a card of its own, and goes into its bags.
     *
     * @param card the id of the card
     * @param base the key of what it is folded from
     */
    @PostMapping("/{id}/envelope")
    String envelope(
            @PathVariable String id,
            @RequestParam long version,
            @RequestParam String card,
            @RequestParam String base,
            RedirectAttributes after) {
        Optional<StoredDesign> made = Envelopes.find(base)
                .flatMap(each -> pages.envelope(kits.get(id), card, each))
                .map(envelope -> kits.putBeside(id, version, card, envelope));
        after.addFlashAttribute(
                "said",
                made.map(each -> "“" + each.design().name()
                                + "” is a card of its own now, in each bag. Undo takes it out of them.")
                        .orElse("No envelope can be made for that card."));
        return "redirect:/classes/" + id;
    }

    /**
     * Its bags are packed: what goes with the cards is taken off the shelf.
     *
     * @param found whether what there is too little of was found on the shelf
     */
    @PostMapping("/{id}/packed")
    String packed(
            @PathVariable String id,
            @RequestParam BookingKey key,
            @RequestParam(defaultValue = "false") boolean found,
            RedirectAttributes after) {
        if (kits.pack(kits.get(id), key, found) instanceof Stockroom.TooFew few) {
            after.addFlashAttribute("tooFew", pages.tooFew(few.shortages()));
        }
        return "redirect:/classes/" + id + "#packing";
    }

    /** What is in its bags is on the shelf again. */
    @PostMapping("/{id}/unpacked")
    String unpacked(@PathVariable String id, @RequestParam BookingKey key) {
        kits.unpack(kits.get(id), key);
        return "redirect:/classes/" + id + "#packing";
    }

    /** What is printed for it. */
    @GetMapping("/{id}/papers.pdf")
    ResponseEntity<byte[]> papers(@PathVariable String id, @RequestParam PageFormat format) {
        KeptKit kept = kits.get(id);
        return pages.papers(kept, format)
                .map(pdf -> pdf(kept, pdf))
                .orElse(ResponseEntity.notFound().build());
    }

    /**
     * How labels for its bags lie on their sheets; once that is said and right, they are printed.
     *
     * @param print what is printed: labels or frames; nothing before that is said
     */
    @GetMapping("/{id}/labels")
    String labels(
            @PathVariable String id,
            @RequestParam Map<String, String> typed,
            @RequestParam(defaultValue = "LETTER") PageFormat format,
            @RequestParam Optional<String> print,
            HttpServletRequest request,
            Model model,
            HttpServletResponse response) {
        KeptKit kept = kits.get(id);
        Entries entries = Entries.of(typed);
        LabelSheet sheet = LabelForm.read(entries, format, pages.system());
        if (entries.areGood() && print.isPresent()) {
            return "redirect:/classes/" + id + "/labels.pdf?" + request.getQueryString();
        }
        if (!entries.areGood()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        }
        pages.labels(kept, entries.areGood() ? sheet : LabelSheet.USUAL, model);
        model.addAttribute("entries", entries);
        model.addAttribute("format", format);
        return "kits/labels";
    }

    /** Labels for its bags, or the frames that show where they would lie. */
    @GetMapping("/{id}/labels.pdf")
    ResponseEntity<byte[]> labels(
            @PathVariable String id,
            @RequestParam Map<String, String> typed,
            @RequestParam(defaultValue = "LETTER") PageFormat format,
            @RequestParam(defaultValue = "labels") String print) {
        KeptKit kept = kits.get(id);
        Entries entries = Entries.of(typed);
        LabelSheet sheet = LabelForm.read(entries, format, pages.system());
        return entries.areGood()
                ? pdf(
                        kept,
                        print.equals("frames")
                                ? Labels.frames(sheet, format)
                                : Labels.write(sheet, pages.labels(kept), format))
                : ResponseEntity.notFound().build();
    }

    private static ResponseEntity<byte[]> pdf(KeptKit kept, byte[] pdf) {
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        "inline; filename=\"" + FileNames.of(kept.kit().name(), ".pdf") + "\"")
                .contentType(MediaType.APPLICATION_PDF)
                .body(pdf);
    }

    /** The class and the days before it, for a calendar. */
    @GetMapping("/{id}/calendar.ics")
    ResponseEntity<String> calendar(@PathVariable String id) {
        KeptKit kept = kits.get(id);
        List<KitDay> days = kits.plan(kept.kit()).map(KitPlan::days).orElse(List.of());
        return kept.kit()
                .meeting()
                .map(meeting -> KitCalendar.write(id, kept.kit().name(), meeting, days, clock.instant()))
                .map(text -> ResponseEntity.ok()
                        .header(
                                HttpHeaders.CONTENT_DISPOSITION,
                                "attachment; filename=\""
                                        + FileNames.of(kept.kit().name(), ".ics") + "\"")
                        .contentType(new MediaType("text", "calendar", StandardCharsets.UTF_8))
                        .body(text))
                .orElse(ResponseEntity.notFound().build());
    }

    /** One more of a tool is there. */
    @PostMapping("/{id}/borrow")
    String borrow(@PathVariable String id, @RequestParam long version, @RequestParam SharedTool tool) {
        kits.change(id, version, kits.get(id).kit().withOneMore(tool));
        return "redirect:/classes/" + id;
    }

    @PostMapping("/{id}/undo")
    String undo(@PathVariable String id, @RequestParam long version) {
        return "redirect:/classes/" + kits.undo(id, version).id();
    }

    @PostMapping("/{id}/redo")
    String redo(@PathVariable String id, @RequestParam long version) {
        return "redirect:/classes/" + kits.redo(id, version).id();
    }

    @PostMapping("/{id}/away")
    String away(@PathVariable String id, @RequestParam long version, @RequestParam boolean away) {
        kits.putAway(id, version, away);
        return "redirect:/classes" + (away ? "" : "/" + id);
    }

    @ExceptionHandler(NoSuchKitException.class)
    String none(Model model, HttpServletResponse response) {
        response.setStatus(HttpStatus.NOT_FOUND.value());
        model.addAttribute("said", "That class is not here: it may be of another data folder.");
        return list(model);
    }

    /** Somebody else was first: the page shows the class as it is now. */
    @ExceptionHandler(StaleItemException.class)
    String stale(HttpServletRequest request, Model model, HttpServletResponse response) {
        response.setStatus(HttpStatus.CONFLICT.value());
        Entries entries = Entries.none();
        entries.refuse("form", "It was changed elsewhere in the meantime. Nothing was done; this is how it is now.");
        String id = request.getRequestURI().replaceAll("^/classes/([^/]*).*$", "$1");
        return page(kits.get(id), entries, model);
    }
}
