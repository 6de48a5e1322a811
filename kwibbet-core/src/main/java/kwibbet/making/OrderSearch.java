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

import kwibbet.card.PieceId;
import kwibbet.card.Side;

/**
 * Finds the order that changes station, then tool, least often, or, where what belongs together stays together, what is worked on, then the tool; among these
 * the one that turns pieces over and leaves what is unfinished least often.
 *
 * <p>What is ready and needs no change is done at once: that never costs an order anything. So a state is what is done, what is in hand and how pieces lie, and
 * a step takes up something else. A* (Hart, Nilsson, Raphael, 1968) goes through these states twice: first for stations and tools only, then for all, among
 * the orders that are as good as the first. What is still to be taken up at least once bounds the rest from below. The search ends by work done; what it
 * has not looked at then is the bound.
 */
final class OrderSearch {

    /** So many states are looked at for stations and tools; an order of some 40 operations takes a few hundred. */
    private static final int MOST_STATES = 20_000;
    /** So many operations of states are looked at for what is turned over and left. */
    private static final int MOST_FINE = 150_000;

    private static final int FIELD = 12;
    private static final long JUMP = 1;
    private static final long TURN = JUMP << FIELD;
    private static final long TOOL = TURN << FIELD;
    private static final long MOVE = TOOL << FIELD;

    private final Waiting waiting;
    private final boolean isFine;
    /** The cost of stations and tools that is not to be gone beyond. */
    private final long most;

    private final List<Changes.Handling> handling = new ArrayList<>();

    /**
     * An order.
     *
     * @param order the operations
     * @param counted what it changes
     * @param atLeast what no order goes below
     */
    record Found(List<Operation> order, Making.Count counted, Making.Count atLeast) {}

    /** What is done, what is in hand, which pieces lie on their upper face, and how it came to that. */
    private record State(
            BitSet done,
            Optional<Changes.Handling> inHand,
            Set<PieceId> turned,
            long cost,
            long least,
            List<Integer> order) {

        Object key(boolean isFine) {
            return isFine
                    ? List.of(done, inHand.map(Changes.Handling::held), inHand.map(Changes.Handling::assembly), turned)
                    : List.of(done, inHand.map(Changes.Handling::held));
        }
    }

    private OrderSearch(Waiting waiting, Changes changes, boolean isFine, long most) {
        this.waiting = waiting;
        this.isFine = isFine;
        this.most = most;
        for (int i = 0; i < waiting.size(); i++) {
            handling.add(changes.of(waiting.at(i))
                    .orElseThrow(() -> new IllegalStateException("what is to be ordered is done by hands")));
        }
    }

    static Found run(Waiting waiting, Changes changes) {
        Found coarse = new OrderSearch(waiting, changes, false, Long.MAX_VALUE).search(changes, MOST_STATES);
        Making.Count best = coarse.counted();
        if (coarse.atLeast().moves() < best.moves() || coarse.atLeast().tools() < best.tools()) {
            return coarse;
        }
        long most = MOVE * best.moves() + TOOL * best.tools();
        Found fine =
                new OrderSearch(waiting, changes, true, most).search(changes, MOST_FINE / Math.max(1, waiting.size()));
        Making.Count atLeast = new Making.Count(
                best.moves(),
                best.tools(),
                fine.atLeast().turns(),
                fine.atLeast().jumps());
        Found better = fine.counted().compareTo(best) < 0 ? fine : coarse;
        return new Found(better.order(), better.counted(), atLeast);
    }

    private Found search(Changes changes, int mostStates) {
        PriorityQueue<State> open = new PriorityQueue<>(Comparator.comparingLong(State::least)
                .thenComparing(state -> -state.done().cardinality()));
        Map<Object, Long> reached = new HashMap<>();
        State start = new State(new BitSet(), Optional.empty(), Set.of(), 0, 0, List.of());
        open.add(new State(start.done(), start.inHand(), start.turned(), 0, least(start), List.of()));
        int looked = 0;
        while (!open.isEmpty()) {
            State state = open.poll();
            if (state.done().cardinality() == waiting.size()) {
                return found(state, state.cost(), changes);
            }
            if (++looked > mostStates) {
                return found(finished(state), state.least(), changes);
            }
            for (State next : next(state)) {
                Object key = next.key(isFine);
                if (next.least() / TOOL * TOOL <= most && reached.getOrDefault(key, Long.MAX_VALUE) > next.cost()) {
                    reached.put(key, next.cost());
                    open.add(next);
                }
            }
        }
        throw new IllegalStateException("what waits for what has no loop, so there is an order");
    }

    private Found found(State state, long least, Changes changes) {
        List<Operation> order = state.order().stream().map(waiting::at).toList();
        Making.Count atLeast = new Making.Count(
                Math.toIntExact(least / MOVE),
                Math.toIntExact(least % MOVE / TOOL),
                Math.toIntExact(least % TOOL / TURN),
                Math.toIntExact(least % TURN));
        return new Found(order, changes.count(order), atLeast);
    }

    /** The best of what one look ahead shows, until all is done. */
    private State finished(State from) {
        State state = from;
        while (state.done().cardinality() < waiting.size()) {
            state = next(state).stream()
                    .min(Comparator.comparingLong(State::least))
                    .orElseThrow(() -> new IllegalStateException("something is always ready"));
        }
        return state;
    }

