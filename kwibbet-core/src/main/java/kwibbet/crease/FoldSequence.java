package kwibbet.crease;

import java.util.BitSet;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * From flat to folded.
 *
 * @param steps what to do, in order
 * @param isShortest whether no sequence has fewer tucks, nor as few and fewer folds, nor as few of both and fewer turns; among those that tuck only where
 *     nothing folds simply, and leave the first facet still as long as something else can move
 */
public record FoldSequence(List<FoldStep> steps, boolean isShortest) {

    /** Copies the list. */
    public FoldSequence {
        steps = List.copyOf(steps);
    }

    /** How many states are looked at before the search goes straight: the fewer the more pairs of facets each has. */
    private static final int MOST_STATES = 600;

    private static final int FEWEST_STATES = 12;
    private static final int MOST_PAIRS = 250_000;
    /** So many times as much for all orders together. */
    private static final int ALL_ORDERS = 12;

    /**
     * The best way to fold a pattern: of the orders its facets can lie in, the one that takes least.
     *
     * @param folding the pattern, which folds flat
     */
    public static FoldSequence of(FlatFolding.Folds folding) {
        return of(folding, Progress.UNWATCHED);
    }

    /**
     * The best way to fold a pattern that is found while somebody waits for it.
     *
     * @param folding the pattern, which folds flat
     * @param progress who is told how far it is; where they have had enough, the best so far is taken, or all folds at once
     */
    public static FoldSequence of(FlatFolding.Folds folding, Progress progress) {
        BitSet folded = new BitSet();
        for (int i = 0; i < folding.pattern().creases().size(); i++) {
            folded.set(i, folding.pattern().creases().get(i).folds());
        }
        int facets = folding.pattern().facets().size();
        int states = Math.max(FEWEST_STATES, Math.min(MOST_STATES, MOST_PAIRS / (facets * facets)));
        int ofAllOrders = Math.min(states, MOST_PAIRS / (facets * facets)) * ALL_ORDERS;
        FoldSequence best = new SequenceSearch(folding.pattern(), states, ofAllOrders, progress)
                .best(folding.orders().stream()
                        .map(order -> new FoldedState(folding.places(), order, folded))
                        .toList());
        boolean allTried = folding.isCounted() && folding.orders().size() == folding.count();
        return new FoldSequence(best.steps(), best.isShortest() && allTried);
    }

    /**
     * The indexes of folds that can change places with the fold after them: as good an order.
     *
     * @param pattern what is folded
     */
    public List<Integer> exchangeable(CreasePattern pattern) {
        Unfolding unfolding = new Unfolding(pattern);
        return IntStream.range(0, steps.size() - 1)
                .filter(i -> canChangePlaces(steps.get(i), steps.get(i + 1), unfolding))
                .boxed()
                .toList();
    }

    /** Taken back in the other order, both are still simple folds to the side that is seen. */
    private static boolean canChangePlaces(FoldStep first, FoldStep second, Unfolding unfolding) {
        boolean folds = first.kind() == FoldStep.Kind.FOLD && second.kind() == FoldStep.Kind.FOLD;
        return folds
                && first.isSeenFromUnder() == second.isSeenFromUnder()
                && back(first, second.after(), unfolding)
                        .flatMap(state -> back(second, state, unfolding))
                        .isPresent();
    }

    private static Optional<FoldedState> back(FoldStep step, FoldedState state, Unfolding unfolding) {
        return unfolding.moves(state).stream()
                .filter(move -> !move.isTuck() && move.upwards() != step.isSeenFromUnder())
                .filter(move -> move.creases().stream().boxed().toList().equals(step.creases()))
                .findFirst()
                .map(move -> unfolding.after(state, move));
    }

    /** How many steps are of a kind. */
    public int count(FoldStep.Kind kind) {
        return (int) steps.stream().filter(step -> step.kind() == kind).count();
    }
}
