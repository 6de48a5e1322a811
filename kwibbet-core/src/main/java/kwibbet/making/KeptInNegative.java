package kwibbet.making;

import java.util.ArrayList;
import java.util.List;

/** A positive lies in its negative until what goes on it is stuck to it. */
record KeptInNegative() implements WaitRule {

    @Override
    public String key() {
        return "kept-in-negative";
    }

    @Override
    public List<Wait> waits(Operations operations) {
        List<Wait> waits = new ArrayList<>();
        for (Operation.ByHand keep : operations.every(Operation.ByHand.class)) {
            if (keep.does() == Does.KEEP) {
                operations
                        .cuttingOut(keep.piece().id())
                        .forEach(cut -> waits.add(wait(cut, keep, "It is in its negative once it is cut.")));
                operations.onto(keep.piece().id()).forEach(over -> {
                    waits.add(wait(
                            keep,
                            over,
                            "In its negative it lies in place under "
                                    + over.piece().name() + "."));
                    operations
                            .stick(keep.piece().id())
                            .ifPresent(stick -> waits.add(wait(
                                    over,
                                    stick,
                                    "In its negative it is laid exactly; taken out, it would have to be met by eye.")));
                });
            }
        }
        return waits;
    }
}
