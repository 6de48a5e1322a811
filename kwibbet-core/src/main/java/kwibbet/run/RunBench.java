package kwibbet.run;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import java.util.stream.Stream;

import kwibbet.bench.BenchPlan;
import kwibbet.bench.RunPlan;
import kwibbet.bench.ScoreList.ByRuler;
import kwibbet.bench.ScoreSetting;
import kwibbet.bench.ScoreStep;
import kwibbet.bench.SlitStep;
import kwibbet.bench.TrimSetting;
import kwibbet.bench.TrimStep;
import kwibbet.card.Piece;
import kwibbet.card.RunLine;
import kwibbet.making.Making;
import kwibbet.making.Operation;
import kwibbet.making.Way;
import kwibbet.press.Layup;

/**
 * All steps of a run, station by station, and which of them are done.
 *
 * @param plan the lists of the run
 * @param way how the copies of its cards are made
 * @param steps the steps of each station, in the order they are done
 */
public record RunBench(RunPlan plan, Way way, Map<BenchStation, List<BenchStep>> steps) {

    /** Copies the lists. */
    public RunBench {
        Map<BenchStation, List<BenchStep>> copied = new EnumMap<>(BenchStation.class);
        steps.forEach((station, each) -> copied.put(station, List.copyOf(each)));
        steps = copied;
    }

    /** The steps of a run that is made so. */
    public static RunBench of(RunPlan plan, Way way) {
        Map<BenchStation, List<BenchStep>> steps = new EnumMap<>(BenchStation.class);
        steps.put(BenchStation.TRIM, trimmed(plan.bench()));
        steps.put(BenchStation.SCORE, scored(plan.bench()));
        steps.put(BenchStation.PRESS, pressed(plan.bench()));
        steps.put(BenchStation.MAKE, made(plan, way));
        return new RunBench(plan, way, steps);
    }

    private static List<BenchStep> trimmed(BenchPlan bench) {
        List<BenchStep> steps = new ArrayList<>();
        for (TrimSetting setting : bench.trim().settings()) {
            int at = 0;
            for (TrimStep step : setting.steps()) {
                at++;
                steps.add(new BenchStep.Trimmed(
                        new StepKey(BenchStation.TRIM, setting.number() + "-" + at), setting, step));
            }
        }
        int slit = 0;
        for (SlitStep step : bench.trim().slits()) {
            slit++;
            steps.add(new BenchStep.Slit(new StepKey(BenchStation.TRIM, "slit-" + slit), step));
        }
        return steps;
    }

    /** Scores are named by their piece, so that they are known again when something else is scored in another order. */
    private static List<BenchStep> scored(BenchPlan bench) {
        List<BenchStep> steps = new ArrayList<>();
        Map<String, Integer> times = new HashMap<>();
        for (ScoreSetting setting : bench.score().settings()) {
            for (ScoreStep step : setting.steps()) {
                steps.add(new BenchStep.Scored(keyOf(BenchStation.SCORE, step.piece(), times), setting, step));
            }
        }
        for (ByRuler ruled : bench.score().byRuler()) {
            steps.add(new BenchStep.Ruled(keyOf(BenchStation.SCORE, ruled.piece(), times), ruled));
        }
        return steps;
    }

    private static StepKey keyOf(BenchStation station, Piece piece, Map<String, Integer> times) {
        String id = piece.id().value();
        return new StepKey(station, id + " " + times.merge(id, 1, Integer::sum));
    }

    private static List<BenchStep> pressed(BenchPlan bench) {
        Map<String, Integer> times = new HashMap<>();
        return bench.press().settings().stream()
                .<BenchStep>map(setting -> new BenchStep.Pressed(
                        keyOf(BenchStation.PRESS, setting.steps().get(0).piece(), times), setting))
                .toList();
    }

    private static List<BenchStep> made(RunPlan plan, Way way) {
        List<BenchStep> steps = new ArrayList<>();
        for (int line = 0; line < plan.lines().size(); line++) {
            RunLine each = plan.lines().get(line);
            Making making = plan.makeOf(each.card(), way);
            for (Making.Told step : making.told()) {
                StepKey key =
                        new StepKey(BenchStation.MAKE, line + " " + step.lead().id());
                steps.add(new BenchStep.Made(key, line, making, step, each.cards()));
            }
        }
        return steps;
    }

    /** The steps of a station, in the order they are done. */
    public List<BenchStep> at(BenchStation station) {
        return Optional.ofNullable(steps.get(station)).orElse(List.of());
    }

    /** The stations at which something is done. */
    public List<BenchStation> stations() {
        return Stream.of(BenchStation.values())
                .filter(station -> !at(station).isEmpty())
                .toList();
    }

    /** The step of that key; nothing where it is not there any more. */
    public Optional<BenchStep> find(StepKey key) {
        return at(key.station()).stream().filter(step -> step.key().equals(key)).findFirst();
    }

    /** How often a step is done: as it was ticked off, or as something else shows that it must have been. */
    public int done(BenchStep step, RunProgress progress) {
        int ticked = Math.min(step.due(), progress.steps().getOrDefault(step.key(), 0));
        return Math.max(ticked, shown(step, progress));
    }

