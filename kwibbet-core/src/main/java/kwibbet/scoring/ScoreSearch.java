package kwibbet.scoring;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import kwibbet.card.Score;
import kwibbet.measure.Length;
import kwibbet.measure.Rounded;
import kwibbet.scoring.LeastCover.Choice;
import kwibbet.scoring.ScorePlan.Scored;
import kwibbet.scoring.ScorePlan.Setting;
import kwibbet.scoring.ScorePlan.Unreachable;
import kwibbet.scoring.ScorePlan.Unreachable.Why;
import kwibbet.shape.Size;
import kwibbet.tool.Hand;
import kwibbet.tool.ScoringBoard;

/**
 * Finds the fewest ways to lay a piece on a scoring board so that every score falls into a groove.
 *
 * <p>A score lies at some distance from each of two opposite edges; either may lie at the fence, or be slid off it so far that the
 * score falls into a farther groove. Each such way makes a set of scores; the fewest sets that hold all of them are found
 * exactly. Of as few, the plan slides least often, then turns least often, then slides least far. A valley is scored from the up
 * face, a mountain from the other.
 */
public final class ScoreSearch {

    /** Things one cover can hold; a piece with more scores of one kind is planned in batches, and then not proven. */
    private static final int BATCH = Long.SIZE;

    private final ScoringBoard board;
    private final List<Length> grooves;
    private final Hand hand;
    private final List<Setting> settings = new ArrayList<>();
    private final List<Unreachable> unreachable = new ArrayList<>();
    private int atLeast;

    private ScoreSearch(ScoringBoard board, Hand hand) {
        this.board = board;
        this.grooves = board.grooves().places();
        this.hand = hand;
    }

    /**
     * Plans the scores of a piece.
     *
     * @param scores the scores
     * @param piece the size of the piece
     * @param board the board
     * @param hand the hand of its maker
     */
    public static ScorePlan plan(List<Score> scores, Size piece, ScoringBoard board, Hand hand) {
        return new ScoreSearch(board, hand).run(scores, piece);
    }

    private ScorePlan run(List<Score> scores, Size piece) {
        Map<Kind, List<Task>> kinds = new LinkedHashMap<>();
        for (Score score : scores) {
            Task task = Task.of(score, piece, board.plate(), hand);
            reason(task)
                    .ifPresentOrElse(
                            why -> unreachable.add(new Unreachable(score, why, nearest(task, why))),
                            () -> kinds.computeIfAbsent(task.kind(), kind -> new ArrayList<>())
                                    .add(task));
        }
        kinds.values().forEach(this::cover);
        settings.sort(Comparator.comparing((Setting setting) -> setting.lying().flipped())
                .thenComparing(setting -> setting.lying().turned(hand))
                .thenComparing(Setting::shift));
        return new ScorePlan(settings, atLeast, unreachable);
    }

    private Optional<Why> reason(Task task) {
        if (task.ways().isEmpty()) {
            return Optional.of(Why.SLANTED);
        }
        if (task.isSlanted() && board.plate() == ScoringBoard.Plate.NONE) {
            return Optional.of(Why.NO_PLATE);
        }
        return task.ways().stream()
                        .allMatch(way -> way.at().isLongerThan(board.grooves().last()))
                ? Optional.of(Why.BEYOND_BOARD)
                : Optional.empty();
    }

    /** The last groove reaches farthest from whichever edge is nearer. */
    private Optional<Rounded> nearest(Task task, Why why) {
        if (why != Why.BEYOND_BOARD || task.isSlanted()) {
            return Optional.empty();
        }
        Length last = board.grooves().last();
        Length first = task.ways().get(0).at();
        Length second = task.ways().get(1).at();
        Length reached = second.isShorterThan(first) ? first.plus(second).minus(last) : last;
        return Optional.of(new Rounded(first, reached, reached.minus(first)));
    }

    private void cover(List<Task> tasks) {
        for (int from = 0; from < tasks.size(); from += BATCH) {
            List<Task> batch = tasks.subList(from, Math.min(tasks.size(), from + BATCH));
            Map<Lay, Long> lays = lays(batch);
            List<Choice> choices = new ArrayList<>();
            Map<Choice, Lay> named = new LinkedHashMap<>();
            lays.forEach((lay, holds) -> {
                Choice choice = new Choice(holds, lay.weight(hand));
                choices.add(choice);
                named.putIfAbsent(choice, lay);
            });
            LeastCover cover = new LeastCover(batch.size(), choices);
            atLeast += from == 0 ? cover.atLeast(batch.size()) : 0;
            settle(batch, cover.best().stream().map(named::get).toList());
        }
    }

    /** Each way to lay the piece, and the scores that fall into grooves then. */
    private Map<Lay, Long> lays(List<Task> tasks) {
        Map<Lay, Long> lays = new LinkedHashMap<>();
        for (int place = 0; place < tasks.size(); place++) {
            long bit = 1L << place;
            for (Task.Way way : tasks.get(place).ways()) {
                for (Length groove : grooves) {
                    way.shiftTo(groove)
                            .ifPresent(
                                    shift -> lays.merge(new Lay(way.lying(), shift), bit, (one, other) -> one | other));
                }
            }
        }
        return lays;
    }

    /**
     * A way to lay the piece.
     *
     * @param lying how it lies
     * @param shift how far it is off the fence
     */
    private record Lay(Lying lying, Length shift) {

        private static final long SLIDE = 1L << 28;
        private static final long TURN = 1L << 22;
        private static final Length HAIR = Length.ofInches(1, 64);

        long weight(Hand hand) {
            long weight = Math.min(TURN - 1, shift.dividedBy(HAIR));
            if (shift.isPositive()) {
                weight += SLIDE;
            }
            return lying.turned(hand) == 0 ? weight : weight + TURN;
        }
    }

    /** Every score in the first of the lays that makes it. */
    private void settle(List<Task> tasks, List<Lay> lays) {
        List<Lay> order = new ArrayList<>(lays);
        order.sort(Comparator.comparingLong(lay -> lay.weight(hand)));
        Map<Lay, List<Scored>> made = new LinkedHashMap<>();
        for (Task task : tasks) {
            for (Lay lay : order) {
                Optional<Scored> scored = task.scored(lay.lying, lay.shift, grooves);
                if (scored.isPresent()) {
                    made.computeIfAbsent(lay, each -> new ArrayList<>()).add(scored.get());
                    break;
                }
            }
        }
        made.forEach((lay, scored) -> {
            scored.sort(Comparator.comparing(Scored::groove));
            settings.add(new Setting(lay.lying, lay.shift, scored));
        });
    }

    /** Scores of one kind can share a setting. */
    record Kind(boolean slanted, boolean falling, Score.Fold fold) {}
}
