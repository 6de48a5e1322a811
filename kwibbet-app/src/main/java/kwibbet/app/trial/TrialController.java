package kwibbet.app.trial;

import java.util.List;
import java.util.Objects;
import java.util.stream.IntStream;

import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestHeader;

import kwibbet.app.store.DesignStore;
import kwibbet.app.store.KeptRun;
import kwibbet.app.store.Runs;
import kwibbet.app.store.Workshop;
import kwibbet.app.web.Walk;
import kwibbet.bench.RunPlan;
import kwibbet.card.Design;
import kwibbet.drawing.Drawing;
import kwibbet.measure.MeasureSystem;
import kwibbet.picture.BoardPicture;
import kwibbet.picture.PressPicture;
import kwibbet.picture.TrialPicture;
import kwibbet.run.CardRun;
import kwibbet.trial.Mishap;
import kwibbet.trial.Progress;
import kwibbet.trial.TrialRun;
import kwibbet.wording.Phrase;

/** The trial bench: the lists of a card or a run done step by step, with or without a mishap. */
@Controller
class TrialController {

    private final DesignStore designs;
    private final Runs runs;
    private final Workshop workshop;

    TrialController(DesignStore designs, Runs runs, Workshop workshop) {
        this.designs = designs;
        this.runs = runs;
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

    /**
     * What is asked of the bench.
     *
     * @param at how many settings of all lists are done
     * @param trouble what goes wrong, by name
     * @param slips at which setting the fence slips
     */
    record Asked(@Nullable String at, @Nullable String trouble, @Nullable String slips) {

        int done() {
            return number(Objects.requireNonNullElse(at, "0"));
        }

        Trouble what() {
            return List.of(Trouble.values()).stream()
                    .filter(each -> each.name().equals(trouble))
                    .findFirst()
                    .orElse(Trouble.NONE);
        }

        int slipping(int settings) {
            return Math.max(1, Math.min(number(Objects.requireNonNullElse(slips, "1")), Math.max(1, settings)));
        }
    }

    @GetMapping("/cards/{id}/trial")
    String ofCard(
            @PathVariable String id,
            @ModelAttribute(binding = true) Asked asked,
            @RequestHeader(name = "HX-Request", defaultValue = "") String within,
            Model model) {
        CardRun run = designs.get(id).run();
        Design design = run.design();
        model.addAttribute("runTitle", design.name());
        model.addAttribute("back", "/cards/" + id + "/trim");
        show(workshop.settled(run).plan(), design.system(), "/cards/" + id + "/trial", asked, model);
        return within.isEmpty() ? "trial/trial" : "trial/trial :: main";
    }

    /** The lists of a run. */
    @GetMapping("/runs/{id}/trial")
    String ofRun(
            @PathVariable String id,
            @ModelAttribute(binding = true) Asked asked,
            @RequestHeader(name = "HX-Request", defaultValue = "") String within,
            Model model) {
        KeptRun run = runs.get(id);
        RunPlan plan = runs.plan(run);
        model.addAttribute("runTitle", run.name());
        model.addAttribute("back", "/runs/" + id);
        show(plan, plan.card().design().system(), "/runs/" + id + "/trial", asked, model);
        return within.isEmpty() ? "trial/trial" : "trial/trial :: main";
    }

    private static void show(RunPlan plan, MeasureSystem system, String address, Asked asked, Model model) {
        int slipping = asked.slipping(plan.bench().trim().settings().size());
        TrialRun run = TrialRun.of(plan, asked.done(), asked.what().mishaps(slipping, system));
        List<Drawing> sheets = IntStream.range(0, plan.sheets().lettered().size())
                .mapToObj(layout -> TrialPicture.of(run, layout, system))
                .toList();
        String rest = "&trouble=" + asked.what() + "&slips=" + slipping;
        model.addAttribute("run", run);
        model.addAttribute("system", system);
        model.addAttribute("sheets", sheets);
        int done = run.progress().done();
        model.addAttribute("walk", new Walk(address, 0, done, Progress.all(plan.bench()), rest));
        model.addAttribute("bench", atTheTool(run, system));
        model.addAttribute("troubles", Trouble.values());
        model.addAttribute("trouble", asked.what());
        model.addAttribute("slips", slipping);
    }

    /** The paper on the board, or the dies on the bed, while these are in use. */
    private static List<Drawing> atTheTool(TrialRun run, MeasureSystem system) {
        RunPlan plan = run.plan();
        List<Drawing> board = run.progress().atBoard().stream()
                .flatMap(setting -> setting.steps().stream())
                .map(step -> BoardPicture.of(step, plan.tools(), plan.shelf(), system))
                .toList();
        return run.progress()
                .atPress()
                .map(load -> List.of(
                        PressPicture.of(load, plan.tools().press(), plan.tools().hand(), plan.shelf(), system)))
                .orElse(board);
    }

    private static int number(String text) {
        return text.matches("[0-9]{1,5}") ? Integer.parseInt(text) : 0;
    }
}
