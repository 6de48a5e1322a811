package kwibbet.app.card;

import java.util.List;
import java.util.stream.IntStream;

import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;

import kwibbet.app.store.DesignStore;
import kwibbet.app.store.StoredDesign;
import kwibbet.app.store.Workshop;
import kwibbet.app.web.Walk;
import kwibbet.bench.RunPlan;
import kwibbet.drawing.Drawing;
import kwibbet.measure.MeasureSystem;
import kwibbet.picture.TrialPicture;
import kwibbet.trial.Mishap;
import kwibbet.trial.TrialRun;
import kwibbet.wording.Phrase;

/** The trial bench: the lists of a card done step by step, with or without a mishap. */
@Controller
class TrialController {

    private final DesignStore designs;
    private final Workshop workshop;

    TrialController(DesignStore designs, Workshop workshop) {
        this.designs = designs;
        this.workshop = workshop;
    }

    /** What can be made to go wrong. */
    enum Trouble {
        NONE,
        TRIMMER_OFF,
        FENCE_SLIPS,
        SHEET_SPOILT,
        DIE_SLIPS;

        /** What it is, said to the maker. */
        public String words(MeasureSystem system) {
            return switch (this) {
                case NONE -> "nothing goes wrong";
                case TRIMMER_OFF ->
                    Phrase.in(system)
                            .words("the trimmer cuts ")
                            .length(Mishap.littleOff(system))
                            .words(" too far")
                            .end()
                            .text();
                case FENCE_SLIPS ->
                    Phrase.in(system)
                            .words("the fence slips ")
                            .length(Mishap.slip(system))
                            .words(" while one setting is cut")
                            .end()
                            .text();
                case SHEET_SPOILT -> "the first sheet is spoilt";
                case DIE_SLIPS ->
                    Phrase.in(system)
                            .words("the dies of the first passes lie ")
                            .length(Mishap.slip(system))
                            .words(" off")
                            .end()
                            .text();
            };
        }

        private List<Mishap> mishaps(int setting, MeasureSystem system) {
            return switch (this) {
                case NONE -> List.of();
                case TRIMMER_OFF -> List.of(new Mishap.TrimmerOff(Mishap.littleOff(system)));
                case FENCE_SLIPS -> List.of(new Mishap.FenceSlipped(setting, Mishap.slip(system)));
                case SHEET_SPOILT -> List.of(new Mishap.SheetSpoilt(0));
                case DIE_SLIPS -> List.of(new Mishap.DieSlipped(1, Mishap.slip(system)));
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
        RunPlan plan = workshop.settled(stored.design()).plan();
        int settings = plan.bench().trim().settings().size();
        Trouble chosen = List.of(Trouble.values()).stream()
                .filter(each -> each.name().equals(trouble))
                .findFirst()
                .orElse(Trouble.NONE);
        int slipping = Math.max(1, Math.min(number(slips), Math.max(1, settings)));
        MeasureSystem system = stored.design().system();
        TrialRun run = TrialRun.of(plan, number(at), chosen.mishaps(slipping, system));
        List<Drawing> sheets = IntStream.range(0, plan.sheets().lettered().size())
                .mapToObj(layout -> TrialPicture.of(run, layout, system))
                .toList();
        model.addAttribute("run", run);
        model.addAttribute("stored", stored);
        model.addAttribute("sheets", sheets);
        model.addAttribute(
                "walk",
                new Walk(
                        "/cards/" + id + "/trial",
                        0,
                        run.done(),
                        settings,
                        "&trouble=" + chosen + "&slips=" + slipping));
        model.addAttribute("troubles", Trouble.values());
        model.addAttribute("trouble", chosen);
        model.addAttribute("slips", slipping);
        return within.isEmpty() ? "card/trial" : "card/trial :: main";
    }

    private static int number(String text) {
        return text.matches("[0-9]{1,5}") ? Integer.parseInt(text) : 0;
    }
}
