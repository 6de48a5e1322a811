package kwibbet.app.card;

import java.util.List;

import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;

import kwibbet.app.store.DesignStore;
import kwibbet.app.store.StoredDesign;
import kwibbet.app.store.Workshop;
import kwibbet.bench.RunPlan;
import kwibbet.drawing.Drawing;
import kwibbet.measure.Length;
import kwibbet.picture.TrialPicture;
import kwibbet.trial.Mishap;
import kwibbet.trial.TrialRun;

/** The trial bench: the lists of a card done step by step, with or without a mishap. */
@Controller
class TrialController {

    private static final Length SMALL = Length.ofInches(1, 32);
    private static final Length LARGE = Length.ofInches(1, 8);

    private final DesignStore designs;
    private final Workshop workshop;

    TrialController(DesignStore designs, Workshop workshop) {
        this.designs = designs;
        this.workshop = workshop;
    }

    /** What can be made to go wrong. */
    enum Trouble {
        NONE("nothing goes wrong"),
        TRIMMER_OFF("the trimmer cuts 1/32 in too far"),
        FENCE_SLIPS("the fence slips 1/8 in while this setting is cut"),
        SHEET_SPOILT("the first sheet is spoilt");

        private final String words;

        Trouble(String words) {
            this.words = words;
        }

        /** What it is, said to the maker. */
        public String words() {
            return words;
        }

        private List<Mishap> mishaps(int setting) {
            return switch (this) {
                case NONE -> List.of();
                case TRIMMER_OFF -> List.of(new Mishap.TrimmerOff(SMALL));
                case FENCE_SLIPS -> List.of(new Mishap.FenceSlipped(setting, LARGE));
                case SHEET_SPOILT -> List.of(new Mishap.SheetSpoilt(0));
            };
        }
    }

    @GetMapping("/cards/{id}/trial")
    String trial(
            @PathVariable String id,
            @RequestParam(defaultValue = "0") String at,
            @RequestParam(defaultValue = "NONE") String trouble,
            @RequestParam(defaultValue = "1") String slips,
            @RequestHeader(name = "HX-Request", defaultValue = "") String within,
            Model model) {
        StoredDesign stored = designs.get(id);
        RunPlan plan = workshop.run(stored.design()).plan();
        int settings = plan.bench().trim().settings().size();
        Trouble chosen = List.of(Trouble.values()).stream()
                .filter(each -> each.name().equals(trouble))
                .findFirst()
                .orElse(Trouble.NONE);
        int slipping = Math.max(1, Math.min(number(slips), Math.max(1, settings)));
        TrialRun run = TrialRun.of(plan, number(at), chosen.mishaps(slipping));
        List<Drawing> sheets = java.util.stream.IntStream.range(
                        0, plan.sheets().lettered().size())
                .mapToObj(layout -> TrialPicture.of(run, layout, stored.design().system()))
                .toList();
        model.addAttribute("run", run);
        model.addAttribute("stored", stored);
        model.addAttribute("sheets", sheets);
        model.addAttribute("settings", settings);
        model.addAttribute("troubles", Trouble.values());
        model.addAttribute("trouble", chosen);
        model.addAttribute("slips", slipping);
        return within.isEmpty() ? "card/trial" : "card/trial :: main";
    }

    private static int number(String text) {
        return text.matches("[0-9]{1,5}") ? Integer.parseInt(text) : 0;
    }
}
