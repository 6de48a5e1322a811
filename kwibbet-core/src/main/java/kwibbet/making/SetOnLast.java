package kwibbet.making;

import java.util.ArrayList;
import java.util.List;

import kwibbet.card.PieceId;
import kwibbet.card.Zone;
import kwibbet.shape.Overlay;

/** What stands up on a face, or runs over it, comes on when its piece is cut, worked on and stuck; what goes round its edges while they are reached. */
record SetOnLast() implements WaitRule {

    @Override
    public String key() {
        return "set-on-last";
    }

    @Override
    public List<Wait> waits(Operations operations) {
        List<Wait> waits = new ArrayList<>();
        for (Operation.ByHand set : operations.every(Operation.ByHand.class)) {
            if (set.does() == Does.SET_ON || set.does() == Does.POUR || set.does() == Does.BIND) {
                operations.all().forEach(each -> waits(each, set, operations, waits));
            }
        }
        return waits;
    }

    private void waits(Operation each, Operation.ByHand set, Operations operations, List<Wait> waits) {
        boolean inHand = each.pieces().contains(set.piece());
        if (inHand && (each.does() == Does.PRESS || each.does() == Does.OPEN || each.does() == Does.CUT_OUT)) {
            waits.add(wait(each, set, "What stands up is crushed in the press and in the way of a blade."));
        } else if (inHand && (each.does() == Does.FOLD || each.does() == Does.SCORE)) {
            waits.add(wait(each, set, "The piece is creased while it lies flat."));
        } else if (inHand
                && each instanceof Operation.Treat treat
                && treat.does().isSurfaceWork()) {
            waits.add(wait(treat, set, "A stamp does not come down flat beside it."));
        } else if (inHand && each.does() == Does.ERASE) {
            waits.add(wait(each, set, "An eraser would rub it off."));
        } else if (each instanceof Operation.Stick stick) {
            stuck(stick, set, operations, waits);
        }
    }

    private void stuck(Operation.Stick stick, Operation.ByHand set, Operations operations, List<Wait> waits) {
        if (stick.piece().equals(set.piece())) {
            if (set.does() == Does.BIND) {
                waits.add(wait(set, stick, "Its ends go behind " + stick.piece().name() + "."));
                operations
                        .adhesive(stick.piece().id())
                        .ifPresent(adhesive -> waits.add(wait(set, adhesive, "Its ends lie beneath the adhesive.")));
            } else {
                waits.add(wait(
                        stick,
                        set,
                        stick.piece().name() + " is pressed on with a flat hand, which would push it off."));
            }
        } else if (covers(stick, set)) {
            waits.add(wait(set, stick, stick.piece().name() + " covers it."));
        }
    }

    private static boolean covers(Operation.Stick stick, Operation.ByHand set) {
        PieceId owner = set.direction().owner();
        return stick.lower().equals(set.piece())
                && set.piece().zones().stream()
                        .filter(zone -> zone.use() == Zone.Use.SET_ON
                                && zone.owner().equals(owner)
                                && zone.side() == stick.join().side())
                        .anyMatch(zone ->
                                Overlay.overlap(zone.outline(), stick.join().zone()));
    }
}
