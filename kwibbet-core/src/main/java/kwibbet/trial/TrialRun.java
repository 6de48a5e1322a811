package kwibbet.trial;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

import kwibbet.bench.RunPlan;
import kwibbet.bench.TrimSetting;
import kwibbet.card.Piece;
import kwibbet.card.RunLine;
import kwibbet.layout.RunPiece;
import kwibbet.making.Way;
import kwibbet.measure.MeasureSystem;
import kwibbet.shape.Size;
import kwibbet.wording.Phrase;

/**
 * A run tried on the bench: what the lists really make, compared with what was asked.
 *
 * @param plan the run
 * @param progress how far it is
 * @param cut what the trimmer made of it
 * @param pieces each kind of piece, with how it came out
 */
public record TrialRun(RunPlan plan, Progress progress, TrialTrimmer.Result cut, List<Made> pieces) {

    /**
     * How a kind of piece came out.
     *
     * @param piece the piece
     * @param wanted how many were asked for
     * @param right how many have just the size that was asked for
     * @param wrong the sizes of those that have not, and how many have each
     * @param bare how many have their size and an edge the printer left bare
     * @param creases its scores; right where they should be and pressed from the right face
     * @param dieCuts the shapes the press cuts in it or out of it; none is right where anything else is cut as well
     * @param slits what the trimmer or the knife cuts inside it
     */
    public record Made(
            Piece piece,
            int wanted,
            int right,
            Map<Size, Integer> wrong,
            int bare,
            Tally creases,
            Tally dieCuts,
            Tally slits) {
        /** Copies the sizes. */
        public Made {
            wrong = new LinkedHashMap<>(wrong);
        }

        /** How many are not there. */
        public int missing() {
            return wanted
                    - right
                    - bare
                    - wrong.values().stream().mapToInt(Integer::intValue).sum();
        }

        /** Whether all came out as asked. */
        public boolean isFine() {
            return right == wanted && creases.isFine() && dieCuts.isFine() && slits.isFine();
        }
    }

    /**
     * How many of some things came out right.
     *
     * @param asked how many there should be
     * @param right how many are
     */
    public record Tally(int asked, int right) {
        boolean isFine() {
            return right == asked;
        }

        /** In words. */
        public String words() {
            return asked == 0 ? "none" : right + " of " + asked;
        }
    }

    /** Copies the pieces. */
    public TrialRun {
        pieces = List.copyOf(pieces);
    }

    /**
     * Tries a run.
     *
     * @param plan the run
     * @param settings how many settings are done, those of the trimmer first, then of the board, then of the press; all where there are not so many
     * @param mishaps what goes wrong
     */
    public static TrialRun of(RunPlan plan, int settings, List<Mishap> mishaps) {
        Progress progress = Progress.of(plan.bench(), settings);
        TrialTrimmer.Result cut = TrialTrimmer.run(
                TrialTrimmer.Stack.of(plan.sheets()),
                progress.trimmed().stream().flatMap(TrialRun::told).toList(),
                mishaps);
        Inspection inspection = new Inspection(plan, progress, cut, mishaps);
        List<Made> made = RunPiece.fromSheets(plan.lines(), plan.bench().press().plan()).stream()
                .map(inspection::of)
                .toList();
        return new TrialRun(plan, progress, cut, made);
    }

    private static Stream<TrialTrimmer.Told> told(TrimSetting setting) {
        return setting.steps().stream().map(step -> new TrialTrimmer.Told(setting.number(), step.line()));
    }

    /** What was set last; that the sheets lie ready where nothing was. */
    public Phrase doing(MeasureSystem system) {
        return progress.doing(system);
    }

    /** Whether every setting is done, and every cut could be made. */
    public boolean isDone() {
        return progress.isOver() && cut.faults().isEmpty();
    }

    /** What goes wrong when the pieces are put together in the order of the steps. */
    public List<TrialMaking.Ruin> ruins() {
        return plan.lines().stream()
                .map(RunLine::card)
                .flatMap(card ->
                        TrialMaking.of(
                                card,
                                plan.bench().press().plan(),
                                plan.makeOf(card, Way.BATCH).steps())
                                .stream())
                .toList();
    }

    /** Whether just what was asked came out. */
    public boolean isFine() {
        return isDone() && pieces.stream().allMatch(Made::isFine);
    }
}
