package kwibbet.app.home;

import java.util.List;
import java.util.Map;
import java.util.Optional;

import jakarta.servlet.http.HttpServletResponse;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

import kwibbet.app.store.DesignStore;
import kwibbet.app.store.DesignStore.Look;
import kwibbet.app.store.DesignStore.Order;
import kwibbet.app.store.Inventory;
import kwibbet.app.store.StoredDesign;
import kwibbet.app.store.Workshop;
import kwibbet.app.web.Entries;
import kwibbet.card.Base;
import kwibbet.card.Card;
import kwibbet.card.CardSize;
import kwibbet.card.Design;
import kwibbet.card.base.Bases;
import kwibbet.card.base.SpokenBlank;
import kwibbet.card.base.Starts;
import kwibbet.drawing.Drawing;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.outcome.Refusal;
import kwibbet.paper.Paper;
import kwibbet.paper.PaperId;
import kwibbet.paper.PaperKind;
import kwibbet.paper.PaperShelf;
import kwibbet.picture.FinishedPicture;
import kwibbet.run.CardRun;
import kwibbet.shape.Size;

/** The shelf of cards, and starting a new one. */
@Controller
class HomeController {

    private static final int SHELF = 60;
    /** So many cards are seen without looking for one. */
    private static final int AT_A_LOOK = 10;

    private static final int LONGEST = 60;
    /** Each base at the size it is usually made. */
    private static final String AS_USUAL = "usual";
    /** As a blank that is said: its size and where it is scored. */
    private static final String SAID = "said";

    private final DesignStore designs;
    private final Inventory inventory;
    private final Workshop workshop;

    HomeController(DesignStore designs, Inventory inventory, Workshop workshop) {
        this.workshop = workshop;
        this.designs = designs;
        this.inventory = inventory;
    }

    /**
     * A card on the shelf.
     *
     * @param stored its design
     * @param card the card
     * @param standing its picture
     */
    record OnShelf(StoredDesign stored, Card card, Drawing standing) {}

    /**
     * A base to start from.
     *
     * @param base the base
     * @param picture a card of it at the size chosen; none where that cannot be made
     * @param size the shut card; none where that cannot be made
     * @param problem why it cannot; empty where it can
     */
    record Offered(Base base, Optional<Drawing> picture, Optional<Size> size, String problem) {}

    @GetMapping("/")
    String home(@RequestParam Map<String, String> asked, Model model) {
        Look look = new Look(words(asked), order(asked), false);
        show(look, page(asked), model);
        PaperShelf shelf = inventory.shelf();
        model.addAttribute("isLooking", !look.words().isEmpty() || page(asked) > 1);
        model.addAttribute("hasAway", designs.hasAway());
        model.addAttribute("hasPaper", !shelf.papers().isEmpty());
        model.addAttribute(
                "isFirst", inventory.chosenStudio().isEmpty() && shelf.papers().isEmpty());
        return "home/home";
    }

    /** The cards that were taken off the shelf, at any time. */
    @GetMapping("/away")
    String away(@RequestParam Map<String, String> asked, Model model) {
        show(new Look(words(asked), order(asked), true), page(asked), model);
        return "home/away";
    }

    private void show(Look look, int page, Model model) {
        PaperShelf shelf = inventory.shelf();
        DesignStore.Shelf found = designs.shelf(look, page, SHELF);
        model.addAttribute(
                "cards",
                found.designs().stream().map(stored -> onShelf(stored, shelf)).toList());
        model.addAttribute("damaged", found.damaged());
        model.addAttribute("words", look.words());
        model.addAttribute("order", look.order());
        model.addAttribute("newer", page > 1 ? Optional.of(page - 1) : Optional.empty());
        model.addAttribute("older", found.hasOlder() ? Optional.of(page + 1) : Optional.empty());
        model.addAttribute(
                "isLong",
                !look.words().isEmpty()
                        || page > 1
                        || found.hasOlder()
                        || found.designs().size() > AT_A_LOOK);
    }

    private static String words(Map<String, String> asked) {
        String words = asked.getOrDefault("words", "").strip();
        return words.substring(0, Math.min(words.length(), LONGEST));
    }

    private static Order order(Map<String, String> asked) {
        return Order.NAME.name().equalsIgnoreCase(asked.get("order")) ? Order.NAME : Order.RECENT;
    }

    private static int page(Map<String, String> asked) {
        String page = asked.getOrDefault("page", "1");
        return page.matches("[1-9][0-9]{0,5}") ? Integer.parseInt(page) : 1;
    }

    private OnShelf onShelf(StoredDesign stored, PaperShelf shelf) {
        Card card = workshop.card(stored.design());
        return new OnShelf(stored, card, standing(card, shelf));
    }

    private static Drawing standing(Card card, PaperShelf shelf) {
        return FinishedPicture.standing(card, shelf);
    }

    /** The gallery, drawn at the size and of the paper chosen so far. */
    @GetMapping("/cards/new")
    String start(@RequestParam Map<String, String> typed, Model model) {
        return startPage(Entries.of(typed), model);
    }

