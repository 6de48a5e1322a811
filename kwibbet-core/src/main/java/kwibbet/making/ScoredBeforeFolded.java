package kwibbet.making;

import java.util.ArrayList;
import java.util.List;

/** A line is scored before it is folded; what a die cuts out is scored afterwards, what it cuts folded before. */
record ScoredBeforeFolded() implements WaitRule {

    @Override
    public String key() {
        return "scored-before-folded";
    }

    @Override
    public List<Wait> waits(Operations operations) {
        List<Wait> waits = new ArrayList<>();
        for (Operation.Crease score : operations.every(Operation.Crease.class)) {
            boolean foldedFirst = operations.press().scoredPaper(score.piece()).isPresent();
            for (Operation later : operations.all()) {
                boolean same = later.piece().id().equals(score.piece().id());
                if (same && (later.does() == Does.FOLD || later.does().isFoldingBack())) {
                    waits.add(wait(score, later, "Paper that was not scored cracks along the fold."));
                } else if (same && later instanceof Operation.Stick) {
                    waits.add(wait(score, later, "It does not lie flat on the board with something stuck to it."));
                }
                if (later.onto().filter(score.piece()::equals).isPresent()) {
                    waits.add(wait(score, later, "It does not lie flat on the board with something stuck to it."));
                }
            }
            for (Operation cut : operations.cuttingOut(score.piece().id())) {
                waits.add(
                        foldedFirst
                                ? wait(score, cut, "The die cuts it folded, so it is scored before.")
                                : wait(cut, score, "Until it is cut out it has no edges to lay at the fence."));
            }
        }
        for (Operation.Fold fold : operations.every(Operation.Fold.class)) {
            operations.every(Operation.Pass.class).stream()
                    .filter(pass -> pass.piece().equals(fold.piece())
                            && pass.layup().lying().fold().at().isPresent())
                    .forEach(pass -> waits.add(wait(fold, pass, "The die cuts it folded.")));
        }
        return waits;
    }
}
