package kwibbet.app.bench;

import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

import kwibbet.app.store.KeptRun;
import kwibbet.app.web.Walk;
import kwibbet.bench.RunPlan;
import kwibbet.bench.TrimSetting;
import kwibbet.card.Card;
import kwibbet.card.Piece;
import kwibbet.drawing.Drawing;
import kwibbet.making.Making;
import kwibbet.making.Pace;
import kwibbet.measure.MeasureSystem;
import kwibbet.picture.BoardPicture;
import kwibbet.picture.PiecePicture;
import kwibbet.picture.PressPicture;
import kwibbet.picture.StepPicture;
import kwibbet.picture.TrimmerPicture;
import kwibbet.run.BenchStation;
import kwibbet.run.BenchStep;
import kwibbet.run.RunBench;
import kwibbet.run.RunProgress;
import kwibbet.wording.Phrase;

/**
 * What the bench view shows of a step.
 *
 * @param run the run
 * @param bench its steps
 * @param station the station one is at
 * @param at the number of the step that is shown, from 1; 0 where all of the station is done
 * @param kept what is kept of it besides
 */
public record BenchPage(KeptRun run, RunBench bench, BenchStation station, int at, Kept kept) {

    /**
     * What is kept of a run at the bench.
     *
     * @param once names the next tick
     * @param last how often the last tick of the step was for; nothing where there is none to take back
     * @param mark changes with everything that is done of the run
     * @param isChanged whether a card of the run was changed since its lists were settled
     * @param started when the timer of the step was started; nothing where none runs
     * @param pace how long the maker takes
     */
    public record Kept(
            String once, OptionalInt last, String mark, boolean isChanged, Optional<Instant> started, Pace pace) {}

    /** Words of so many letters still leave room for a picture when they are set large. */
    private static final int FEW = 110;

    private static final int MANY = 260;

    /** A figure of so many letters can be set very large. */
    private static final int SHORT = 16;

    /** The address of the station. */
    public String path() {
        return pathOf(station);
    }

    /** The address of a station. */
    public String pathOf(BenchStation other) {
        return "/runs/" + run.id() + "/bench/" + other.key();
    }

    /** The address that shows just this. */
    public String here() {
        return isAtEnd() ? path() + "?at=0" + more() : walk().to(at);
    }

    /** What an address carries along. */
    public String more() {
        return "&way=" + bench.way().key();
    }

    private RunPlan plan() {
        return bench.plan();
    }

    private RunProgress progress() {
        return run.progress();
    }

    /** Whether all of the station is done, and nothing else is looked at. */
    public boolean isAtEnd() {
        return at == 0;
    }

    /** Whether nothing is ever done at this station. */
    public boolean isEmpty() {
        return steps().isEmpty();
    }

    /** The steps of the station. */
    public List<BenchStep> steps() {
        return bench.at(station);
    }

    /** The step that is shown. */
    public BenchStep step() {
        return steps().get(at - 1);
    }

    /** Where one is among the steps; from the end one goes back to the last. */
    public Walk walk() {
        int last = steps().size();
        return new Walk(path(), 1, isAtEnd() ? last + 1 : at, last, more());
    }

    /** How many steps of a station are done, in words. */
    public String doneAt(BenchStation other) {
        return bench.doneAt(other, progress()) + " of " + bench.at(other).size();
    }

    /** How many steps of this station are done. */
    public int done() {
        return bench.doneAt(station, progress());
    }

    /** How often the step that is shown is done, of how often. */
    public String count() {
        return bench.done(step(), progress()) + " of " + station.counted(step().due());
    }

    /** Whether the step that is shown is done. */
    public boolean isDone() {
        return bench.isDone(step(), progress());
    }

    /** How often it is done before one goes on. */
    public int atOnce() {
        return bench.atOnce(step(), progress());
    }

    /** What the large button says. */
    public String doneWords() {
        int times = atOnce();
        return times == 1 ? "Done, next" : "All " + times + " done, next";
    }

    /** Whether single ones can be counted beside the large button. */
    public boolean isCountedSingly() {
        return atOnce() > 1;
    }

    /** What is taken back, in words. */
    public String backWords() {
        return "Take back " + station.counted(kept.last().orElse(0));
    }

    /** The station after this one that is not all done yet. */
    public Optional<BenchStation> onward() {
        return bench.stations().stream()
                .filter(other -> other != station && !bench.isAllDone(other, progress()))
                .sorted(Comparator.comparing(other -> other.compareTo(station) < 0))
                .findFirst();
    }

    /** What the card is measured in, or where it is read on the trimmer, what that is marked in. */
    public MeasureSystem system() {
        return step() instanceof BenchStep.Trimmed ? plan().bench().trim().marks() : cardSystem();
    }

    private MeasureSystem cardSystem() {
        return plan().card().design().system();
    }

