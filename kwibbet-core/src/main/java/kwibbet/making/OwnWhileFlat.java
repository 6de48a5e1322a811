package kwibbet.making;

import java.util.ArrayList;
import java.util.List;

import kwibbet.card.OwnMaking;

/** A step of the maker's own of which nothing else is said is done while its piece lies by itself, and before that face is covered. */
record OwnWhileFlat() implements WaitRule {

    @Override
    public String key() {
        return "own-while-flat";
    }

    @Override
    public List<Wait> waits(Operations operations) {
        List<Wait> waits = new ArrayList<>();
        OwnMaking making = operations.card().design().own();
        for (Operation.Own own : operations.every(Operation.Own.class)) {
            String id = own.id();
            boolean isSaid = making.orders().stream()
                    .anyMatch(order -> order.first().equals(id) || order.then().equals(id));
            if (isSaid) {
                continue;
            }
            operations
                    .stick(own.piece().id())
                    .ifPresent(stick -> waits.add(wait(own, stick, "it lies flat by itself until then.")));
            for (Operation.Stick over : operations.onto(own.piece().id())) {
                if (over.join().side() == own.face()) {
                    waits.add(wait(own, over, over.piece().name() + " lies on that face."));
                }
            }
        }
        return waits;
    }
}
