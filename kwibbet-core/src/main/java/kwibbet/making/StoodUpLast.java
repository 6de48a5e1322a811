package kwibbet.making;

import java.util.ArrayList;
import java.util.List;

/** What a card stands on is folded out when all else is done: until then it lies flat. */
record StoodUpLast() implements WaitRule {

    @Override
    public String key() {
        return "stood-up-last";
    }

    @Override
    public List<Wait> waits(Operations operations) {
        List<Wait> waits = new ArrayList<>();
        for (Operation.StandUp stand : operations.every(Operation.StandUp.class)) {
            for (Operation each : operations.all()) {
                if (each.does() != Does.STAND_UP && each.does() != Does.OWN) {
                    waits.add(
                            wait(each, stand, "Folded out, it is in the way of all that is done with the card flat."));
                }
            }
        }
        return waits;
    }
}