    private String startPage(Entries entries, Model model) {
        PaperShelf shelf = inventory.shelf();
        // What is wrong with a size typed so far is said when the card is started, not while it is typed.
        Entries looking = entries.copy();
        MeasureSystem system = inventory.studio().system();
        Optional<CardSize> size = chosenSize(looking);
        Optional<CardSize> shown = looking.areGood() ? size : Optional.empty();
        PaperId paper = paper(entries, shelf);
        model.addAttribute("entries", entries);
        model.addAttribute("papers", foldable(shelf));
        model.addAttribute("paper", paper.value());
        model.addAttribute("sizes", CardSize.in(system));
        model.addAttribute("system", system);
        model.addAttribute("size", entries.has("size") ? entries.words("size") : AS_USUAL);
        List<Offered> bases = entries.words("size").equals(SAID)
                ? said(entries.copy(), system).stream()
                        .map(reading -> offered(
                                Design.of(reading.base().title(), system, reading.base(), reading.settings(), paper),
                                shelf))
                        .toList()
                : Bases.ALL.stream()
                        .map(base -> offered(
                                fresh(base.title(), base, shown.orElseGet(() -> usual(base, system)), paper), shelf))
                        .toList();
        model.addAttribute("bases", bases);
        model.addAttribute(
                "chosen",
                bases.stream().anyMatch(each -> each.base().key().equals(entries.words("base")))
                        ? entries.words("base")
                        : "");
        return "home/new";
    }

    private static List<Paper> foldable(PaperShelf shelf) {
        return shelf.papers().stream()
                .filter(paper -> paper.kind() != PaperKind.FILM && paper.kind() != PaperKind.FOAM)
                .toList();
    }

    private static PaperId paper(Entries entries, PaperShelf shelf) {
        return foldable(shelf).stream()
                .map(Paper::id)
                .filter(id -> id.value().equals(entries.words("paper")))
                .findFirst()
                .or(() -> foldable(shelf).stream().findFirst().map(Paper::id))
                .orElse(PaperId.NONE);
    }

    /** What a blank that is said may be; where it cannot be, the entries say why. */
    private List<SpokenBlank.Reading> said(Entries entries, MeasureSystem system) {
        Outcome<SpokenBlank> blank = SpokenBlank.parse(entries.words("blank"), system);
        entries.refuse(blank.reasons());
        return blank instanceof Outcome.Made<SpokenBlank> made
                ? made.value().readings(system, inventory.materials())
                : List.of();
    }

    private Offered offered(Design design, PaperShelf shelf) {
        Base base = design.base();
        Outcome<Card> card = workshop.make(design);
        return card instanceof Outcome.Made<Card> made
                ? new Offered(
                        base,
                        Optional.of(standing(made.value(), shelf)),
                        Optional.of(made.value().form().finished()),
                        "")
                : new Offered(
                        base,
                        Optional.empty(),
                        Optional.empty(),
                        card.reasons().stream()
                                .map(Refusal::message)
                                .findFirst()
                                .orElse(""));
    }

    private static Design fresh(String name, Base base, CardSize size, PaperId paper) {
        return Design.of(name, size.system(), base, Starts.sized(base, size.size(), size.system()), paper);
    }

    @PostMapping("/cards")
    String create(@RequestParam Map<String, String> typed, Model model, HttpServletResponse response) {
        Entries entries = Entries.of(typed);
        Optional<Design> design = design(entries);
        if (design.isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return startPage(entries, model);
        }
        return "redirect:/cards/" + designs.create(CardRun.ofOne(design.get())).id();
    }

    private Optional<Design> design(Entries entries) {
        String paper = entries.words("paper");
        if (foldable(inventory.shelf()).stream()
                .noneMatch(each -> each.id().value().equals(paper))) {
            entries.refuse("paper", "Choose a paper.");
        }
        Optional<Base> base = Bases.find(entries.words("base").isEmpty() ? "folded" : entries.words("base"));
        if (base.isEmpty()) {
            entries.refuse("base", "Choose how it folds.");
        }
        MeasureSystem system = inventory.studio().system();
        Optional<CardSize> chosen = chosenSize(entries);
        if (!entries.areGood() || base.isEmpty()) {
            return Optional.empty();
        }
        String name = entries.words("name").isEmpty() ? base.get().title() : entries.words("name");
        Optional<Design> design = entries.words("size").equals(SAID)
                ? said(entries, system).stream()
                        .filter(reading -> reading.base().equals(base.get()))
                        .findFirst()
                        .map(reading -> Design.of(name, system, reading.base(), reading.settings(), new PaperId(paper)))
                : Optional.of(
                        fresh(name, base.get(), chosen.orElseGet(() -> usual(base.get(), system)), new PaperId(paper)));
        if (design.isEmpty()) {
            entries.refuse("blank", "Choose one of the ways it can fold.");
            return Optional.empty();
        }
        workshop.make(design.get()).reasons().forEach(reason -> refuse(reason, entries));
        return entries.areGood() ? design : Optional.empty();
    }

    /** The page has fields for the size and the name only; what is wrong with anything else is said at the gallery. */
    private static void refuse(Refusal reason, Entries entries) {
        boolean hasField = List.of("width", "height", "name").contains(reason.field());
        entries.refuse(hasField ? reason.field() : "base", reason.message());
    }

    /** One of the everyday sizes, or the maker's own; nothing where each base is wanted as it is usually made. */
    private static Optional<CardSize> chosenSize(Entries entries) {
        if (!entries.has("size") || List.of(AS_USUAL, SAID).contains(entries.words("size"))) {
            return Optional.empty();
        }
        return CardSize.find(entries.words("size")).or(() -> Optional.of(ownSize(entries)));
    }

    private static CardSize usual(Base base, MeasureSystem system) {
        return base.usual(system)
                .map(size -> new CardSize(AS_USUAL, "As usual", size, system))
                .orElseGet(() -> CardSize.usual(system));
    }

    private static CardSize ownSize(Entries entries) {
        MeasureSystem system = entries.choice("system", MeasureSystem.class);
        var width = entries.length("width", system);
        var height = entries.length("height", system);
        if (!width.isPositive()) {
            entries.refuse("width", "It must be more than 0.");
        }
        if (!height.isPositive()) {
            entries.refuse("height", "It must be more than 0.");
        }
        return entries.areGood()
                ? new CardSize("own", "Own size", new Size(width, height), system)
                : CardSize.ALL.get(0);
    }
}
