package kwibbet.crease;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * Exact search for choices that meet all conditions: what follows is followed up, then a choice is tried both ways.
 *
 * <p>When a try fails, the choices that led to the failure are gathered; if the last try is not among them, the failure holds
 * whatever it is (conflict-directed backjumping: P. Prosser, "Hybrid algorithms for the constraint satisfaction problem", 1993;
 * recalled from memory). The conditions used that way prove that there is no order.
 */
final class OrderSearch {

    /** Bit {@code i} of the mask is set where bit {@code place} of {@code i} is, for the six places there are. */
    private static final long[] CHOSEN = {
        0xAAAAAAAAAAAAAAAAL,
        0xCCCCCCCCCCCCCCCCL,
        0xF0F0F0F0F0F0F0F0L,
        0xFF00FF00FF00FF00L,
        0xFFFF0000FFFF0000L,
        0xFFFFFFFF00000000L
    };

    private static final int NO_CONDITION = -1;

    /** After so many looks it is told how far it is. */
    private static final int LOOKS_TOLD = 4096;

    private final List<Condition> conditions;
    private final int[][] at;
    private final byte[] values;
    private final int[] reasons;
    private final int[] when;
    private final double[] weights;
    private final int[] trail;
    private int trailed;
    private final Deque<Integer> waiting = new ArrayDeque<>();
    private final BitSet isWaiting = new BitSet();
    private boolean hasFound;
    private boolean hasEnough;
    private long looks;
    private long looksBefore;
    private final FlatFolding.Limits limits;
    private final Progress progress;
    private long looksAllowed;

    /** There were more looks at conditions than allowed, or than somebody waits for. */
    static final class TooManyLooks extends RuntimeException {
        private static final long serialVersionUID = 1;
    }

    /** Why a try failed: the conditions used, and the choices tried that took part. */
    private record Failure(BitSet conditions, BitSet tried) {
        Failure with(Failure other) {
            BitSet bothConditions = (BitSet) conditions.clone();
            bothConditions.or(other.conditions);
            BitSet bothTried = (BitSet) tried.clone();
            bothTried.or(other.tried);
            return new Failure(bothConditions, bothTried);
        }
    }

    /** A search for so many choices, which gives up within limits, or where it is told so. */
    OrderSearch(int choices, List<Condition> conditions, FlatFolding.Limits limits, Progress progress) {
        this.conditions = conditions;
        this.values = new byte[choices];
        this.reasons = new int[choices];
        this.when = new int[choices];
        this.trail = new int[choices];
        this.weights = new double[choices];
        this.limits = limits;
        this.progress = progress;
        this.looksAllowed = limits.looks();
        List<List<Integer>> found = new ArrayList<>();
        for (int i = 0; i < choices; i++) {
            found.add(new ArrayList<>());
        }
        for (int i = 0; i < conditions.size(); i++) {
            for (int choice : conditions.get(i).choices()) {
                found.get(number(choice)).add(i);
                weights[number(choice)] += 1;
            }
        }
        this.at = found.stream()
                .map(list -> list.stream().mapToInt(Integer::intValue).toArray())
                .toArray(int[][]::new);
    }

    private static int number(int choice) {
        return Math.abs(choice) - 1;
    }

    /**
     * Follows up what is given; to be called once, first.
     *
     * @return the conditions that contradict each other, if they do already
     * @throws TooManyLooks when that takes more looks at conditions than allowed
     */
    Optional<BitSet> start() {
        for (int i = 0; i < conditions.size(); i++) {
            await(i);
        }
        return followUp().map(Failure::conditions);
    }

    /** What is chosen so far: 1 for yes, −1 for no, 0 where open. */
    byte[] values() {
        return values.clone();
    }

    /** The choices that depend on each other once what is given is followed up, group by group. */
    List<BitSet> groups() {
        List<BitSet> groups = new ArrayList<>();
        BitSet grouped = new BitSet();
        for (int start = 0; start < values.length; start++) {
            if (values[start] == 0 && !grouped.get(start)) {
                BitSet group = new BitSet();
                Deque<Integer> next = new ArrayDeque<>(List.of(start));
                grouped.set(start);
                while (!next.isEmpty()) {
                    int choice = next.remove();
                    group.set(choice);
                    for (int condition : at[choice]) {
                        for (int other : conditions.get(condition).choices()) {
                            int number = number(other);
                            if (values[number] == 0 && !grouped.get(number)) {
                                grouped.set(number);
                                next.add(number);
                            }
                        }
                    }
                }
                groups.add(group);
            }
        }
        return groups;
    }

    /**
     * Tells all ways to choose within a group.
     *
     * @param group the choices
     * @param listener is told each way, which it must copy to keep; {@code false} ends the search
     * @return the conditions that prove that there is no way, if there is none
     * @throws TooManyLooks when it takes more looks at conditions than allowed
     */
    Optional<BitSet> search(BitSet group, Predicate<byte[]> listener) {
        int before = trailed;
        looksBefore += looks;
        looks = 0;
        looksAllowed = limits.looks();
        hasFound = false;
        hasEnough = false;
        try {
            Optional<Failure> failure = tryOut(group, listener);
            return hasFound ? Optional.empty() : failure.map(Failure::conditions);
        } finally {
            undoTo(before);
        }
    }

