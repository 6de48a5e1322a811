package kwibbet.bench;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import kwibbet.card.Piece;
import kwibbet.card.PieceId;
import kwibbet.card.RunLine;
import kwibbet.card.Score;
import kwibbet.card.ScoreId;
import kwibbet.layout.RunPiece;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.press.PressPlan;
import kwibbet.scoring.Lying;
import kwibbet.scoring.ScorePlan;
import kwibbet.scoring.ScorePlan.Setting;
import kwibbet.scoring.ScorePlan.Unreachable;
import kwibbet.scoring.ScoreSearch;
import kwibbet.shape.Edge;
import kwibbet.shape.Point;
import kwibbet.shape.Segment;
import kwibbet.shape.Size;
import kwibbet.tool.Toolbox;
import kwibbet.wording.Phrase;

/**
 * All scores of a run.
 *
 * @param settings what is scored on the board, pieces that lie alike together
 * @param byRuler what the board cannot score
 * @param atLeast no plan lays the pieces in fewer ways
 * @param ways in how many ways the pieces are laid
 */
public record ScoreList(List<ScoreSetting> settings, List<ByRuler> byRuler, int atLeast, int ways) {

    /** Copies the lists. */
    public ScoreList {
        settings = List.copyOf(settings);
        byRuler = List.copyOf(byRuler);
    }

    /**
     * A score made along a ruler.
     *
     * @param piece the piece
     * @param count how many are scored
     * @param score which, and why the board cannot
     * @param afterPress whether a die cuts the piece out
     */
    public record ByRuler(Piece piece, int count, Unreachable score, boolean afterPress) {

        /** What to do. */
        public Phrase sentence(MeasureSystem system) {
            Phrase.Writer writer = Phrase.in(system);
            Point start = score.score().line().start();
            Point end = score.score().line().end();
            boolean flipped = score.score().fold() == Score.Fold.MOUNTAIN;
            String side = Lying.seen(Edge.LEFT, flipped).word();
            writer.words(piece.name() + ", " + ScoreStep.faceUp(piece, flipped) + when(afterPress)
                    + ": score along a ruler from ");
            place(start, side, writer);
            writer.words(" to ");
            place(end, side, writer);
            writer.words(". ");
            switch (score.why()) {
                case BEYOND_BOARD -> writer.words("Your board ends before that.");
                case SLANTED -> writer.words("It runs slanted.");
                case NO_PLATE -> writer.words("It runs at 45°, and your board has no plate for that.");
            }
            score.nearest().ifPresent(nearest -> writer.words(" The nearest it can score is ")
                    .length(nearest.shown())
                    .words(", off by ")
                    .length(nearest.error().abs())
                    .words("."));
            return writer.end();
        }

        private static void place(Point point, String side, Phrase.Writer writer) {
            writer.length(point.x())
                    .words(" from the " + side + ", ")
                    .length(point.y())
                    .words(" from the top");
        }
    }

    /** The scores of the runs of some cards that go through the press like that. */
    public static ScoreList of(List<RunLine> lines, Toolbox tools, PressPlan press) {
        Map<AtOnce, List<ScoreStep>> together = new LinkedHashMap<>();
        List<ByRuler> byRuler = new ArrayList<>();
        int atLeast = 0;
        int ways = 0;
        for (Scoring scoring : scorings(lines, press)) {
            Piece piece = scoring.piece;
            ScorePlan plan = ScoreSearch.plan(scoring.scores, piece.size(), tools.board(), tools.hand());
            atLeast += plan.atLeast();
            ways += plan.settings().size();
            for (Setting setting : plan.settings()) {
                List<Length> grooves = setting.scores().stream()
                        .map(ScorePlan.Scored::groove)
                        .distinct()
                        .toList();
                together.computeIfAbsent(new AtOnce(setting.shift(), grooves), key -> new ArrayList<>())
                        .add(new ScoreStep(
                                List.of(piece),
                                scoring.count,
                                setting,
                                tools.board().grooves().marks(),
                                scoring.afterPress));
            }
            plan.unreachable()
                    .forEach(each -> byRuler.add(new ByRuler(piece, scoring.count, each, scoring.afterPress)));
        }
        List<ScoreSetting> settings = new ArrayList<>();
        together.forEach((alike, steps) ->
                settings.add(new ScoreSetting(settings.size() + 1, alike.shift, alike.grooves, told(steps))));
        return new ScoreList(settings, byRuler, atLeast, ways);
    }

    private record Scoring(Piece piece, int count, List<Score> scores, boolean afterPress) {}

    /** What is cut folded is scored before on its whole paper; all else on a piece that a die cuts out is scored afterwards. */
    private static List<Scoring> scorings(List<RunLine> lines, PressPlan press) {
        List<Scoring> scorings = new ArrayList<>();
        for (RunPiece each : RunPiece.of(lines)) {
            Piece piece = each.piece();
            Optional<Piece> paper = press.scoredPaper(piece);
            paper.ifPresent(whole -> scorings.add(new Scoring(whole, each.count(), whole.scores(), false)));
            List<ScoreId> done = paper.stream()
                    .flatMap(whole -> whole.scores().stream())
                    .map(Score::id)
                    .toList();
            List<Score> rest = press.scoresLeft(piece).stream()
                    .filter(score -> !done.contains(score.id()))
                    .toList();
            scorings.add(new Scoring(piece, each.count(), rest, press.cutsOut(piece)));
        }
        return scorings;
    }

    /** Before a die has cut a piece out, its edges are not there to measure from. */
    static String when(boolean afterPress) {
        return afterPress ? ", when the press has cut it out" : "";
    }

    private record AtOnce(Length shift, List<Length> grooves) {}

    /** What makes two pieces one step: how they lie and what is creased where, whatever they are called. */
    private record Scored(Size size, boolean isBase, boolean afterPress, Lying lying, Length shift, List<Line> lines) {

        private record Line(Length groove, Segment line, Score.Fold fold) {}

        static Scored of(ScoreStep step) {
            return new Scored(
                    step.piece().size(),
                    step.piece().id().equals(PieceId.BASE),
                    step.afterPress(),
                    step.setting().lying(),
                    step.setting().shift(),
                    step.setting().scores().stream()
                            .map(each -> new Line(
                                    each.groove(),
                                    each.score().line(),
                                    each.score().fold()))
                            .toList());
        }
    }

    /** Pieces that are scored alike, told together. */
    private static List<ScoreStep> told(List<ScoreStep> steps) {
        Map<Scored, List<ScoreStep>> alike = new LinkedHashMap<>();
        steps.forEach(step ->
                alike.computeIfAbsent(Scored.of(step), key -> new ArrayList<>()).add(step));
        return alike.values().stream()
                .map(same -> new ScoreStep(
                        same.stream().flatMap(step -> step.pieces().stream()).toList(),
                        same.stream().mapToInt(ScoreStep::count).sum(),
                        same.get(0).setting(),
                        same.get(0).marks(),
                        same.get(0).afterPress()))
                .toList();
    }

    /** Whether no plan lays the pieces in fewer ways. */
    public boolean isProven() {
        return ways == atLeast;
    }
}
