package kwibbet.trial;

import java.util.List;
import java.util.Optional;

import kwibbet.bench.BenchPlan;
import kwibbet.bench.PressSetting;
import kwibbet.bench.ScoreSetting;
import kwibbet.bench.TrimSetting;
import kwibbet.measure.MeasureSystem;
import kwibbet.wording.Phrase;

/**
 * How far a run is: first the settings of the trimmer, then those of the board, then the loads of the press.
 *
 * @param bench the lists
 * @param done how many settings of all of them are done, from the first
 */
public record Progress(BenchPlan bench, int done) {

    /** No more than there are. */
    static Progress of(BenchPlan bench, int settings) {
        return new Progress(bench, Math.max(0, Math.min(settings, all(bench))));
    }

    /** How many settings there are on all lists. */
    public static int all(BenchPlan bench) {
        return bench.trim().settings().size()
                + bench.score().settings().size()
                + bench.press().settings().size();
    }

    /** The settings of the trimmer that are done. */
    List<TrimSetting> trimmed() {
        return first(bench.trim().settings(), done);
    }

    /** The settings of the board that are done. */
    List<ScoreSetting> scored() {
        return first(bench.score().settings(), done - bench.trim().settings().size());
    }

    /** The loads of the press that are done. */
    List<PressSetting> pressed() {
        return first(
                bench.press().settings(),
                done - bench.trim().settings().size() - bench.score().settings().size());
    }

    private static <T> List<T> first(List<T> all, int count) {
        return all.subList(0, Math.max(0, Math.min(count, all.size())));
    }

    /** Whether everything is cut by the trimmer. */
    boolean isTrimmed() {
        return trimmed().size() == bench.trim().settings().size();
    }

    /** Whether everything is scored. */
    boolean isScored() {
        return isTrimmed() && scored().size() == bench.score().settings().size();
    }

    /** Whether nothing is left to do. */
    boolean isOver() {
        return done == all(bench);
    }

    /** The setting of the board that was done last, while the board is in use. */
    public Optional<ScoreSetting> atBoard() {
        return pressed().isEmpty() ? last(scored()) : Optional.empty();
    }

    /** The load of the press that was passed last. */
    public Optional<PressSetting> atPress() {
        return last(pressed());
    }

    private static <T> Optional<T> last(List<T> done) {
        return done.isEmpty() ? Optional.empty() : Optional.of(done.get(done.size() - 1));
    }

    /** What was set last; that the sheets lie ready where nothing was. */
    Phrase doing(MeasureSystem system) {
        Optional<Phrase> press = atPress().map(load -> Phrase.in(system)
                .words("Press ")
                .phrase(load.heading(system))
                .words(": ")
                .phrase(load.aside(system))
                .words(".")
                .end());
        Optional<Phrase> board = atBoard().map(setting -> Phrase.in(system)
                .words("Score in ")
                .phrase(setting.heading(system))
                .words(". ")
                .phrase(setting.sentence(system))
                .end());
        Optional<Phrase> trimmer = last(trimmed()).map(setting -> setting.sentence(system));
        return press.or(() -> board).or(() -> trimmer).orElse(Phrase.of("The sheets lie ready."));
    }
}
