package kwibbet.app.bench;

import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;

import jakarta.servlet.http.HttpServletResponse;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

import kwibbet.app.store.Bench;
import kwibbet.app.store.Bench.Ticked;
import kwibbet.app.store.KeptRun;
import kwibbet.app.store.Runs;
import kwibbet.making.Way;
import kwibbet.run.BenchStation;
import kwibbet.run.BenchStep;
import kwibbet.run.RunBench;
import kwibbet.run.RunState;
import kwibbet.run.StepKey;

/** A settled run, worked through step by step. */
@Controller
@RequestMapping("/runs/{id}/bench")
class BenchController {

    private static final String WORK = "bench/bench :: work";
    private static final String GONE = "The lists of this run were planned anew, and that step is not in them any more."
            + " Nothing was counted; these are the steps as they are now.";
    private static final String TICKED =
            "That step was ticked off on another device already; nothing was counted twice.";
    private static final String NOTHING_BACK = "There is nothing left to take back of that step.";

    private final Bench bench;
    private final Runs runs;

    BenchController(Bench bench, Runs runs) {
        this.bench = bench;
        this.runs = runs;
    }

    /** The first station at which something is left to do. */
    @GetMapping
    String begin(@PathVariable String id) {
        KeptRun run = runs.get(id);
        if (!run.isSettled()) {
            return "redirect:/runs/" + id;
        }
        RunBench steps = runs.bench(run, usual(run));
        BenchStation station = steps.stations().stream()
                .filter(each -> !steps.isAllDone(each, run.progress()))
                .findFirst()
                .orElse(BenchStation.MAKE);
        return "redirect:/runs/" + id + "/bench/" + station.key();
    }

    private static Way usual(KeptRun run) {
        return run.lines().stream().allMatch(line -> Way.usual(line.copies()) == Way.ONE) ? Way.ONE : Way.BATCH;
    }

    /** One step, full screen. */
    @GetMapping("/{station}")
    String step(
            @PathVariable String id,
            @PathVariable BenchStation station,
            @RequestParam Map<String, String> typed,
            @RequestHeader(name = "HX-Request", defaultValue = "false") boolean isPart,
            Model model) {
        KeptRun run = runs.get(id);
        if (!run.isSettled()) {
            return "redirect:/runs/" + id;
        }
        model.addAttribute("page", page(run, Asked.of(station, typed)));
        return isPart ? WORK : "bench/bench";
    }

    private BenchPage page(KeptRun run, Asked asked) {
        RunBench steps = runs.bench(run, asked.way().orElse(usual(run)));
        int last = steps.at(asked.station()).size();
        int at = asked.at()
                .filter(number -> number <= last)
                .orElseGet(() -> steps.next(asked.station(), 0, run.progress()).orElse(0));
        Optional<StepKey> key = at == 0
                ? Optional.empty()
                : Optional.of(steps.at(asked.station()).get(at - 1).key());
        BenchPage.Kept kept = new BenchPage.Kept(
                UUID.randomUUID().toString(),
                key.map(each -> bench.last(run, each)).orElse(OptionalInt.empty()),
                bench.mark(run),
                !runs.changes(run).isEmpty(),
                key.flatMap(each -> bench.timer(run, each)),
                bench.pace());
        return new BenchPage(run, steps, asked.station(), at, kept);
    }

    /** How far the run is by now: nothing where nothing was done since, on whatever device. */
    @GetMapping("/{station}/progress")
    String progress(
            @PathVariable String id,
            @PathVariable BenchStation station,
            @RequestParam Map<String, String> typed,
            @RequestParam String seen,
            Model model,
            HttpServletResponse response) {
        KeptRun run = runs.get(id);
        if (bench.mark(run).equals(seen)) {
            response.setStatus(HttpStatus.NO_CONTENT.value());
            return "bench/bench :: nothing";
        }
        model.addAttribute("page", page(run, Asked.of(station, typed)));
        return "bench/bench :: poll";
    }

