package kwibbet.crease;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.PriorityQueue;

import kwibbet.crease.FoldStep.Kind;
import kwibbet.crease.Overlaps.Pair;
import kwibbet.crease.Unfolding.Move;

/**
 * Finds how to fold by unfolding: a shortest way from folded to flat, taken backwards. It is Hart, Nilsson and Raphael's search A* (1968), which
 * goes on where what is done and what must at least be done ({@link FewestFolds}) are least together.
 *
 * <p>Among equally short ways it takes the one that folds the smaller, inner parts first. Where the states are too many to look at all, it goes
 * for the flat sheet straight and does not claim that nothing is shorter.
 */
final class SequenceSearch {

    private static final long TUCK = 1_000_000;
    private static final long FOLD = 1_000;
    private static final long TURN = 10;
    /** Rather than what lies still, the other part moves. */
    private static final long STILL_MOVES = 1;
    /** Rather than to reach under what lies still, the paper is turned over. */
    private static final long UNDER_STILL = 2 * TURN;

    /** States looked at straight to one looked at exactly. */
    private static final int STRAIGHT = 4;

    private final CreasePattern pattern;
    private final Unfolding unfolding;
    private final FewestFolds fewest;
    private final int mostStates;
    private final Progress progress;
    private long statesLeft;
    private long statesSeen;
    private boolean isEnough;

    /** A state on the way: how it is reached, and from which state that is nearer to the folded one. */
    private record Node(
            Spot spot,
            boolean fromUnder,
            long cost,
            long guess,
            int number,
            Optional<Node> folded,
            Optional<Move> move) {}

    /** What tells states apart: what is folded, and where the first facet lies. */
    private record Spot(BitSet folded, long across, long down) {}

    /** A state, seen from one side. */
    private record Key(Spot spot, boolean fromUnder) {}

    /**
     * A search through so many states an order exactly, and through so many of all orders together once a way is known.
     */
    SequenceSearch(CreasePattern pattern, int mostStates, int ofAllOrders, Progress progress) {
        this.pattern = pattern;
        this.unfolding = new Unfolding(pattern);
        this.fewest = FewestFolds.of(pattern);
        this.mostStates = mostStates;
        this.statesLeft = ofAllOrders;
        this.progress = progress;
    }

    /** The best way to any of the states, tried in their order. */
    FoldSequence best(List<FoldedState> states) {
        Optional<Way> best = Optional.empty();
        for (FoldedState folded : states) {
            if (best.isPresent() && (statesLeft < 0 || isEnough)) {
                return inOrder(best.get(), false);
            }
            long bound = best.map(Way::cost).orElse(Long.MAX_VALUE);
            Optional<Way> better = from(folded, bound);
            best = better.isPresent() ? better : best;
        }
        return inOrder(
                best.orElseThrow(() -> new IllegalStateException("a pattern that folds has an order of its facets")),
                true);
    }

    private FoldSequence inOrder(Way way, boolean allTried) {
        return new FoldSequence(steps(way.folded(), way.moves()), way.isShortest() && allTried);
    }

    /** The best way that costs less than the bound; all at once where none is found at first. */
    private Optional<Way> from(FoldedState folded, long bound) {
        Search exact = new Search(folded, false, bound);
        Optional<Node> flat = exact.flat(mostStates);
        if (flat.isPresent() || exact.isExhausted()) {
            return flat.map(node -> new Way(folded, way(node), node.cost(), true));
        }
        Optional<Way> straight = new Search(folded, true, bound)
                .flat(mostStates * STRAIGHT)
                .map(node -> new Way(folded, way(node), node.cost(), false));
        return straight.isPresent() || bound < Long.MAX_VALUE
                ? straight
                : Optional.of(new Way(folded, List.of(unfolding.together(folded)), Long.MAX_VALUE - 1, false));
    }

    /** A way from folded to flat. */
    private record Way(FoldedState folded, List<Move> moves, long cost, boolean isShortest) {}

    private static List<Move> way(Node flat) {
        List<Move> way = new ArrayList<>();
        Optional<Node> node = Optional.of(flat);
        while (node.isPresent()) {
            node.get().move().ifPresent(way::add);
            node = node.get().folded();
        }
        Collections.reverse(way);
        return way;
    }

    private boolean isFlat(BitSet folded) {
        return folded.stream().allMatch(crease -> pattern.creases().get(crease).stays());
    }

    /** One search. */
    private final class Search {

        private final boolean straight;
        private final long bound;
        private final PriorityQueue<Node> next =
                new PriorityQueue<>(Comparator.comparingLong((Node node) -> node.cost() + node.guess())
                        .thenComparingLong(node -> -node.cost())
                        .thenComparingInt(Node::number));
        private final Map<Key, Long> best = new HashMap<>();
        private final Map<Spot, FoldedState> states = new HashMap<>();
        private final Map<Spot, List<Move>> moves = new HashMap<>();
        private int number;

        Search(FoldedState folded, boolean straight, long bound) {
            this.straight = straight;
            this.bound = bound;
            Spot spot = spot(folded.folded(), folded.places().of(0));
            states.put(spot, folded);
            for (boolean fromUnder : new boolean[] {false, true}) {
                next.add(new Node(spot, fromUnder, 0, 0, number++, Optional.empty(), Optional.empty()));
            }
        }

