package kwibbet.making;

import java.util.ArrayList;
import java.util.List;

/** Holes through all pleats are punched when these lie on each other. */
record PunchedThroughPleats() implements WaitRule {

    @Override
    public String key() {
        return "punched-through-pleats";
    }

    @Override
    public List<Wait> waits(Operations operations) {
        List<Wait> waits = new ArrayList<>();
        for (Operation.Open open : operations.every(Operation.Open.class)) {
            if (open.isThroughPleats()) {
                operations.every(Operation.Fold.class).stream()
                        .filter(fold -> open.pieces().contains(fold.piece()))
                        .forEach(fold -> waits.add(wait(
                                fold, open, "Punched through the pleats at once, the holes line up for the cord.")));
            }
        }
        return waits;
    }
}