    /** Each thing that can be taken up now, with all that is done then. */
    private List<State> next(State state) {
        Set<Object> ready = new HashSet<>();
        List<State> next = new ArrayList<>();
        for (int i = 0; i < waiting.size(); i++) {
            if (!state.done().get(i) && waiting.isReady(i, state.done())) {
                Changes.Handling each = handling.get(i);
                Object what = isFine
                        ? List.of(each.held(), each.assembly(), isTurned(each, state.turned()) ? each.lying() : "")
                        : each.held();
                if (ready.add(what)) {
                    next.add(taken(state, i));
                }
            }
        }
        return next;
    }

    private State taken(State state, int first) {
        BitSet done = (BitSet) state.done().clone();
        Set<PieceId> turned = new HashSet<>(state.turned());
        List<Integer> order = new ArrayList<>(state.order());
        Changes.Handling taken = handling.get(first);
        long cost = state.cost() + change(state, taken);
        Optional<Integer> each = isFine ? Optional.of(first) : best(done, taken, turned, order);
        while (each.isPresent()) {
            done.set(each.get());
            order.add(each.get());
            lay(handling.get(each.get()), turned);
            each = best(done, taken, turned, order);
        }
        State next = new State(done, Optional.of(taken), turned, cost, 0, order);
        return new State(done, next.inHand(), turned, cost, cost + least(next), order);
    }

    private long change(State state, Changes.Handling next) {
        long cost = isFine && isTurned(next, state.turned()) ? TURN : 0;
        if (state.inHand().isEmpty()) {
            return cost;
        }
        Changes.Handling last = state.inHand().get();
        cost += last.held().place().equals(next.held().place()) ? 0 : MOVE;
        cost += last.held().equals(next.held()) ? 0 : TOOL;
        boolean isLeft = !last.assembly().equals(next.assembly()) && isUnfinished(last.assembly(), state.done());
        return cost + (isFine && isLeft ? JUMP : 0);
    }

    private boolean isUnfinished(PieceId assembly, BitSet done) {
        for (int i = 0; i < handling.size(); i++) {
            if (!done.get(i) && handling.get(i).assembly().equals(assembly)) {
                return true;
            }
        }
        return false;
    }

    /** Whether a piece lies on the face that is to be up. */
    private static boolean isTurned(Changes.Handling next, Set<PieceId> turned) {
        return turned.contains(next.lying()) == (next.face() == Side.UP);
    }

    private static void lay(Changes.Handling here, Set<PieceId> turned) {
        if (here.face() == Side.UP) {
            turned.remove(here.lying());
        } else {
            turned.add(here.lying());
        }
    }

    /** What is ready without a change: first on the piece and face that were worked on last, then as told. */
    private Optional<Integer> best(BitSet done, Changes.Handling taken, Set<PieceId> turned, List<Integer> order) {
        Optional<Operation> last =
                order.isEmpty() ? Optional.empty() : Optional.of(waiting.at(order.get(order.size() - 1)));
        Optional<Integer> best = Optional.empty();
        int unlike = Integer.MAX_VALUE;
        for (int i = 0; i < waiting.size(); i++) {
            if (!done.get(i) && isFree(handling.get(i), taken, turned) && waiting.isReady(i, done)) {
                int far = last.map(new Nearness(waiting.at(i))::from).orElse(0);
                if (far < unlike) {
                    unlike = far;
                    best = Optional.of(i);
                }
            }
        }
        return best;
    }

    private boolean isFree(Changes.Handling next, Changes.Handling taken, Set<PieceId> turned) {
        return next.held().equals(taken.held())
                && (!isFine || (next.assembly().equals(taken.assembly()) && !isTurned(next, turned)));
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

    /** What the rest costs at least. */
    private long least(State state) {
        Set<Object> places = new HashSet<>();
        Set<Changes.Held> tools = new HashSet<>();
        for (int i = 0; i < waiting.size(); i++) {
            if (!state.done().get(i)) {
                places.add(handling.get(i).held().place());
                tools.add(handling.get(i).held());
            }
        }
        state.inHand().ifPresent(taken -> {
            places.remove(taken.held().place());
            tools.remove(taken.held());
        });
        int first = state.inHand().isEmpty() && !tools.isEmpty() ? 1 : 0;
        long coarse = MOVE * (places.size() - first) + TOOL * (tools.size() - first);
        return isFine ? coarse + TURN * turns(state) + JUMP * jumps(state) : coarse;
    }

    /** Each piece that lies on the face a step needs up is turned once at least. */
    private int turns(State state) {
        Set<PieceId> turning = new HashSet<>();
        for (int i = 0; i < waiting.size(); i++) {
            if (!state.done().get(i) && isTurned(handling.get(i), state.turned())) {
                turning.add(handling.get(i).lying());
            }
        }
        return turning.size();
    }

    /**
     * An assembly is gone to for each thing that is taken up for it, but what is taken up next can go on where the last ended. Of all the times an assembly is
     * left, only the last one leaves it finished.
     */
    private int jumps(State state) {
        Map<PieceId, Set<Changes.Held>> rest = new HashMap<>();
        for (int i = 0; i < waiting.size(); i++) {
            if (!state.done().get(i)) {
                rest.computeIfAbsent(handling.get(i).assembly(), assembly -> new HashSet<>())
                        .add(handling.get(i).held());
            }
        }
        int unfinished = rest.size();
        int left = 0;
        if (state.inHand().isPresent()) {
            Changes.Handling here = state.inHand().get();
            unfinished += rest.containsKey(here.assembly()) ? 0 : 1;
            left = 1;
            rest.getOrDefault(here.assembly(), new HashSet<>()).remove(here.held());
        }
        int visits = rest.values().stream().mapToInt(Set::size).sum();
        long goingOn = most % MOVE / TOOL - state.cost() % MOVE / TOOL;
        return Math.toIntExact(Math.max(0, visits - goingOn + left - unfinished));
    }
}
