package kwibbet.making;

import java.util.ArrayList;
import java.util.List;

/** A sleeve is laid, one of its ends is held, what goes under it is slid in, and the other end is held last. */
record SleeveEnds() implements WaitRule {

    @Override
    public String key() {
        return "sleeve-ends";
    }

    @Override
    public List<Wait> waits(Operations operations) {
        List<Wait> waits = new ArrayList<>();
        for (Operation.Stick laid : operations.every(Operation.Stick.class)) {
            List<Operation.HoldEnd> ends = operations.every(Operation.HoldEnd.class).stream()
                    .filter(end -> end.piece().equals(laid.piece()))
                    .toList();
            List<Operation.Tuck> tucked = operations.every(Operation.Tuck.class).stream()
                    .filter(tuck -> tuck.sleeve().equals(laid.piece()))
                    .toList();
            for (int i = 0; i < ends.size(); i++) {
                Operation.HoldEnd end = ends.get(i);
                waits.add(wait(laid, end, "Its ends are held once it lies in its place."));
                if (i > 0) {
                    waits.add(wait(ends.get(i - 1), end, "The end that is held first keeps it square."));
                }
                for (Operation.Tuck tuck : tucked) {
                    waits.add(
                            i == 0
                                    ? wait(end, tuck, "Held at one end, it does not shift.")
                                    : wait(tuck, end, "Held at both ends, it lets nothing be laid under it straight."));
                }
            }
            for (Operation.Tuck tuck : tucked) {
                operations
                        .stick(tuck.piece().id())
                        .ifPresent(stick -> waits.add(
                                wait(stick, tuck, "It is carried by what it is stuck to, and runs from there.")));
            }
        }
        return waits;
    }
}