    /** Fails, or has told what it found. */
    private Optional<Failure> tryOut(BitSet group, Predicate<byte[]> listener) {
        int choice = heaviest(group);
        if (choice < 0) {
            if (!hasFound) {
                hasFound = true;
                looksAllowed = Math.min(limits.looks(), looks + limits.looksCounting());
            }
            hasEnough = !listener.test(values);
            return Optional.empty();
        }
        Optional<Failure> first = tryOut(group, listener, choice, (byte) 1);
        if (hasEnough || (first.isPresent() && !first.get().tried().get(choice))) {
            return first;
        }
        Optional<Failure> second = tryOut(group, listener, choice, (byte) -1);
        if (first.isPresent() && second.isPresent()) {
            Failure both = second.get().tried().get(choice) ? first.get().with(second.get()) : second.get();
            both.tried().clear(choice);
            return Optional.of(both);
        }
        return Optional.empty();
    }

    private Optional<Failure> tryOut(BitSet group, Predicate<byte[]> listener, int choice, byte value) {
        int before = trailed;
        set(choice, value, NO_CONDITION);
        Optional<Failure> failure = followUp();
        if (failure.isEmpty()) {
            failure = tryOut(group, listener);
        }
        undoTo(before);
        return failure;
    }

    private int heaviest(BitSet group) {
        int heaviest = -1;
        for (int choice = group.nextSetBit(0); choice >= 0; choice = group.nextSetBit(choice + 1)) {
            if (values[choice] == 0 && (heaviest < 0 || weights[choice] > weights[heaviest])) {
                heaviest = choice;
            }
        }
        return heaviest;
    }

    private void set(int choice, byte value, int reason) {
        values[choice] = value;
        reasons[choice] = reason;
        when[choice] = trailed;
        trail[trailed] = choice;
        trailed++;
        for (int condition : at[choice]) {
            await(condition);
        }
    }

    private void await(int condition) {
        if (!isWaiting.get(condition)) {
            isWaiting.set(condition);
            waiting.add(condition);
        }
    }

    private void undoTo(int length) {
        while (trailed > length) {
            trailed--;
            values[trail[trailed]] = 0;
        }
        waiting.clear();
        isWaiting.clear();
    }

    private Optional<Failure> followUp() {
        while (!waiting.isEmpty()) {
            looks++;
            if (looks > looksAllowed || (looks % LOOKS_TOLD == 0 && !goesOn())) {
                throw new TooManyLooks();
            }
            int index = waiting.remove();
            isWaiting.clear(index);
            if (!holds(index)) {
                for (int choice : conditions.get(index).choices()) {
                    weights[number(choice)] += 4;
                }
                return Optional.of(failure(index));
            }
        }
        return Optional.empty();
    }

    private boolean goesOn() {
        return progress.goesOn(Progress.Stage.LYING, looksBefore + looks, looksBefore + looksAllowed);
    }

    /** Sets what follows from a condition; {@code false} when nothing it allows is left. */
    private boolean holds(int index) {
        Condition condition = conditions.get(index);
        int[] choices = condition.choices();
        long left = condition.allowed();
        for (int i = 0; i < choices.length; i++) {
            byte value = values[number(choices[i])];
            if (value != 0) {
                left &= (value > 0) == (choices[i] > 0) ? CHOSEN[i] : ~CHOSEN[i];
            }
        }
        if (left == 0) {
            return false;
        }
        for (int i = 0; i < choices.length; i++) {
            int number = number(choices[i]);
            if (values[number] == 0) {
                byte chosen = (byte) (choices[i] > 0 ? 1 : -1);
                if ((left & ~CHOSEN[i]) == 0) {
                    set(number, chosen, index);
                } else if ((left & CHOSEN[i]) == 0) {
                    set(number, (byte) -chosen, index);
                }
            }
        }
        return true;
    }

    /** Goes back from a condition that fails to all it followed from. */
    private Failure failure(int failed) {
        Failure failure = new Failure(new BitSet(), new BitSet());
        BitSet seen = new BitSet();
        Deque<Integer> back = new ArrayDeque<>();
        failure.conditions().set(failed);
        addChosen(failed, trailed, seen, back);
        while (!back.isEmpty()) {
            int choice = back.remove();
            if (reasons[choice] == NO_CONDITION) {
                failure.tried().set(choice);
            } else {
                failure.conditions().set(reasons[choice]);
                addChosen(reasons[choice], when[choice], seen, back);
            }
        }
        return failure;
    }

    private void addChosen(int condition, int before, BitSet seen, Deque<Integer> back) {
        for (int choice : conditions.get(condition).choices()) {
            int number = number(choice);
            if (values[number] != 0 && when[number] < before && !seen.get(number)) {
                seen.set(number);
                back.add(number);
            }
        }
    }
}
