package kwibbet.making;

import java.util.ArrayList;
import java.util.List;

/** An opening cut through several pieces at once waits until they are stuck; where the die will cut, too. */
record ThroughTheStack() implements WaitRule {

    @Override
    public String key() {
        return "through-the-stack";
    }

    @Override
    public List<Wait> waits(Operations operations) {
        List<Wait> waits = new ArrayList<>();
        for (Operation.Pass pass : operations.every(Operation.Pass.class)) {
            pass.layup().lying().on().forEach(on -> operations
                    .stick(on.piece().id())
                    .ifPresent(stick -> waits.add(wait(
                            stick,
                            pass,
                            "One cut goes through both, so they are stuck first, where the die will cut too."))));
        }
        return waits;
    }
}
