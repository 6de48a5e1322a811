package kwibbet.trial;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

import kwibbet.bench.PressSetting;
import kwibbet.bench.PressStep;
import kwibbet.bench.RunPlan;
import kwibbet.bench.ScoreSetting;
import kwibbet.bench.ScoreStep;
import kwibbet.bench.SlitStep;
import kwibbet.card.Piece;
import kwibbet.card.Score;
import kwibbet.cutting.SheetLayout.Placement;
import kwibbet.layout.CutPart;
import kwibbet.layout.PaperPlan;
import kwibbet.layout.RunPiece;
import kwibbet.layout.SheetPlan.Lettered;
import kwibbet.shape.Edge;
import kwibbet.shape.Point;
import kwibbet.shape.Segment;
import kwibbet.shape.Size;
import kwibbet.trial.TrialBoard.Crease;
import kwibbet.trial.TrialRun.Made;
import kwibbet.trial.TrialRun.Tally;

/** Looks at what came out of the tools and compares it with what was asked. */
final class Inspection {

    /** A crease or a slit is where it should be if it is no farther off than this, in inches: half of 1/64. */
    private static final double CLOSE = 1.0 / 128;

    private final RunPlan plan;
    private final Progress progress;
    private final TrialTrimmer.Result cut;
    private final List<Mishap> mishaps;

    /**
     * Looks at a run.
     *
     * @param plan the run
     * @param progress how far it is
     * @param cut what the trimmer made of it
     * @param mishaps what went wrong
     */
    Inspection(RunPlan plan, Progress progress, TrialTrimmer.Result cut, List<Mishap> mishaps) {
        this.plan = plan;
        this.progress = progress;
        this.cut = cut;
        this.mishaps = mishaps;
    }

    /** How a kind of piece came out so far. */
    Made of(RunPiece each) {
        Piece piece = each.piece();
        int right = 0;
        Map<Size, Integer> wrong = new LinkedHashMap<>();
        for (PaperPlan paper : plan.sheets().papers()) {
            for (CutPart part : paper.order().parts()) {
                Map<Size, Integer> cutOut = cutOut(part);
                Size wanted = paper.order().cutTo(part, plan.tools().trimmer());
                right += part.shared(cutOut.getOrDefault(wanted, 0)).getOrDefault(each.part(), 0);
                cutOut.forEach((size, count) -> {
                    // Of those that are wrong nobody can say which use they would have been.
                    if (!size.equals(wanted) && part.first().part().equals(each.part())) {
                        wrong.merge(size, count, Integer::sum);
                    }
                });
            }
        }
        PressedPiece pressed = pressed(piece);
        return new Made(
                piece,
                each.count(),
                right,
                wrong,
                new Tally(piece.scores().size(), creases(piece)),
                new Tally(pressed.shapes(), pressed.pressed()),
                slits(piece));
    }

    /** What was cut for a part so far, by its size, upright as it should be. */
    private Map<Size, Integer> cutOut(CutPart part) {
        List<Lettered> sheets = plan.sheets().lettered();
        Map<Size, Integer> cutOut = new LinkedHashMap<>();
        for (TrialTrimmer.Sheet sheet : cut.pile()) {
            for (Placement placement : sheets.get(sheet.layout()).layout().placements()) {
                if (placement.part().equals(part.id()) && placement.area().equals(sheet.named())) {
                    cutOut.merge(placement.turned() ? sheet.actual().turned() : sheet.actual(), 1, Integer::sum);
                }
            }
        }
        return cutOut;
    }

    private PressedPiece pressed(Piece piece) {
        PressedPiece pressed = new PressedPiece(piece);
        plan.bench().press().settings().forEach(setting -> setting.steps().stream()
                .flatMap(PressStep::each)
                .forEach(pressed::expect));
        for (PressSetting setting : progress.pressed()) {
            double off = mishaps.stream()
                    .mapToDouble(mishap ->
                            mishap instanceof Mishap.DieSlipped slipped && slipped.setting() == setting.number()
                                    ? slipped.by().toInches()
                                    : 0)
                    .sum();
            setting.steps().stream().flatMap(PressStep::each).forEach(step -> pressed.press(step, off));
        }
        return pressed;
    }

    /** As the list has it: an edge at the fence, a figure to set, where the blade is lowered and lifted; a knife cuts along a ruler. */
    private Tally slits(Piece piece) {
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
        return new Tally(steps.size(), progress.isTrimmed() ? (int) right : 0);
    }

    private static double across(Segment slit, Edge edge) {
        Point on = slit.start();
        return (edge == Edge.LEFT ? on.x() : on.y()).toInches();
    }

    private int creases(Piece piece) {
        int right = 0;
        for (ScoreSetting setting : progress.scored()) {
            for (ScoreStep step : setting.steps()) {
                // What is cut folded is scored on its whole paper, and that is what the step names.
                for (Piece named : step.pieces()) {
                    if (isOf(named, piece)) {
                        List<Crease> creases = TrialBoard.creases(
                                step.setting(), named.size(), plan.tools().board());
                        for (Score score : named.scores()) {
                            right += creases.stream().anyMatch(crease -> isOf(crease, score)) ? 1 : 0;
                        }
                    }
                }
            }
        }
        long byRuler = plan.bench().score().byRuler().stream()
                .filter(each -> isOf(each.piece(), piece))
                .count();
        return right + (progress.isScored() ? (int) byRuler : 0);
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
}
