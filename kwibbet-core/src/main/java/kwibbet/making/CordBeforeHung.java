package kwibbet.making;

import java.util.ArrayList;
import java.util.List;

/** A cord goes through the pleats when they are folded and punched, before they are hung. */
record CordBeforeHung() implements WaitRule {

    @Override
    public String key() {
        return "cord-before-hung";
    }

    @Override
    public List<Wait> waits(Operations operations) {
        List<Wait> waits = new ArrayList<>();
        for (Operation.ByHand thread : operations.every(Operation.ByHand.class)) {
            if (thread.does() == Does.THREAD) {
                for (Operation each : operations.all()) {
                    boolean same = each.piece().equals(thread.piece());
                    if (same && (each.does() == Does.FOLD || each.does() == Does.OPEN || each.does() == Does.PRESS)) {
                        waits.add(wait(
                                each,
                                thread,
                                "The cord goes through the pleats as they lie on each other, holes in line."));
                    } else if (same && each instanceof Operation.Stick) {
                        waits.add(wait(thread, each, "Hung, its pleats are no longer reached from both ends."));
                    }
                }
            }
        }
        return waits;
    }
}
