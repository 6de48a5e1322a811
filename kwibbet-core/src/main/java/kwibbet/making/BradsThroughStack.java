package kwibbet.making;

import java.util.ArrayList;
import java.util.List;

import kwibbet.card.Piece;
import kwibbet.shape.Overlay;

/** Brads are set when all they go through is stuck together or folded back, and before anything covers their legs. */
record BradsThroughStack() implements WaitRule {

    @Override
    public String key() {
        return "brads-through-stack";
    }

    @Override
    public List<Wait> waits(Operations operations) {
        List<Wait> waits = new ArrayList<>();
        for (Operation.ByHand brads : operations.every(Operation.ByHand.class)) {
            if (brads.does() == Does.FASTEN) {
                for (Operation each : operations.all()) {
                    if (each instanceof Operation.Open open
                            && open.isFor(brads.direction().owner())) {
                        waits.add(wait(each, brads, "They need their holes."));
                    } else if (each.does().isFoldingBack()
                            && each instanceof Operation.ByHand back
                            && back.direction().owner().equals(brads.direction().owner())) {
                        waits.add(wait(each, brads, "They hold what is folded back."));
                    } else if (each instanceof Operation.Stick stick) {
                        if (hasHole(stick.piece(), brads) && hasHole(stick.lower(), brads)) {
                            waits.add(wait(
                                    each,
                                    brads,
                                    "They hold " + stick.piece().name() + " and "
                                            + stick.lower().name() + " together."));
                        } else if (hasHole(stick.piece(), brads)) {
                            waits.add(wait(brads, each, "Stuck down, their legs are not reached from behind."));
                        } else if (covers(stick, brads)) {
                            waits.add(wait(brads, each, stick.piece().name() + " hides their legs."));
                        }
                    }
                }
            }
        }
        return waits;
    }

    private static boolean hasHole(Piece piece, Operation.ByHand brads) {
        return piece.openings().stream()
                .anyMatch(opening -> opening.owner().equals(brads.direction().owner()));
    }

    private static boolean covers(Operation.Stick stick, Operation.ByHand brads) {
        return stick.lower().openings().stream()
                .filter(opening -> opening.owner().equals(brads.direction().owner()))
                .anyMatch(opening ->
                        Overlay.overlap(opening.outline(), stick.join().zone()));
    }
}