    /** Sheets that are booked as cut were cut; what is scored and pressed for all cards need not be ticked off again as they are made. */
    private int shown(BenchStep step, RunProgress progress) {
        if (step instanceof BenchStep.Trimmed trimmed) {
            return progress.leftOf(trimmed.step().sheet()) == 0 ? step.due() : 0;
        }
        if (step instanceof BenchStep.Made made) {
            return made.step().steps().stream()
                    .mapToInt(each -> through(sameAt(each), step.due(), progress))
                    .min()
                    .orElse(0);
        }
        return 0;
    }

    /** The steps at the board or the press that do what an operation of making does. */
    private List<BenchStep> sameAt(Operation operation) {
        if (operation instanceof Operation.Crease crease) {
            return at(BenchStation.SCORE).stream()
                    .filter(each -> scores(each, crease.piece()) || scores(each, crease.lying()))
                    .toList();
        }
        return operation instanceof Operation.Pass pass
                ? at(BenchStation.PRESS).stream()
                        .filter(each -> presses(each, pass.layup()))
                        .toList()
                : List.of();
    }

    private static boolean scores(BenchStep step, Piece piece) {
        if (step instanceof BenchStep.Scored scored) {
            return scored.step().pieces().contains(piece);
        }
        return step instanceof BenchStep.Ruled ruled && ruled.ruled().piece().equals(piece);
    }

    private static boolean presses(BenchStep step, Layup layup) {
        return step instanceof BenchStep.Pressed pressed
                && pressed.setting().steps().stream().anyMatch(each -> each.each()
                        .anyMatch(paper -> paper.onBed().layup().equals(layup)));
    }

    /** Whether a step is done as often as it has to be. */
    public boolean isDone(BenchStep step, RunProgress progress) {
        return done(step, progress) >= step.due();
    }

    /** Whether all steps of a station are done as often as they have to be. */
    public boolean isAllDone(BenchStation station, RunProgress progress) {
        return doneAt(station, progress) == at(station).size();
    }

    /** How many steps of a station are done as often as they have to be. */
    public int doneAt(BenchStation station, RunProgress progress) {
        return (int) at(station).stream().filter(step -> isDone(step, progress)).count();
    }

    /** How many cards are through all steps of a station; nothing where there are none. */
    public OptionalInt through(BenchStation station, RunProgress progress) {
        if (at(station).isEmpty()) {
            return OptionalInt.empty();
        }
        if (station != BenchStation.MAKE) {
            int cards = plan.lines().stream().mapToInt(RunLine::cards).sum();
            return OptionalInt.of(through(at(station), cards, progress));
        }
        return OptionalInt.of(IntStream.range(0, plan.lines().size())
                .map(line -> through(ofLine(line), plan.lines().get(line).cards(), progress))
                .sum());
    }

    /** How many of so many cards are through some steps. */
    private int through(List<BenchStep> steps, int cards, RunProgress progress) {
        return steps.stream()
                .mapToInt(step -> (int) ((long) done(step, progress) * cards / step.due()))
                .min()
                .orElse(0);
    }

    private List<BenchStep> ofLine(int line) {
        return at(BenchStation.MAKE).stream()
                .filter(step -> lineOf(step) == line)
                .toList();
    }

    private static int lineOf(BenchStep step) {
        return step instanceof BenchStep.Made made ? made.line() : 0;
    }

    /** Whether one card goes through all steps of a station before the next is begun. */
    private boolean isOneAtATime(BenchStation station) {
        return station == BenchStation.MAKE && way == Way.ONE;
    }

    /** How often a step is done before one goes on to the next. */
    public int atOnce(BenchStep step, RunProgress progress) {
        int left = step.due() - done(step, progress);
        return isOneAtATime(step.key().station()) ? Math.min(1, left) : left;
    }

    /**
     * The step that is done next.
     *
     * @param station the station
     * @param after the number of the step that was done last, from 1; 0 for none
     * @param progress what is done
     * @return the number of the step, from 1; nothing where all of the station is done
     */
    public OptionalInt next(BenchStation station, int after, RunProgress progress) {
        List<BenchStep> all = at(station);
        IntStream later = IntStream.range(after, all.size());
        if (!isOneAtATime(station)) {
            return number(
                    IntStream.concat(later, IntStream.range(0, after)).filter(at -> !isDone(all.get(at), progress)));
        }
        if (after > 0) {
            BenchStep last = all.get(after - 1);
            OptionalInt onward = number(later.filter(
                    at -> lineOf(all.get(at)) == lineOf(last) && done(all.get(at), progress) < done(last, progress)));
            if (onward.isPresent()) {
                return onward;
            }
        }
        return number(IntStream.range(0, all.size())
                .filter(at -> !isDone(all.get(at), progress)
                        && done(all.get(at), progress) == least(lineOf(all.get(at)), progress)));
    }

    /** How often the step of a card is done that is done least often. */
    private int least(int line, RunProgress progress) {
        return ofLine(line).stream()
                .mapToInt(step -> done(step, progress))
                .min()
                .orElse(0);
    }

    private static OptionalInt number(IntStream places) {
        return places.map(place -> place + 1).findFirst();
    }
}
