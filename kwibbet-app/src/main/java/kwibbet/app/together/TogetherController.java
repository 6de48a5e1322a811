package kwibbet.app.together;

import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

import kwibbet.app.store.DesignStore;
import kwibbet.app.store.Inventory;
import kwibbet.app.store.StoredDesign;
import kwibbet.app.store.Workshop;
import kwibbet.bench.JointPlan;
import kwibbet.card.Card;
import kwibbet.card.Thrift;
import kwibbet.cutting.Budget;
import kwibbet.drawing.Drawing;
import kwibbet.layout.SheetPlan.Lettered;
import kwibbet.measure.MeasureSystem;
import kwibbet.picture.SheetPicture;

/** A cutting day: the sheets and settings for the runs of several cards at once. */
@Controller
@RequestMapping("/together")
class TogetherController {

    /** So long a page may take that is asked for a few times a week. */
    private static final Duration LOOKING = Duration.ofSeconds(2);

    private final DesignStore designs;
    private final Workshop workshop;
    private final Inventory inventory;

    TogetherController(DesignStore designs, Workshop workshop, Inventory inventory) {
        this.designs = designs;
        this.workshop = workshop;
        this.inventory = inventory;
    }

    @GetMapping
    String together(
            @RequestParam(name = "card", defaultValue = "") List<String> chosen,
            @RequestParam(defaultValue = "FEWEST_SHEETS") String thrift,
            Model model) {
        List<StoredDesign> all = designs.all();
        List<Card> cards = all.stream()
                .filter(stored -> chosen.contains(stored.id()))
                .map(stored -> workshop.card(stored.design()))
                .toList();
        Thrift spared = Stream.of(Thrift.values())
                .filter(each -> each.name().equals(thrift))
                .findFirst()
                .orElse(Thrift.FEWEST_SHEETS);
        model.addAttribute("all", all);
        model.addAttribute("chosen", chosen);
        model.addAttribute("thrifts", Thrift.values());
        model.addAttribute("thrift", spared);
        if (!cards.isEmpty()) {
            JointPlan plan = JointPlan.of(cards, inventory.shelf(), inventory.toolbox(), spared, Budget.of(LOOKING));
            show(plan, cards.get(0).design().system(), model);
        }
        return "together/together";
    }

    private static void show(JointPlan plan, MeasureSystem system, Model model) {
        Map<String, Drawing> pictures = new LinkedHashMap<>();
        for (Lettered sheet : plan.sheets().lettered()) {
            pictures.put(sheet.letter(), SheetPicture.of(sheet, plan.trim().numbersOn(sheet), system));
        }
        model.addAttribute("plan", plan);
        model.addAttribute("pictures", pictures);
        model.addAttribute("system", system);
    }
}