        boolean isExhausted() {
            return next.isEmpty();
        }

        /** The flat end of the way from folded to flat; none when there are too many states or all cost too much. */
        Optional<Node> flat(int most) {
            while (!next.isEmpty() && states.size() <= most && !isEnough) {
                Node node = next.remove();
                Key key = new Key(node.spot(), node.fromUnder());
                if (best.getOrDefault(key, Long.MAX_VALUE) < node.cost()) {
                    continue;
                }
                if (isFlat(node.spot().folded())) {
                    return Optional.of(node);
                }
                goOnFrom(node);
            }
            return Optional.empty();
        }

        private FoldedState state(Node node) {
            return states.computeIfAbsent(
                    node.spot(),
                    any -> unfolding.after(
                            Objects.requireNonNull(states.get(node.folded()
                                    .orElseThrow(
                                            () -> new IllegalStateException("only the first state comes from no other"))
                                    .spot())),
                            node.move()
                                    .orElseThrow(() -> new IllegalStateException(
                                            "a state that comes from another came by a move"))));
        }

        private void goOnFrom(Node node) {
            statesLeft--;
            statesSeen++;
            isEnough = !progress.goesOn(Progress.Stage.FOLDING, statesSeen, statesSeen + Math.max(0, statesLeft));
            FoldedState state = state(node);
            for (Move move : moves.computeIfAbsent(node.spot(), any -> unfolding.moves(state))) {
                BitSet folded = state.folded();
                folded.andNot(move.creases());
                Isometry first = unfolding.after(state.places().of(0), move);
                boolean fromUnder = !move.upwards();
                long turn = fromUnder == node.fromUnder() ? 0 : TURN;
                long still = move.moving().get(0) ? STILL_MOVES : 0;
                long reach = move.blocking().get(0) ? UNDER_STILL : 0;
                long fold = move.isTuck() ? TUCK + move.blocking().cardinality() + reach : FOLD;
                long start = isFlat(folded) && fromUnder != first.isMirrored() ? TURN : 0;
                long cost = node.cost() + fold + turn + still + start;
                Spot spot = spot(folded, first);
                if (cost < bound && best.getOrDefault(new Key(spot, fromUnder), Long.MAX_VALUE) > cost) {
                    best.put(new Key(spot, fromUnder), cost);
                    long guess = FOLD * (straight ? folded.cardinality() : fewest.of(folded));
                    next.add(new Node(spot, fromUnder, cost, guess, number++, Optional.of(node), Optional.of(move)));
                }
            }
        }

        private Spot spot(BitSet folded, Isometry first) {
            double near = pattern.tolerance() * 8;
            return new Spot(folded, Math.round(first.e() / near), Math.round(first.f() / near));
        }
    }

    /** From the flat end back to the folded state: each move in reverse, turning the paper to where it is folded from. */
    private List<FoldStep> steps(FoldedState folded, List<Move> moves) {
        List<FoldedState> states = new ArrayList<>(List.of(folded));
        for (Move move : moves) {
            states.add(unfolding.after(states.get(states.size() - 1), move));
        }
        List<FoldStep> steps = new ArrayList<>();
        boolean fromUnder = states.get(states.size() - 1).places().of(0).isMirrored();
        for (int i = moves.size() - 1; i >= 0; i--) {
            Move move = moves.get(i);
            FoldedState before = states.get(i + 1);
            if (fromUnder == move.upwards()) {
                fromUnder = !fromUnder;
                steps.add(new FoldStep(
                        Kind.TURN,
                        Optional.empty(),
                        List.of(),
                        List.of(),
                        List.of(),
                        List.of(),
                        fromUnder,
                        before,
                        before));
            }
            List<Pair> tucks = tucks(move, states.get(i), folded);
            steps.add(new FoldStep(
                    move.isTuck() ? Kind.TUCK : Kind.FOLD,
                    move.line(),
                    list(move.creases()),
                    list(move.moving()),
                    tucks.stream().map(Pair::one).distinct().sorted().toList(),
                    tucks.stream().map(Pair::other).distinct().sorted().toList(),
                    fromUnder,
                    before,
                    states.get(i)));
        }
        return steps;
    }

    /**
     * What goes under what at a move. Paper that is still to be folded lies on top of all, and something may be tucked under it for the time
     * being: what lies otherwise once all is folded is left out, unless nothing else is left.
     */
    private static List<Pair> tucks(Move move, FoldedState after, FoldedState folded) {
        List<Pair> all = new ArrayList<>();
        List<Pair> lasting = new ArrayList<>();
        for (int tucked : list(move.moving())) {
            for (int over : list(move.blocking())) {
                int side = after.order().compare(over, tucked);
                if (side != 0 && side > 0 == move.upwards()) {
                    all.add(new Pair(tucked, over));
                    boolean turned = after.places().of(tucked).isMirrored()
                            != folded.places().of(tucked).isMirrored();
                    if (folded.order().compare(over, tucked) == (turned ? -side : side)) {
                        lasting.add(new Pair(tucked, over));
                    }
                }
            }
        }
        return lasting.isEmpty() ? all : lasting;
    }

    private static List<Integer> list(BitSet set) {
        return set.stream().boxed().toList();
    }
}
