package kwibbet.trial;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

import kwibbet.bench.PressSetting;
import kwibbet.bench.RunPlan;
import kwibbet.bench.ScoreSetting;
import kwibbet.bench.ScoreStep;
import kwibbet.bench.SlitStep;
import kwibbet.bench.TrimSetting;
import kwibbet.card.Piece;
import kwibbet.card.Score;
import kwibbet.cutting.FencePlan.Guide;
import kwibbet.cutting.FencePlan.Setting;
import kwibbet.cutting.FencePlan.Take;
import kwibbet.cutting.SheetLayout;
import kwibbet.cutting.SheetLayout.Placement;
import kwibbet.layout.RunPiece;
import kwibbet.layout.SheetPlan.Lettered;
import kwibbet.measure.MeasureSystem;
import kwibbet.shape.Edge;
import kwibbet.shape.Point;
import kwibbet.shape.Segment;
import kwibbet.shape.Size;
import kwibbet.trial.TrialBoard.Crease;
import kwibbet.wording.Phrase;

/**
 * A run tried on the bench: what the lists really make, compared with what was asked.
 *
 * @param plan the run
 * @param done how many settings of the trimmer are done, from the first
 * @param cut what the trimmer made of it
 * @param pieces each kind of piece, with how it came out
 */
public record TrialRun(RunPlan plan, int done, TrialTrimmer.Result cut, List<Made> pieces) {

    /** A crease is where it should be if it is no farther off than this, in inches: half of 1/64. */
    private static final double CLOSE = 1.0 / 128;

