package kwibbet.making;

import java.util.ArrayList;
import java.util.List;

/** What is cut free is worked on and aligned before it is folded back, and folded back before its piece is stuck. */
record FoldedBackLast() implements WaitRule {

    @Override
    public String key() {
        return "folded-back-last";
    }

    @Override
    public List<Wait> waits(Operations operations) {
        List<Wait> waits = new ArrayList<>();
        for (Operation.ByHand back : operations.every(Operation.ByHand.class)) {
            if (back.does().isFoldingBack()) {
                for (Operation each : operations.all()) {
                    boolean same = each.piece().equals(back.piece());
                    if (same
                            && (each.does().isSurfaceWork()
                                    || each.does() == Does.CUT_OUT
                                    || each.does() == Does.PRESS)) {
                        waits.add(wait(each, back, "Folded back, the face there is no longer to be worked on."));
                    } else if (each instanceof Operation.Open holes
                            && holes.isFor(back.direction().owner())) {
                        waits.add(wait(
                                each, back, "Their holes are cut while it lies flat, and then lie on each other."));
                    } else if (same && each instanceof Operation.Stick) {
                        waits.add(wait(back, each, "Stuck down, its corners are not reached from behind."));
                    }
                }
            }
        }
        return waits;
    }
}
