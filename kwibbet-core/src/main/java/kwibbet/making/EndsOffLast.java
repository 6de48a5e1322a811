package kwibbet.making;

import java.util.ArrayList;
import java.util.List;

/** Where a die lies is measured on the whole paper: what cuts a piece out, or takes an end of it off, goes through after all else. */
record EndsOffLast() implements WaitRule {

    @Override
    public String key() {
        return "ends-off-last";
    }

    @Override
    public List<Wait> waits(Operations operations) {
        List<Wait> waits = new ArrayList<>();
        List<Operation.Pass> passes = operations.every(Operation.Pass.class);
        for (int i = 0; i < passes.size(); i++) {
            for (Operation.Pass later : passes.subList(i + 1, passes.size())) {
                Operation.Pass earlier = passes.get(i);
                if (later.piece().equals(earlier.piece()) && later.cutsOut()) {
                    waits.add(wait(
                            earlier,
                            later,
                            "Where its dies lie is measured on the whole paper of "
                                    + later.piece().name() + "."));
                }
            }
        }
        return waits;
    }
}