    /**
     * How a kind of piece came out.
     *
     * @param piece the piece
     * @param wanted how many were asked for
     * @param right how many have just the size that was asked for
     * @param wrong the sizes of those that have not, and how many have each
     * @param creases its scores; right where they should be and pressed from the right face
     * @param dieCuts the shapes the press cuts in it or out of it; none is right where anything else is cut as well
     * @param slits what the trimmer or the knife cuts inside it
     */
    public record Made(
            Piece piece, int wanted, int right, Map<Size, Integer> wrong, Tally creases, Tally dieCuts, Tally slits) {
        /** Copies the sizes. */
        public Made {
            wrong = new LinkedHashMap<>(wrong);
        }

        /** How many are not there. */
        public int missing() {
            return wanted
                    - right
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
     * @param settings how many settings of the trimmer are done; all where there are not so many
     * @param mishaps what goes wrong
     */
    public static TrialRun of(RunPlan plan, int settings, List<Mishap> mishaps) {
        List<Lettered> sheets = plan.sheets().lettered();
        List<TrimSetting> all = plan.bench().trim().settings();
        int done = Math.max(0, Math.min(settings, all.size()));
        TrialTrimmer.Result cut = TrialTrimmer.run(
                sheets.stream().map(Lettered::layout).toList(),
                all.stream().limit(done).map(setting -> read(setting, sheets)).toList(),
                mishaps);
        List<Made> made = new ArrayList<>();
        for (RunPiece each : RunPiece.of(plan.cards())) {
            made.add(made(plan, each, sheets, cut, mishaps));
        }
        return new TrialRun(plan, done, cut, made);
    }

    /** A setting as a maker reads it off the list: the figure that is shown, not the one that was meant. */
    private static Setting read(TrimSetting setting, List<Lettered> sheets) {
        List<String> letters = sheets.stream().map(Lettered::letter).toList();
        List<Take> takes = setting.steps().stream()
                .flatMap(step -> step.cuts().stream()
                        .map(cut -> new Take(letters.indexOf(step.sheet().letter()), cut)))
                .toList();
        Guide guide = setting.blade() == TrimSetting.Blade.KNIFE ? Guide.KNIFE : Guide.FENCE;
        return new Setting(setting.set().shown(), guide, takes);
    }

    private static Made made(
            RunPlan plan, RunPiece each, List<Lettered> sheets, TrialTrimmer.Result cut, List<Mishap> mishaps) {
        Piece piece = each.piece();
        int right = 0;
        Map<Size, Integer> wrong = new LinkedHashMap<>();
        for (TrialTrimmer.Sheet sheet : cut.pile()) {
            SheetLayout layout = sheets.get(sheet.layout()).layout();
            for (Placement placement : layout.placements()) {
                if (placement.part().equals(each.part()) && placement.area().equals(sheet.named())) {
                    Size upright = placement.turned() ? sheet.actual().turned() : sheet.actual();
                    if (upright.equals(plan.bench().press().plan().paperFor(piece))) {
                        right++;
                    } else {
                        wrong.merge(upright, 1, Integer::sum);
                    }
                }
            }
        }
        PressedPiece pressed = pressed(plan, piece, mishaps);
        return new Made(
                piece,
                each.count(),
                right,
                wrong,
                new Tally(piece.scores().size(), creases(plan, piece)),
                new Tally(pressed.shapes(), pressed.pressed()),
                slits(plan, piece, mishaps));
    }

    private static PressedPiece pressed(RunPlan plan, Piece piece, List<Mishap> mishaps) {
        PressedPiece pressed = new PressedPiece(piece);
        for (PressSetting setting : plan.bench().press().settings()) {
            double off = mishaps.stream()
                    .mapToDouble(mishap ->
                            mishap instanceof Mishap.DieSlipped slipped && slipped.setting() == setting.number()
                                    ? slipped.by().toInches()
                                    : 0)
                    .sum();
            setting.steps().forEach(step -> pressed.press(step, off));
        }
        return pressed;
    }

    /** As the list has it: an edge at the fence, a figure to set, where the blade is lowered and lifted; a knife cuts along a ruler. */
    private static Tally slits(RunPlan plan, Piece piece, List<Mishap> mishaps) {
        double off = mishaps.stream()
                .mapToDouble(mishap -> mishap instanceof Mishap.TrimmerOff trimmer
                        ? trimmer.by().toInches()
                        : 0)
                .sum();
        List<SlitStep> steps = plan.bench().trim().slits().stream()
                .filter(step -> step.piece().equals(piece))
                .toList();
        long right = steps.stream()
                .filter(step -> step.fence()
                        .map(fence -> fence.set().shown().toInches() + off - across(step.slit(), fence.edge()))
                        .map(beside -> Math.abs(beside) <= CLOSE)
                        .orElse(true))
                .count();
        return new Tally(steps.size(), (int) right);
    }

    private static double across(Segment slit, Edge edge) {
        Point on = slit.start();
        return (edge == Edge.LEFT ? on.x() : on.y()).toInches();
    }

    private static int creases(RunPlan plan, Piece piece) {
        int right = 0;
        for (ScoreSetting setting : plan.bench().score().settings()) {
            for (ScoreStep step : setting.steps()) {
                if (isOf(step.piece(), piece)) {
                    // What is cut folded is scored on its whole paper, and that is what the step names.
                    List<Crease> creases = TrialBoard.creases(
                            step.setting(), step.piece().size(), plan.tools().board());
                    for (Score score : step.piece().scores()) {
                        right += creases.stream().anyMatch(crease -> isOf(crease, score)) ? 1 : 0;
                    }
                }
            }
        }
        return right
                + (int) plan.bench().score().byRuler().stream()
                        .filter(each -> isOf(each.piece(), piece))
                        .count();
    }

    /** Whether what a step names is the piece, or its paper before it is cut out. */
    private static boolean isOf(Piece named, Piece piece) {
        return named.id().equals(piece.id()) && named.name().equals(piece.name());
    }

    private static boolean isOf(Crease crease, Score score) {
        boolean face = (crease.face() == TrialBoard.Face.UP) == (score.fold() == Score.Fold.VALLEY);
        return face
                && isOn(crease, score.line().start())
                && isOn(crease, score.line().end());
    }

    private static boolean isOn(Crease crease, Point point) {
        double at = crease.right() * point.x().toInches()
                + crease.down() * point.y().toInches();
        return Math.abs(at - crease.at()) <= CLOSE;
    }

    /** What was set last; that the sheets lie ready where nothing was. */
    public Phrase doing(MeasureSystem system) {
        return done == 0
                ? Phrase.of("The sheets lie ready.")
                : plan.bench().trim().settings().get(done - 1).sentence(system);
    }

    /** Whether every cut could be made. */
    public boolean isDone() {
        return done == plan.bench().trim().settings().size() && cut.faults().isEmpty();
    }

    /** Whether just what was asked came out. */
    public boolean isFine() {
        return isDone() && pieces.stream().allMatch(Made::isFine);
    }
}
