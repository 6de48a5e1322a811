package kwibbet.making;

import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** What waits for what, by places in a list of operations; never a loop. */
final class Waiting {

    private final List<Operation> operations;
    private final Map<Operation, Integer> places = new HashMap<>();
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

    int size() {
        return before.length;
    }

    Operation at(int place) {
        return operations.get(place);
    }

    /** Whether all that comes before an operation is done. */
    boolean isReady(int place, BitSet done) {
        return before[place].stream().allMatch(done::get);
    }

    private int place(Operation operation) {
        Integer place = places.get(operation);
        if (place == null) {
            throw new IllegalArgumentException("no operation " + operation.id() + " is to be done");
        }
        return place;
    }
}
