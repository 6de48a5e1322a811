package kwibbet.cutting;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Patterns, each as often as need be, that together give just what is wanted: an exact cover. The part with the fewest patterns to choose from comes first (D. E. Knuth, Dancing Links,
 * 2000). What is found is mostly found at once or not for long, so the search is short, and begun again with the patterns in another order.
 */
final class ExactCover {

    private static final int NODES_A_COVER = 600;
    /** Nanoseconds, measured as those of {@link PatternTable}. */
    private static final int A_COUNT = 8;

    private final List<Pattern> patterns;
    private final Budget budget;
    private final Draft draft;
    private int nodes;

    /**
     * A choice among patterns.
     *
     * @param task the task
     * @param patterns the patterns, those to try first in front
     * @param budget what the work is counted on
     */
    ExactCover(CuttingTask task, List<Pattern> patterns, Budget budget) {
        this.patterns = patterns;
        this.budget = budget;
        this.draft = new Draft(task);
    }

    /** The sheets; nothing where there are none, or none were found soon. */
    Optional<Draft> run() {
        boolean covered = cover(patterns);
        return covered ? Optional.of(draft) : Optional.empty();
    }

    private boolean cover(List<Pattern> choices) {
        if (draft.isComplete()) {
            return true;
        }
        nodes++;
        if (nodes > NODES_A_COVER || budget.isSpent()) {
            return false;
        }
        budget.spend((long) A_COUNT * draft.wanted().length * choices.size());
        List<Pattern> left =
                choices.stream().filter(pattern -> draft.copiesOf(pattern) > 0).toList();
        int part = scarcest(left);
        List<Pattern> own =
                left.stream().filter(pattern -> pattern.count(part) > 0).toList();
        Set<Pattern> tried = new HashSet<>();
        for (Pattern pattern : own) {
            draft.add(pattern, 1);
            // What was tried for this part and led nowhere need not be tried again beside another of its patterns.
            List<Pattern> next =
                    left.stream().filter(each -> !tried.contains(each)).toList();
            if (cover(next)) {
                return true;
            }
            takeBack(pattern);
            tried.add(pattern);
        }
        return false;
    }

    private void takeBack(Pattern pattern) {
        for (int at = 0; at < draft.patterns().size(); at++) {
            if (draft.patterns().get(at).yieldsLike(pattern)) {
                draft.remove(at, 1);
                return;
            }
        }
    }

    private int scarcest(List<Pattern> left) {
        int[] ways = new int[draft.wanted().length];
        for (Pattern pattern : left) {
            for (int part = 0; part < ways.length; part++) {
                ways[part] += pattern.count(part) > 0 ? 1 : 0;
            }
        }
        int scarcest = -1;
        for (int part = 0; part < ways.length; part++) {
            if (draft.wanted()[part] > 0 && (scarcest < 0 || ways[part] < ways[scarcest])) {
                scarcest = part;
            }
        }
        return scarcest;
    }
}
