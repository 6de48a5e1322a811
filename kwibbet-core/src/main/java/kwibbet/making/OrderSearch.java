package kwibbet.making;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.PriorityQueue;
import java.util.Set;
import java.util.function.Function;

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

    /** So many operations of states are looked at for stations and tools; an order of some 40 operations takes a few hundred states. */
    private static final int MOST_COARSE = 600_000;
    /** So many operations of states are looked at for what is turned over and left. */
    private static final int MOST_FINE = 60_000;

    private static final int NOTHING = -1;
    private static final int FIELD = 12;
    private static final long JUMP = 1;
    private static final long TURN = JUMP << FIELD;
    private static final long TOOL = TURN << FIELD;
    private static final long MOVE = TOOL << FIELD;

    private final Waiting waiting;
    private final Numbers numbers;
    private final Rounds places;
    private final Rounds tools;
    private final int[] turnsFrom;
    private final boolean isFine;
    /** The cost of stations and tools that is not to be gone beyond. */
    private final long most;

    /**
     * An order.
     *
     * @param order the operations
     * @param counted what it changes
     * @param atLeast what no order goes below
     */
    record Found(List<Operation> order, Making.Count counted, Making.Count atLeast) {}

    /** What is still to be done, what is in hand, which pieces lie turned over, and how it came to that. */
    private record State(
            BitSet rest, int held, int assembly, BitSet turned, long cost, long least, List<Integer> order) {
        State with(long other) {
            return new State(rest, held, assembly, turned, cost, other, order);
        }
    }

    /** What makes two states the same. */
    private record Key(BitSet rest, int held, int assembly, BitSet turned) {}

    /** What each operation takes, in numbers: equal things have equal numbers. */
    private static final class Numbers {
        private final int[] held;
        private final int[] place;
        private final int[] assembly;
        private final int[] lying;
        private final boolean[] isUnder;

        Numbers(List<Changes.Handling> handling) {
            held = numbered(handling, Changes.Handling::held);
            place = numbered(handling, each -> each.held().place());
            assembly = numbered(handling, Changes.Handling::assembly);
            lying = numbered(handling, Changes.Handling::lying);
            isUnder = new boolean[handling.size()];
            for (int i = 0; i < isUnder.length; i++) {
                isUnder[i] = handling.get(i).face() == Side.UNDER;
            }
        }

        /** Where assemblies are what one moves between, each is left unfinished as often as the moves say: nothing is to be gained there. */
        boolean hasJumps() {
            return !Arrays.equals(place, assembly);
        }

        private static int[] numbered(List<Changes.Handling> handling, Function<Changes.Handling, Object> what) {
            Map<Object, Integer> numbers = new HashMap<>();
            return handling.stream()
                    .mapToInt(each -> numbers.computeIfAbsent(what.apply(each), next -> numbers.size()))
                    .toArray();
        }
    }

    private OrderSearch(Waiting waiting, Numbers numbers, boolean isFine, long most) {
        this.waiting = waiting;
        this.numbers = numbers;
        this.places = new Rounds(numbers.place, waiting);
        this.tools = new Rounds(numbers.held, waiting);
        this.turnsFrom = turnsFrom(numbers, waiting);
        this.isFine = isFine;
        this.most = most;
    }

    static Found run(Waiting waiting, Changes changes) {
        List<Changes.Handling> handling = new ArrayList<>();
        for (int i = 0; i < waiting.size(); i++) {
            handling.add(changes.of(waiting.at(i))
                    .orElseThrow(() -> new IllegalStateException("what is to be ordered is done by hands")));
        }
        Numbers numbers = new Numbers(handling);
        Found coarse = new OrderSearch(waiting, numbers, false, Long.MAX_VALUE)
                .search(changes, MOST_COARSE / Math.max(1, waiting.size()));
        Making.Count best = coarse.counted();
        if (coarse.atLeast().moves() < best.moves() || coarse.atLeast().tools() < best.tools()) {
            return coarse;
        }
        long most = MOVE * best.moves() + TOOL * best.tools();
        Found fine =
                new OrderSearch(waiting, numbers, true, most).search(changes, MOST_FINE / Math.max(1, waiting.size()));
        int jumps = numbers.hasJumps() ? fine.atLeast().jumps() : best.jumps();
        Making.Count atLeast =
                new Making.Count(best.moves(), best.tools(), fine.atLeast().turns(), jumps);
        Found better = fine.counted().compareTo(best) < 0 ? fine : coarse;
        return new Found(better.order(), better.counted(), atLeast);
    }

    private Found search(Changes changes, int mostStates) {
        PriorityQueue<State> open = new PriorityQueue<>(Comparator.comparingLong(State::least)
                .thenComparingInt(state -> state.rest().cardinality()));
        Map<Key, Long> reached = new HashMap<>();
        BitSet all = new BitSet();
        all.set(0, waiting.size());
        State start = new State(all, NOTHING, NOTHING, new BitSet(), 0, 0, List.of());
        open.add(start.with(least(start)));
        int looked = 0;
        while (!open.isEmpty()) {
            State state = open.poll();
            if (state.rest().isEmpty()) {
                return found(state, state.cost(), changes);
            }
            if (++looked > mostStates) {
                return found(finished(state), state.least(), changes);
            }
            for (State next : next(state)) {
                Key key = new Key(
                        next.rest(),
                        next.held(),
                        isFine ? next.assembly() : NOTHING,
                        isFine ? next.turned() : start.turned());
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
        while (!state.rest().isEmpty()) {
            state = next(state).stream()
                    .min(Comparator.comparingLong(State::least))
                    .orElseThrow(() -> new IllegalStateException("something is always ready"));
        }
        return state;
    }

    /** Each thing that can be taken up now, with all that is done then. */
    private List<State> next(State state) {
        Set<List<Integer>> ready = new HashSet<>();
        List<State> next = new ArrayList<>();
        for (int i = first(state.rest()); i >= 0; i = state.rest().nextSetBit(i + 1)) {
            if (waiting.isReady(i, state.rest())) {
                int turning = isTurned(i, state.turned()) ? numbers.lying[i] : NOTHING;
                List<Integer> what =
                        isFine ? List.of(numbers.held[i], numbers.assembly[i], turning) : List.of(numbers.held[i]);
                if (ready.add(what)) {
                    next.add(taken(state, i));
                }
            }
        }
        return next;
    }

    private static int first(BitSet rest) {
        return rest.nextSetBit(0);
    }

    private State taken(State state, int first) {
        BitSet rest = (BitSet) state.rest().clone();
        BitSet turned = (BitSet) state.turned().clone();
        List<Integer> order = new ArrayList<>(state.order());
        long cost = state.cost() + change(state, first);
        int each = isFine ? first : best(rest, first, turned, order);
        while (each != NOTHING) {
            rest.clear(each);
            order.add(each);
            turned.set(numbers.lying[each], numbers.isUnder[each]);
            each = best(rest, first, turned, order);
        }
        State next = new State(rest, numbers.held[first], numbers.assembly[first], turned, cost, 0, order);
        return next.with(cost + least(next));
    }

    private long change(State state, int next) {
        long cost = isFine && isTurned(next, state.turned()) ? TURN : 0;
        if (state.held() == NOTHING) {
            return cost;
        }
        int last = state.order().get(state.order().size() - 1);
        cost += numbers.place[last] == numbers.place[next] ? 0 : MOVE;
        cost += state.held() == numbers.held[next] ? 0 : TOOL;
        boolean isLeft = state.assembly() != numbers.assembly[next] && isUnfinished(state);
        return cost + (isFine && numbers.hasJumps() && isLeft ? JUMP : 0);
    }

    private boolean isUnfinished(State state) {
        return state.rest().stream().anyMatch(each -> numbers.assembly[each] == state.assembly());
    }

    /** Whether the piece that is to lie there lies on the face that is to be up. */
    private boolean isTurned(int next, BitSet turned) {
        return turned.get(numbers.lying[next]) != numbers.isUnder[next];
    }

    /** What is ready without a change: first on the piece and face that were worked on last, then as told. */
    private int best(BitSet rest, int taken, BitSet turned, List<Integer> order) {
        int best = NOTHING;
        int unlike = Integer.MAX_VALUE;
        for (int i = first(rest); i >= 0; i = rest.nextSetBit(i + 1)) {
            if (isFree(i, taken, turned) && waiting.isReady(i, rest)) {
                int far = order.isEmpty() ? 0 : unlikeness(waiting.at(order.get(order.size() - 1)), waiting.at(i));
                if (far < unlike) {
                    unlike = far;
                    best = i;
                }
            }
        }
        return best;
    }

    private boolean isFree(int next, int taken, BitSet turned) {
        return numbers.held[next] == numbers.held[taken]
                && (!isFine || (numbers.assembly[next] == numbers.assembly[taken] && !isTurned(next, turned)));
    }

    private static int unlikeness(Operation last, Operation next) {
        boolean sameWork = next.onto()
                        .filter(lower -> last.onto().filter(lower::equals).isPresent())
                        .isPresent()
                || last.onto().filter(next.piece()::equals).isPresent()
                || next.piece().equals(last.piece());
        return (sameWork ? 0 : 2) + (next.face() == last.face() ? 0 : 1);
    }

    /** What the rest costs at least. */
    private long least(State state) {
        int place = state.held() == NOTHING
                ? NOTHING
                : numbers.place[state.order().get(state.order().size() - 1)];
        long coarse = MOVE * places.least(state.rest(), place) + TOOL * tools.least(state.rest(), state.held());
        return isFine ? coarse + TURN * turns(state) + JUMP * jumps(state) : coarse;
    }

    /** Each piece is turned as often as steps that follow from each other need its faces by turns, and before the first where it lies on the wrong one. */
    private int turns(State state) {
        int[] most = new int[waiting.size()];
        for (int i = first(state.rest()); i >= 0; i = state.rest().nextSetBit(i + 1)) {
            int piece = numbers.lying[i];
            most[piece] = Math.max(most[piece], turnsFrom[i] + (isTurned(i, state.turned()) ? 1 : 0));
        }
        return Arrays.stream(most).sum();
    }

    /** How often the piece of each step is turned over on a chain of steps that starts there. */
    private static int[] turnsFrom(Numbers numbers, Waiting waiting) {
        int size = waiting.size();
        int[] turns = new int[size];
        for (int here : waiting.lastFirst()) {
            for (int then = 0; then < size; then++) {
                if (numbers.lying[then] == numbers.lying[here] && waiting.isBefore(here, then)) {
                    int turned = numbers.isUnder[then] == numbers.isUnder[here] ? 0 : 1;
                    turns[here] = Math.max(turns[here], turns[then] + turned);
                }
            }
        }
        return turns;
    }

    /**
     * An assembly is gone to for each thing that is taken up for it, but what is taken up next can go on where the last ended. Of all the times an assembly is
     * left, only the last one leaves it finished.
     */
    private long jumps(State state) {
        if (!numbers.hasJumps()) {
            return 0;
        }
        int all = waiting.size();
        BitSet unfinished = new BitSet();
        BitSet visits = new BitSet();
        for (int i = first(state.rest()); i >= 0; i = state.rest().nextSetBit(i + 1)) {
            unfinished.set(numbers.assembly[i]);
            boolean isHere = numbers.assembly[i] == state.assembly() && numbers.held[i] == state.held();
            visits.set(numbers.assembly[i] * all + numbers.held[i], !isHere);
        }
        int left = 0;
        if (state.held() != NOTHING) {
            unfinished.set(state.assembly());
            left = 1;
        }
        long goingOn = most % MOVE / TOOL - state.cost() % MOVE / TOOL;
        return Math.max(0, visits.cardinality() - goingOn + left - unfinished.cardinality());
    }
}
