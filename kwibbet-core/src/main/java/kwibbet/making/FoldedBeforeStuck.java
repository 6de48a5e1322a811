package kwibbet.making;

import java.util.ArrayList;
import java.util.List;

/** A piece is folded before layers hide the marks of its folds or stiffen it, and before it is stuck itself. */
record FoldedBeforeStuck() implements WaitRule {

    @Override
    public String key() {
        return "folded-before-stuck";
    }

    @Override
    public List<Wait> waits(Operations operations) {
        List<Wait> waits = new ArrayList<>();
        for (Operation.Fold fold : operations.every(Operation.Fold.class)) {
            operations
                    .stick(fold.piece().id())
                    .ifPresent(stick -> waits.add(wait(
                            fold, stick, "Stuck down, " + fold.piece().name() + " can no longer be creased sharply.")));
            operations
                    .onto(fold.piece().id())
                    .forEach(over -> waits.add(wait(
                            fold, over, "A fold is creased before layers make the panel stiff and hide its marks.")));
        }
        return waits;
    }
}
