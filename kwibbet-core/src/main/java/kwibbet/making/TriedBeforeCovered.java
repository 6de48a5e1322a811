package kwibbet.making;

import java.util.ArrayList;
import java.util.List;

/** What folds inside something else is tried, and trimmed where it catches, before anything is stuck to it. */
record TriedBeforeCovered() implements WaitRule {

    @Override
    public String key() {
        return "tried-before-covered";
    }

    @Override
    public List<Wait> waits(Operations operations) {
        List<Wait> waits = new ArrayList<>();
        for (Operation.TrialFold trial : operations.every(Operation.TrialFold.class)) {
            for (Operation.Fold fold : operations.every(Operation.Fold.class)) {
                if (fold.piece().equals(trial.piece())) {
                    waits.add(wait(fold, trial, "It is tried along its creases."));
                }
            }
            operations.onto(trial.piece().id()).stream()
                    .filter(over -> over.join().panel().equals(trial.flap()))
                    .forEach(over -> waits.add(wait(
                            trial,
                            over,
                            "Trimmed afterwards, the border round "
                                    + over.piece().name() + " would be uneven.")));
        }
        return waits;
    }
}
