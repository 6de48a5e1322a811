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
import kwibbet.app.store.Inventory;
import kwibbet.app.web.Entries;
import kwibbet.card.Base;
import kwibbet.card.Card;
import kwibbet.card.CardMaker;
import kwibbet.card.CardSize;
import kwibbet.card.Design;
import kwibbet.card.Pose;
import kwibbet.card.Run;
import kwibbet.card.Settings;
import kwibbet.card.base.Bases;
import kwibbet.card.base.FoldedBase;
import kwibbet.drawing.Drawing;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.Paper;
import kwibbet.paper.PaperId;
import kwibbet.paper.PaperShelf;
import kwibbet.picture.FinishedPicture;
import kwibbet.shape.Size;

/** The shelf of cards, and starting a new one. */
@Controller
class HomeController {

    private static final int SHELF = 24;

    private final DesignStore designs;
    private final Inventory inventory;

    HomeController(DesignStore designs, Inventory inventory) {
        this.designs = designs;
        this.inventory = inventory;
    }

    /**
     * A card on the shelf.
     *
     * @param id its design
     * @param card the card
     * @param standing its picture
     */
    record OnShelf(String id, Card card, Drawing standing) {}

    /**
     * A size to start from.
     *
     * @param size the size
     * @param picture a card of it
     */
    record Offered(CardSize size, Drawing picture) {}

    @GetMapping("/")
    String home(Model model) {
        PaperShelf shelf = inventory.shelf();
        model.addAttribute(
                "cards",
                designs.recent(SHELF).stream()
                        .map(stored -> onShelf(stored.id(), stored.design(), shelf))
                        .toList());
        model.addAttribute("hasPaper", !shelf.papers().isEmpty());
        return "home/home";
    }

    private static OnShelf onShelf(String id, Design design, PaperShelf shelf) {
        Card card = CardMaker.make(design).orThrow();
        return new OnShelf(id, card, standing(card, shelf));
    }

    private static Drawing standing(Card card, PaperShelf shelf) {
        return FinishedPicture.alone(card, shelf, card.form().pose(Pose.STANDING));
    }

    @GetMapping("/cards/new")
    String start(Model model) {
        return startPage(Entries.none(), model);
    }

    private String startPage(Entries entries, Model model) {
        PaperShelf shelf = inventory.shelf();
        model.addAttribute("entries", entries);
        model.addAttribute("papers", shelf.papers());
        model.addAttribute(
                "sizes", CardSize.ALL.stream().map(size -> offered(size, shelf)).toList());
        model.addAttribute("folds", FoldedBase.FOLD);
        return "home/new";
    }

    private static Offered offered(CardSize size, PaperShelf shelf) {
        PaperId paper = shelf.papers().stream().findFirst().map(Paper::id).orElse(new PaperId("none"));
        Base base = Bases.ALL.get(0);
        Design sample = fresh(size.title(), size, base.sized(Settings.PRESET, size.size()), paper);
        return new Offered(size, standing(CardMaker.make(sample).orThrow(), shelf));
    }

    private static Design fresh(String name, CardSize size, Settings settings, PaperId paper) {
        return new Design(name, size.system(), Bases.ALL.get(0), settings, paper, false, List.of(), Run.ONE);
    }

    @PostMapping("/cards")
    String create(@RequestParam Map<String, String> typed, Model model, HttpServletResponse response) {
        Entries entries = Entries.of(typed);
        Optional<Design> design = design(entries);
        if (design.isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return startPage(entries, model);
        }
        return "redirect:/cards/" + designs.create(design.get()).id();
    }

    private Optional<Design> design(Entries entries) {
        String paper = entries.words("paper");
        if (paper.isEmpty()) {
            entries.refuse("paper", "Choose a paper.");
        }
        CardSize size = chosenSize(entries);
        if (!entries.areGood()) {
            return Optional.empty();
        }
        String name = entries.words("name").isEmpty() ? size.title() + " card" : entries.words("name");
        Settings settings = Bases.ALL
                .get(0)
                .sized(Settings.PRESET, size.size())
                .with(FoldedBase.FOLD, entries.words("fold").isEmpty() ? FoldedBase.AT_SIDE : entries.words("fold"));
        Design design = fresh(name, size, settings, new PaperId(paper));
        entries.refuse(CardMaker.make(design).reasons());
        return entries.areGood() ? Optional.of(design) : Optional.empty();
    }

    /** One of the everyday sizes, or the maker's own. */
    private static CardSize chosenSize(Entries entries) {
        String key = entries.words("size");
        return CardSize.ALL.stream()
                .filter(size -> size.key().equals(key))
                .findFirst()
                .orElseGet(() -> ownSize(entries));
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
