package kwibbet.app.together;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

import kwibbet.app.store.DesignStore;
import kwibbet.app.store.StoredDesign;
import kwibbet.app.store.Workshop;
import kwibbet.bench.JointPlan;
import kwibbet.bench.RunPlan;
import kwibbet.card.Design;
import kwibbet.card.Thrift;
import kwibbet.drawing.Drawing;
import kwibbet.layout.SheetPlan.Lettered;
import kwibbet.measure.MeasureSystem;
import kwibbet.picture.PressPicture;
import kwibbet.picture.SheetPicture;

/** A cutting day: the sheets and settings for the runs of several cards at once. */
@Controller
@RequestMapping("/together")
public class TogetherController {

    private final DesignStore designs;
    private final Workshop workshop;

    TogetherController(DesignStore designs, Workshop workshop) {
        this.designs = designs;
        this.workshop = workshop;
    }

    @GetMapping
    String together(
            @RequestParam(name = "card", defaultValue = "") List<String> chosen,
            @RequestParam(defaultValue = "FEWEST_SHEETS") String thrift,
            Model model) {
        List<StoredDesign> all = designs.all();
        List<Design> together = all.stream()
                .filter(stored -> chosen.contains(stored.id()))
                .map(StoredDesign::design)
                .toList();
        Thrift spared = Thrift.named(thrift);
        model.addAttribute("all", all);
        model.addAttribute("chosen", chosen);
        model.addAttribute("thrifts", Thrift.values());
        model.addAttribute("thrift", spared);
        if (!together.isEmpty()) {
            show(workshop.together(together, spared), together.get(0).system(), model);
        }
        return "together/together";
    }

    private static void show(JointPlan plan, MeasureSystem system, Model model) {
        RunPlan run = plan.run();
        Map<String, Drawing> pictures = new LinkedHashMap<>();
        for (Lettered sheet : run.sheets().lettered()) {
            pictures.put(
                    sheet.letter(), SheetPicture.of(sheet, run.bench().trim().numbersOn(sheet), system));
        }
        List<Drawing> beds = run.bench().press().settings().stream()
                .map(setting -> PressPicture.of(
                        setting, run.tools().press(), run.tools().hand(), run.shelf(), system))
                .toList();
        model.addAttribute("beds", beds);
        model.addAttribute("plan", plan);
        model.addAttribute("pictures", pictures);
        model.addAttribute("system", system);
    }
}
