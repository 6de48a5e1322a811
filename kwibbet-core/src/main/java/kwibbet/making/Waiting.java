package kwibbet.making;

import java.util.BitSet;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.stream.IntStream;

/** What waits for what, by places in a list of operations; never a loop. */
final class Waiting {

    private final List<Operation> operations;
    /** By identity: what an operation is done to is large, and each is there once. */
    private final IdentityHashMap<Operation, Integer> places = new IdentityHashMap<>();
    /** For each operation all that come before it, directly or by way of others. */
    private final BitSet[] before;

    Waiting(List<Operation> operations) {
        this.operations = operations;
        this.before = new BitSet[operations.size()];
        for (int i = 0; i < before.length; i++) {
            before[i] = new BitSet();
            places.put(operations.get(i), i);
        }
    }

    /** Takes a wait in; refuses one that closes a loop. */
    boolean add(Wait wait) {
        int first = place(wait.before());
        int then = place(wait.after());
        if (first == then || before[first].get(then)) {
            return false;
        }
        for (int i = 0; i < before.length; i++) {
            if (i == then || before[i].get(then)) {
                before[i].or(before[first]);
                before[i].set(first);
            }
        }
        return true;
    }

    /** Whether a wait follows from others: something between the two waits for the one and is waited for by the other. */
    boolean isImplied(Wait wait) {
        int first = place(wait.before());
        int then = place(wait.after());
        return before[then].stream().anyMatch(between -> before[between].get(first));
    }

    /** Whether one has to come before the other, directly or by way of others. */
    boolean isBefore(Operation first, Operation then) {
        return before[place(then)].get(place(first));
    }

    /** The same, by places. */
    boolean isBefore(int first, int then) {
        return before[then].get(first);
    }

    /** All places, each after what waits for it. */
    int[] lastFirst() {
        return IntStream.range(0, before.length)
                .boxed()
                .sorted(Comparator.comparingInt(each -> -before[each].cardinality()))
                .mapToInt(Integer::intValue)
                .toArray();
    }

    int size() {
        return before.length;
    }

    Operation at(int place) {
        return operations.get(place);
    }

    /** Whether nothing that comes before an operation is still to be done. */
    boolean isReady(int place, BitSet rest) {
        return !before[place].intersects(rest);
    }

    /** Where an operation stands among all, as they were thought of. */
    int place(Operation operation) {
        Integer place = places.get(operation);
        if (place == null) {
            throw new IllegalArgumentException("no operation " + operation.id() + " is to be done");
        }
        return place;
    }
}
