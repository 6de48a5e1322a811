package kwibbet.making;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import kwibbet.card.OwnMaking.Order;

/** What the maker wants before something else comes before it, unless paper does not allow it. */
record OwnAsSaid() implements WaitRule {

    static final String KEY = "own-as-said";

    @Override
    public String key() {
        return KEY;
    }

    @Override
    public List<Wait> waits(Operations operations) {
        List<Wait> waits = new ArrayList<>();
        for (Order order : operations.card().design().own().orders()) {
            Optional<Operation> first = named(operations, order.first());
            Optional<Operation> then = named(operations, order.then());
            if (first.isPresent() && then.isPresent()) {
                waits.add(wait(first.get(), then.get(), "you want it in this order."));
            }
        }
        return waits;
    }

    /** What dries stands for what made it wet. */
    private static Optional<Operation> named(Operations operations, String id) {
        return operations.all().stream()
                .filter(each ->
                        each.id().equals(id) || new Operation.Dry(each).id().equals(id))
                .findFirst();
    }
}