    /** A step was done. */
    @PostMapping("/{station}/tick")
    String tick(
            @PathVariable String id,
            @PathVariable BenchStation station,
            @RequestParam Map<String, String> typed,
            @RequestHeader(name = "HX-Request", defaultValue = "false") boolean isPart,
            Model model,
            HttpServletResponse response) {
        KeptRun run = runs.get(id);
        Asked asked = Asked.of(station, typed);
        Way way = asked.way().orElse(usual(run));
        Optional<Asked.Done> done = Asked.Done.of(asked.station(), typed);
        // A step of lists that were planned anew since may be another one now.
        Optional<BenchStep> step = done.filter(each -> each.phase() == run.phase())
                .flatMap(each -> runs.bench(run, way).find(each.step()));
        Answer answer = new Answer(isPart, model, response);
        if (run.state() != RunState.SETTLED) {
            return shown(run, asked, "This run is " + run.standing() + ": nothing was counted.", answer);
        }
        if (step.isEmpty()) {
            return shown(run, asked.atNext(), GONE, answer);
        }
        boolean isTimed = bench.timer(run, step.get().key()).isPresent();
        Asked.Done tick = done.get();
        Ticked ticked = bench.tick(tick.key(), run, step.get(), tick.times(), way);
        KeptRun now = runs.get(id);
        RunBench steps = runs.bench(now, way);
        int at = asked.at().orElse(0);
        int next = tick.isOn() ? steps.next(asked.station(), at, now.progress()).orElse(0) : at;
        if (isTimed && next > 0 && ticked == Ticked.DONE) {
            bench.time(now, steps.at(asked.station()).get(next - 1).key(), true);
        }
        return shown(now, asked.at(next), ticked == Ticked.NOTHING_LEFT ? TICKED : "", answer);
    }

    /** Takes the last tick of a step back. */
    @PostMapping("/{station}/back")
    String back(
            @PathVariable String id,
            @PathVariable BenchStation station,
            @RequestParam Map<String, String> typed,
            @RequestParam String step,
            @RequestHeader(name = "HX-Request", defaultValue = "false") boolean isPart,
            Model model,
            HttpServletResponse response) {
        KeptRun run = runs.get(id);
        Asked asked = Asked.of(station, typed);
        boolean isBack = StepKey.of(asked.station(), step)
                .filter(key -> bench.takeBack(run, key, asked.way().orElse(usual(run))))
                .isPresent();
        return shown(runs.get(id), asked, isBack ? "" : NOTHING_BACK, new Answer(isPart, model, response));
    }

    /**
     * Starts the timer of a step, or stops it.
     *
     * @param start whether it is started
     */
    @PostMapping("/{station}/timer")
    String timer(
            @PathVariable String id,
            @PathVariable BenchStation station,
            @RequestParam Map<String, String> typed,
            @RequestParam String step,
            @RequestParam boolean start,
            @RequestHeader(name = "HX-Request", defaultValue = "false") boolean isPart,
            Model model,
            HttpServletResponse response) {
        KeptRun run = runs.get(id);
        Asked asked = Asked.of(station, typed);
        StepKey.of(asked.station(), step).ifPresent(key -> bench.time(run, key, start));
        return shown(runs.get(id), asked, "", new Answer(isPart, model, response));
    }

    private record Answer(boolean isPart, Model model, HttpServletResponse response) {}

    /** The step as it is now: a part of the page where that is asked for, or else the page anew. */
    private String shown(KeptRun run, Asked asked, String said, Answer answer) {
        BenchPage page = page(run, asked);
        if (!answer.isPart()) {
            return "redirect:" + page.here();
        }
        answer.response().setHeader("HX-Push-Url", page.here());
        answer.model().addAttribute("page", page);
        answer.model().addAttribute("said", said);
        return WORK;
    }
}