    /** The step drawn. */
    public Drawing picture() {
        BenchStep step = step();
        MeasureSystem system = cardSystem();
        if (step instanceof BenchStep.Trimmed trimmed) {
            return TrimmerPicture.of(
                    trimmed.step(),
                    plan().tools().trimmer(),
                    plan().tools().hand(),
                    plan().bench().trim().marks());
        }
        if (step instanceof BenchStep.Scored scored) {
            return BoardPicture.of(scored.step(), plan().tools(), plan().shelf(), system);
        }
        if (step instanceof BenchStep.Pressed pressed) {
            return PressPicture.of(
                    pressed.setting(), plan().tools().press(), plan().tools().hand(), plan().shelf(), system);
        }
        if (step instanceof BenchStep.Made made) {
            return StepPicture.of(made.making(), made.step(), plan().shelf(), system);
        }
        return piece(
                step instanceof BenchStep.Slit slit
                        ? slit.step().piece()
                        : ((BenchStep.Ruled) step).ruled().piece());
    }

    private Drawing piece(Piece piece) {
        Card card = plan().cards().stream()
                .filter(each -> each.pieces().contains(piece))
                .findFirst()
                .orElse(plan().card());
        return PiecePicture.chip(card, piece, plan().shelf());
    }

    /** What is said over the figure that is set. */
    public String figureWords() {
        BenchStep step = step();
        if (step instanceof BenchStep.Trimmed trimmed) {
            return trimmed.setting().blade() == TrimSetting.Blade.KNIFE ? "measure" : "set the fence to";
        }
        if (step instanceof BenchStep.Scored scored) {
            return scored.setting().grooves().size() == 1 ? "score in groove" : "score in grooves";
        }
        return "";
    }

    /** The figure that is set; nothing where there is none. */
    public Optional<Phrase> figure() {
        BenchStep step = step();
        if (step instanceof BenchStep.Trimmed trimmed) {
            return Optional.of(trimmed.setting().heading(system()));
        }
        return step instanceof BenchStep.Scored scored
                ? Optional.of(scored.setting().heading(system()))
                : Optional.empty();
    }

    /** Whether it is of so many grooves that it cannot be set as large as one. */
    public boolean isLongFigure() {
        return figure().filter(figure -> figure.text().length() > SHORT).isPresent();
    }

    /** What is in hand, in few words. */
    public Phrase about() {
        BenchStep step = step();
        if (step instanceof BenchStep.Trimmed trimmed) {
            return Phrase.in(system())
                    .words("sheet " + trimmed.step().sheet().letter() + ", "
                            + trimmed.step().sheet().paper().name())
                    .end();
        }
        if (step instanceof BenchStep.Scored scored) {
            return Phrase.of(scored.step().what() + ", " + scored.step().fold());
        }
        if (step instanceof BenchStep.Pressed pressed) {
            return pressed.setting().heading(system());
        }
        if (step instanceof BenchStep.Made made) {
            String card = plan().lines().size() == 1
                    ? ""
                    : made.making().card().design().name() + ": ";
            return Phrase.of(card + made.step().lead().stationAndTool());
        }
        return Phrase.of(step instanceof BenchStep.Slit ? "a slit, when the pieces are cut out" : "along a ruler");
    }

    /** What to do, sentence by sentence. */
    public List<Phrase> sentences() {
        BenchStep step = step();
        if (step instanceof BenchStep.Trimmed trimmed) {
            return List.of(
                    trimmed.step().line().sentence(),
                    trimmed.step().line().result(),
                    trimmed.setting().note(system()));
        }
        if (step instanceof BenchStep.Slit slit) {
            return List.of(slit.step().sentence(system()));
        }
        if (step instanceof BenchStep.Scored scored) {
            return List.of(scored.step().sentence(system()));
        }
        if (step instanceof BenchStep.Ruled ruled) {
            return List.of(ruled.ruled().sentence(system()));
        }
        if (step instanceof BenchStep.Pressed pressed) {
            return pressed.setting().steps().stream()
                    .flatMap(each -> each.sentences(system()).stream())
                    .toList();
        }
        return List.of(((BenchStep.Made) step).step().sentence(system()));
    }

    /** How large the words can be set. */
    public String wordsClass() {
        int letters =
                sentences().stream().mapToInt(each -> each.text().length()).sum();
        return letters <= FEW ? "few" : letters <= MANY ? "some" : "many";
    }

    /** Why the step is done no earlier; nothing but for what hands make. */
    public List<Making.Reason> before() {
        return step() instanceof BenchStep.Made made ? made.making().reasonsBefore(made.step()) : List.of();
    }

    /** Why others wait for it. */
    public List<Making.Reason> after() {
        return step() instanceof BenchStep.Made made ? made.making().reasonsAfter(made.step()) : List.of();
    }

    /** How long what is left of the step takes, and from what that is known. */
    public String minutes() {
        BenchStep step = step();
        if (step.isWaiting()) {
            return Pace.UNKNOWN.of(step.timedAs(), 1, step.usualMinutes()).words(1);
        }
        int times = Math.max(1, atOnce());
        return kept.pace().of(step.timedAs(), times, step.usualMinutes()).words(times);
    }
}
