package kwibbet.trial;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

import kwibbet.bench.PressSetting;
import kwibbet.bench.PressStep;
import kwibbet.bench.RunPlan;
import kwibbet.bench.ScoreSetting;
import kwibbet.bench.ScoreStep;
import kwibbet.bench.SlitStep;
import kwibbet.bench.TrimLine;
import kwibbet.card.Piece;
import kwibbet.card.Score;
import kwibbet.layout.CutPart;
import kwibbet.layout.PaperPlan;
import kwibbet.layout.RunPiece;
import kwibbet.layout.SheetPlan.Lettered;
import kwibbet.measure.Length;
import kwibbet.shape.Edge;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
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
    private final List<Mishap> mishaps;
    private final List<CutOut> cutOut;

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
        this.mishaps = mishaps;
        this.cutOut = cutOut(plan, cut);
    }

    /** How a kind of piece came out so far. */
    Made of(RunPiece each) {
        Piece piece = each.piece();
        int right = 0;
        Map<Size, Integer> wrong = new LinkedHashMap<>();
        int bare = 0;
        for (CutOut cutOut : cutOut) {
            right += cutOut.part.shared(cutOut.right()).getOrDefault(each.part(), 0);
            // Of those that are wrong nobody can say which use they would have been.
            if (cutOut.part.first().part().equals(each.part())) {
                wrong.putAll(cutOut.wrong());
                bare += cutOut.bare();
            }
        }
        PressedPiece pressed = pressed(piece);
        return new Made(
                piece,
                each.count(),
                right,
                wrong,
                bare,
                new Tally(piece.scores().size(), creases(piece) + pressed.creased(byDie(piece))),
                new Tally(pressed.shapes(), pressed.pressed()),
                slits(piece));
    }

    /**
     * What was cut for a part.
     *
     * @param part the part
     * @param wanted the size the list cuts it to
     * @param sizes how large each of them is, upright as the piece lies
     * @param bare how many of the right size have an edge the printer left bare
     */
    private record CutOut(CutPart part, Size wanted, List<Size> sizes, int bare) {

        int right() {
            return Collections.frequency(sizes, wanted) - bare;
        }

        Map<Size, Integer> wrong() {
            Map<Size, Integer> wrong = new LinkedHashMap<>();
            sizes.stream().filter(size -> !size.equals(wanted)).forEach(size -> wrong.merge(size, 1, Integer::sum));
            return wrong;
        }
    }

    /** Whether no bare edge of the sheet is on a piece, and none that the picture on it does not reach. */
    private static boolean isPrintedUpToItsEdges(Lettered sheet, CutPart part, Rect cut) {
        Piece piece = part.first().piece();
        return sheet.printed().contains(cut)
                && (!piece.isPrinted()
                        || sheet.layout().placements().stream()
                                .filter(placement -> placement.part().equals(part.id()))
                                .anyMatch(placement ->
                                        placement.area().grown(piece.bleed()).contains(cut)));
    }

    /** What lies on the table under the name and the size of each part. */
    private static List<CutOut> cutOut(RunPlan plan, TrialTrimmer.Result cut) {
        Map<TrialTrimmer.Label, List<TrialTrimmer.Sheet>> heaps =
                cut.table().stream().collect(Collectors.groupingBy(TrialTrimmer.Sheet::label));
        List<CutOut> all = new ArrayList<>();
        Iterator<Lettered> next = plan.sheets().lettered().iterator();
        for (PaperPlan paper : plan.sheets().papers()) {
            List<Lettered> own =
                    paper.layouts().stream().map(layout -> next.next()).toList();
            for (CutPart part : paper.order().parts()) {
                Size wanted = paper.order().cutTo(part, plan.tools().trimmer());
                TrimLine.Cut name = new TrimLine.Cut(paper.called(part.id()));
                List<Size> sizes = new ArrayList<>();
                int bare = 0;
                for (Lettered sheet : own) {
                    for (Size said : new LinkedHashSet<>(List.of(wanted, wanted.turned()))) {
                        for (TrialTrimmer.Sheet piece :
                                heaps.getOrDefault(new TrialTrimmer.Label(sheet.letter(), name, said), List.of())) {
                            Size actual = piece.actual().size();
                            sizes.add(said.equals(wanted) ? actual : actual.turned());
                            bare += piece.isAsSaid() && !isPrintedUpToItsEdges(sheet, part, piece.actual()) ? 1 : 0;
                        }
                    }
                }
                all.add(new CutOut(part, wanted, sizes, bare));
            }
        }
        return all;
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

    /** As the list has it: an edge at the fence, a figure to set, where the blade is lowered and lifted; or a ruler from one place to another. */
    private Tally slits(Piece piece) {
        List<SlitStep> steps = plan.bench().trim().slits().stream()
                .filter(step -> step.piece().equals(piece))
                .toList();
        List<Segment> wanted = plan.bench().press().plan().slitsLeft(piece);
        long right = wanted.stream()
                .filter(slit -> steps.stream().anyMatch(step -> isSame(cutAlong(step), slit)))
                .count();
        return new Tally(wanted.size(), progress.isTrimmed() ? (int) right : 0);
    }

    private double trimmerOff() {
        return mishaps.stream()
                .mapToDouble(mishap -> mishap instanceof Mishap.TrimmerOff trimmer
                        ? trimmer.by().toInches()
                        : 0)
                .sum();
    }

    /** From where to where a slit is cut; how far the mark its list takes is beside it is told there, so it is not off by that. */
    private List<Spot> cutAlong(SlitStep step) {
        return step.fence()
                .map(at -> {
                    double across = at.set().shown().minus(at.set().error()).toInches() + trimmerOff();
                    double start = at.blade().start().toInches();
                    double stop = at.blade().stop().toInches();
                    return at.edge() == Edge.LEFT
                            ? List.of(new Spot(across, start), new Spot(across, stop))
                            : List.of(new Spot(start, across), new Spot(stop, across));
                })
                .orElseGet(() -> List.of(
                        Spot.of(step.slit().start()), Spot.of(step.slit().end())));
    }

    private static boolean isSame(List<Spot> ends, Segment line) {
        Spot start = Spot.of(line.start());
        Spot end = Spot.of(line.end());
        double asDrawn = Math.max(ends.get(0).to(start), ends.get(1).to(end));
        double backwards = Math.max(ends.get(0).to(end), ends.get(1).to(start));
        return Math.min(asDrawn, backwards) <= CLOSE;
    }

    private List<Score> byDie(Piece piece) {
        List<Score> left = plan.bench().press().plan().scoresLeft(piece);
        return piece.scores().stream().filter(score -> !left.contains(score)).toList();
    }

    /** How many scores of a piece are where they should be, on every paper that was cut for it. */
    private int creases(Piece piece) {
        int right = 0;
        for (ScoreSetting setting : progress.scored()) {
            for (ScoreStep step : setting.steps()) {
                // What is cut folded is scored on its whole paper, and that is what the step names.
                for (Piece named : step.pieces()) {
                    if (isOf(named, piece)) {
                        right += (int) named.scores().stream()
                                .filter(score -> isCreased(score, step, named))
                                .count();
                    }
                }
            }
        }
        long byRuler = plan.bench().score().byRuler().stream()
                .filter(each -> isOf(each.piece(), piece))
                .count();
        return right + (progress.isScored() ? (int) byRuler : 0);
    }

    private boolean isCreased(Score score, ScoreStep step, Piece piece) {
        return sizes(piece).entrySet().stream().allMatch(cutTo -> {
            List<Crease> creases =
                    TrialBoard.creases(step, cutTo.getKey(), plan.tools().board());
            return creases.stream().anyMatch(crease -> isOf(crease, score, piece, cutTo.getValue()));
        });
    }

    /** How large the papers of a piece really are when they are scored, and how far off that the list said they would be, in inches. */
    private Map<Size, Double> sizes(Piece piece) {
        Map<Size, Double> sizes = new LinkedHashMap<>();
        for (CutOut cutOut : cutOut) {
            boolean isFor = cutOut.part.uses().stream()
                    .anyMatch(use -> isOf(use.piece(), piece) && use.blank().equals(piece.size()));
            if (isFor) {
                double off = Math.max(
                        beside(cutOut.wanted.width(), piece.size().width()),
                        beside(cutOut.wanted.height(), piece.size().height()));
                cutOut.sizes.forEach(size -> sizes.put(size, off));
            }
        }
        return sizes.isEmpty() ? Map.of(piece.size(), 0.0) : sizes;
    }

    private static double beside(Length one, Length other) {
        return Math.abs(one.toInches() - other.toInches());
    }

    /** Whether what a step names is the piece, or its paper before it is cut out. */
    private static boolean isOf(Piece named, Piece piece) {
        return named.id().equals(piece.id()) && named.name().equals(piece.name());
    }

    private static boolean isOf(Crease crease, Score score, Piece piece, double off) {
        boolean face = (crease.face() == TrialBoard.Face.UP) == (score.fold() == Score.Fold.VALLEY);
        return face
                && isOn(crease, score.line().start(), off)
                && isOn(crease, score.line().end(), off)
                && isAsLong(crease, score, piece);
    }

    private static boolean isOn(Crease crease, Point point, double off) {
        double at = crease.right() * point.x().toInches()
                + crease.down() * point.y().toInches();
        return Math.abs(at - crease.at()) <= CLOSE + off;
    }

    /** Whether it starts and stops where the score does. */
    private static boolean isAsLong(Crease crease, Score score, Piece piece) {
        return score.measured(piece.size())
                .map(measured -> measured.isWhole()
                        ? crease.only().isEmpty()
                        : crease.only().stream()
                                .anyMatch(span -> beside(span.start(), measured.start()) <= CLOSE
                                        && beside(span.stop(), measured.stop()) <= CLOSE))
                .orElseGet(() -> isAsLongAcross(crease, score, piece));
    }

    /** The same of one across a corner, which is measured from the level edge there. */
    private static boolean isAsLongAcross(Crease crease, Score score, Piece piece) {
        List<Point> ends = List.of(score.line().start(), score.line().end());
        double height = piece.size().height().toInches();
        double width = piece.size().width().toInches();
        List<Double> fromLevel = ends.stream()
                .map(end -> end.y().toInches())
                .map(y -> crease.down() > 0 ? y : height - y)
                .sorted()
                .toList();
        double fromUpright = ends.stream()
                .mapToDouble(end -> end.x().toInches())
                .map(x -> crease.right() > 0 ? x : width - x)
                .min()
                .orElseThrow(() -> new IllegalStateException("a score has two ends"));
        return crease.only().isEmpty()
                ? fromLevel.get(0) <= CLOSE && fromUpright <= CLOSE
                : crease.only().stream()
                        .anyMatch(span -> Math.abs(span.start().toInches() - fromLevel.get(0)) <= CLOSE
                                && Math.abs(span.stop().toInches() - fromLevel.get(1)) <= CLOSE);
    }
}
