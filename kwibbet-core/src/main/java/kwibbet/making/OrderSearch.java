package kwibbet.making;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.PriorityQueue;
import java.util.Set;

import kwibbet.card.Addition;
import kwibbet.card.Card;
import kwibbet.card.Join;
import kwibbet.card.PieceId;

/**
 * Finds the order that changes station, then tool, least often, or, where what belongs together stays together, what is worked on, then the tool.
 *
 * <p>What is ready and needs no change is done at once: that never costs an order anything. So a state is what is done and what is in hand, and a step takes up something else. A* (Hart,
 * Nilsson, Raphael, 1968) goes through these states; what is still to be taken up at least once bounds the rest from below. The search ends by work done; what
 * it has not looked at then is the bound. Within a stretch, what is worked on and the face that is up change as seldom as one look ahead shows.
 */
final class OrderSearch {

    /** So many states are looked at; an order of some 40 operations takes a few hundred. */
    private static final int MOST_STATES = 20_000;
    /** A move weighs more than all changes of tool there can be. */
    private static final int MOVE = 1 << 12;

    private final Waiting waiting;
    private final List<Held> held = new ArrayList<>();

    /**
     * What is in hand.
     *
     * @param at the station, or what is worked on
     * @param tool the tool there
     */
    private record Held(Object at, Object tool) {}

    /**
     * An order.
     *
     * @param order the operations
     * @param cost how often something else is taken up
     */
    record Found(List<Operation> order, Making.Cost cost) {}

    /** What is done, what is in hand, and how it came to that. */
    private record State(BitSet done, Optional<Held> inHand, int cost, int least, List<Integer> order) {}

    private OrderSearch(Operations operations, Waiting waiting, Way way) {
        this.waiting = waiting;
        for (Operation each : operations.all()) {
            Object tool = List.of(each.station(), each.tool());
            held.add(
                    way == Way.BATCH
                            ? new Held(each.station(), each.tool())
                            : new Held(assembly(operations, each), tool));
        }
    }

    /** What goes on the base in one go: the addition that is stuck to the base, with all that is stuck to it. */
    private static PieceId assembly(Operations operations, Operation each) {
        Card card = operations.card();
        PieceId piece = each.piece().id();
        for (Optional<PieceId> lower = lower(card, piece); lower.isPresent(); lower = lower(card, piece)) {
            piece = lower.get();
        }
        return card.additionOf(piece).map(Addition::id).orElse(PieceId.BASE);
    }

    private static Optional<PieceId> lower(Card card, PieceId piece) {
        return card.join(piece).map(Join::lower).filter(lower -> !card.isOfBase(lower));
    }

    static Found run(Operations operations, Waiting waiting, Way way) {
        return new OrderSearch(operations, waiting, way).run();
    }

    private Found run() {
        PriorityQueue<State> open = new PriorityQueue<>(Comparator.comparingInt(State::least)
                .thenComparing(state -> -state.done().cardinality()));
        Map<List<Object>, Integer> reached = new HashMap<>();
        open.add(new State(new BitSet(), Optional.empty(), 0, least(new BitSet(), Optional.empty()), List.of()));
        int looked = 0;
        while (!open.isEmpty()) {
            State state = open.poll();
            if (state.done().cardinality() == waiting.size()) {
                return found(state, state.cost());
            }
            if (++looked > MOST_STATES) {
                return found(finished(state), state.least());
            }
            for (State next : next(state)) {
                List<Object> key = List.of(next.done(), next.inHand());
                if (reached.getOrDefault(key, Integer.MAX_VALUE) > next.cost()) {
                    reached.put(key, next.cost());
                    open.add(next);
                }
            }
        }
        throw new IllegalStateException("what waits for what has no loop, so there is an order");
    }

    private Found found(State state, int least) {
        List<Operation> order = state.order().stream().map(waiting::at).toList();
        return new Found(order, new Making.Cost(state.cost() / MOVE, state.cost() % MOVE, least / MOVE, least % MOVE));
    }

    /** The best of what one look ahead shows, until all is done. */
    private State finished(State from) {
        State state = from;
        while (state.done().cardinality() < waiting.size()) {
            state = next(state).stream()
                    .min(Comparator.comparingInt(State::least))
                    .orElseThrow(() -> new IllegalStateException("something is always ready"));
        }
        return state;
    }

    /** Each thing that can be taken up now, with all that is done then. */
    private List<State> next(State state) {
        Set<Held> ready = new HashSet<>();
        List<State> next = new ArrayList<>();
        for (int i = 0; i < waiting.size(); i++) {
            if (!state.done().get(i) && waiting.isReady(i, state.done()) && ready.add(held.get(i))) {
                next.add(taken(state, held.get(i)));
            }
        }
        return next;
    }

    private State taken(State state, Held taken) {
        int cost = state.cost()
                + state.inHand()
                        .map(before -> (before.at().equals(taken.at()) ? 0 : MOVE) + (before.equals(taken) ? 0 : 1))
                        .orElse(0);
        BitSet done = (BitSet) state.done().clone();
        List<Integer> order = new ArrayList<>(state.order());
        for (Optional<Integer> each = best(done, taken, order); each.isPresent(); each = best(done, taken, order)) {
            done.set(each.get());
            order.add(each.get());
        }
        Optional<Held> inHand = Optional.of(taken);
        return new State(done, inHand, cost, cost + least(done, inHand), order);
    }

    /** What is ready without a change: first on the piece and face that were worked on last, then as told. */
    private Optional<Integer> best(BitSet done, Held taken, List<Integer> order) {
        Optional<Operation> last =
                order.isEmpty() ? Optional.empty() : Optional.of(waiting.at(order.get(order.size() - 1)));
        Optional<Integer> best = Optional.empty();
        int unlike = Integer.MAX_VALUE;
        for (int i = 0; i < waiting.size(); i++) {
            if (!done.get(i) && held.get(i).equals(taken) && waiting.isReady(i, done)) {
                int far = last.map(new Nearness(waiting.at(i))::from).orElse(0);
                if (far < unlike) {
                    unlike = far;
                    best = Optional.of(i);
                }
            }
        }
        return best;
    }

    private record Nearness(Operation next) {
        int from(Operation last) {
            boolean sameWork = next.onto()
                            .filter(lower -> last.onto().filter(lower::equals).isPresent())
                            .isPresent()
                    || last.onto().filter(next.piece()::equals).isPresent()
                    || next.piece().equals(last.piece());
            return (sameWork ? 0 : 2) + (next.face() == last.face() ? 0 : 1);
        }
    }

    /** What is still to be taken up at least once. */
    private int least(BitSet done, Optional<Held> inHand) {
        Set<Object> places = new HashSet<>();
        Set<Held> tools = new HashSet<>();
        for (int i = 0; i < waiting.size(); i++) {
            if (!done.get(i)) {
                places.add(held.get(i).at());
                tools.add(held.get(i));
            }
        }
        inHand.ifPresent(taken -> {
            places.remove(taken.at());
            tools.remove(taken);
        });
        int first = inHand.isEmpty() && !tools.isEmpty() ? 1 : 0;
        return MOVE * (places.size() - first) + tools.size() - first;
    }
}
