package kwibbet.making;

import java.util.ArrayList;
import java.util.List;

import kwibbet.shape.Overlay;

/** A face is worked on while it lies flat: before its piece is raised on foam, and before anything raised stands on it. */
record FlatForInk() implements WaitRule {

    @Override
    public String key() {
        return "flat-for-ink";
    }

    @Override
    public List<Wait> waits(Operations operations) {
        List<Wait> waits = new ArrayList<>();
        for (Operation.Treat treat : operations.every(Operation.Treat.class)) {
            if (treat.does().isSurfaceWork()) {
                operations
                        .stick(treat.piece().id())
                        .filter(FlatForInk::isRaised)
                        .ifPresent(
                                stick -> waits.add(wait(treat, stick, "On foam the piece gives way under a stamp.")));
                operations.onto(treat.piece().id()).stream()
                        .filter(FlatForInk::isRaised)
                        .filter(raised -> isBeside(operations, treat, raised))
                        .forEach(raised -> waits.add(wait(
                                treat,
                                raised,
                                raised.piece().name() + " stands up, and a stamp cannot reach flat beside it.")));
            }
        }
        return waits;
    }

    private static boolean isBeside(Operations operations, Operation.Treat treat, Operation.Stick raised) {
        return Overlay.overlap(
                operations.card().panelOf(raised.join().panel()).outline(),
                treat.zone().outline());
    }

    private static boolean isRaised(Operation.Stick stick) {
        return stick.join().adhesion().height().isPositive();
    }
}
