package kwibbet.app.compare;

import java.util.ArrayList;
import java.util.List;

import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

import kwibbet.app.store.DesignStore;
import kwibbet.app.store.NoSuchDesignException;
import kwibbet.app.store.StoredDesign;
import kwibbet.app.store.Workshop;
import kwibbet.bench.RunPlan;
import kwibbet.card.PieceId;
import kwibbet.card.Pose;
import kwibbet.card.SupplyList;
import kwibbet.drawing.Drawing;
import kwibbet.making.Way;
import kwibbet.picture.FinishedPicture;
import kwibbet.picture.FlatPicture;
import kwibbet.picture.TableScale;
import kwibbet.wording.Phrase;

/** Two designs, each with its own count, told side by side. */
@Controller
class CompareController {

    private final DesignStore designs;
    private final Workshop workshop;

    CompareController(DesignStore designs, Workshop workshop) {
        this.designs = designs;
        this.workshop = workshop;
    }

    /**
     * One of the two.
     *
     * @param id the design
     * @param plan its run
     * @param flat its base lying flat
     * @param finished the shut card; both are drawn to one scale
     * @param supplies what it uses besides paper
     */
    public record Side(String id, RunPlan plan, Drawing flat, Drawing finished, List<Phrase> supplies) {
        /** How many steps it takes to make one. */
        public int steps() {
            return plan.makeOf(plan.card(), Way.usual(plan.copies())).told().size();
        }
    }

    @GetMapping("/compare")
    String compare(
            @RequestParam(defaultValue = "") String one, @RequestParam(defaultValue = "") String other, Model model) {
        List<StoredDesign> all = designs.all();
        if (all.isEmpty()) {
            return "redirect:/";
        }
        StoredDesign first = chosen(all, one, 0);
        StoredDesign second = chosen(all, other, all.indexOf(first) == 0 ? 1 : 0);
        List<RunPlan> plans = List.of(plan(first), plan(second));
        TableScale scale = TableScale.ofBoth(plans.get(0).card(), plans.get(1).card());
        List<Side> sides = new ArrayList<>();
        sides.add(side(first.id(), plans.get(0), scale));
        sides.add(side(second.id(), plans.get(1), scale));
        model.addAttribute("all", all);
        model.addAttribute("sides", sides);
        model.addAttribute("names", List.of("one", "other"));
        return "compare/compare";
    }

    /** The design asked for; another that is there where none was asked for. */
    private static StoredDesign chosen(List<StoredDesign> all, String id, int otherwise) {
        if (id.isEmpty()) {
            return all.get(Math.min(otherwise, all.size() - 1));
        }
        return all.stream()
                .filter(stored -> stored.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new NoSuchDesignException(id));
    }

    private RunPlan plan(StoredDesign stored) {
        return workshop.run(stored.run()).plan();
    }

    private static Side side(String id, RunPlan plan, TableScale scale) {
        var card = plan.card();
        return new Side(
                id,
                plan,
                FlatPicture.of(card, plan.shelf(), PieceId.BASE, scale),
                FinishedPicture.onTable(card, plan.shelf(), card.form().pose(Pose.SHUT), scale),
                SupplyList.of(card).stream()
                        .map(line -> line.words(card.design().system()))
                        .toList());
    }
}
