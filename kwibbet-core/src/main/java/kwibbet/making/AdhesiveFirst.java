package kwibbet.making;

import java.util.ArrayList;
import java.util.List;

import kwibbet.card.Piece;

/** Adhesive goes on a piece whose edges and openings are cut, over what is stuck there already, and stays covered until the piece is stuck. */
record AdhesiveFirst() implements WaitRule {

    @Override
    public String key() {
        return "adhesive-first";
    }

    @Override
    public List<Wait> waits(Operations operations) {
        List<Wait> waits = new ArrayList<>();
        for (Operation.Adhere adhere : operations.every(Operation.Adhere.class)) {
            Piece piece = adhere.piece();
            waits.add(wait(adhere, adhere.stick(), "It holds by its adhesive, whose liner comes off last."));
            for (Operation each : operations.all()) {
                if (each.pieces().contains(piece) && isCut(each)) {
                    waits.add(wait(each, adhere, "A blade that goes through adhesive drags."));
                } else if (each instanceof Operation.Treat treat && isInTheWay(treat, adhere)) {
                    waits.add(wait(treat, adhere, "Adhesive covers that face, and foam gives way under a stamp."));
                }
            }
            operations.onto(piece.id()).stream()
                    .filter(behind ->
                            behind.join().side() == adhere.face() && operations.isBetween(behind, adhere.stick()))
                    // Layers go on a base that is put together, over where its parts are stuck.
                    .filter(behind -> !operations.card().isOfBase(piece.id())
                            || operations.card().isOfBase(behind.piece().id()))
                    .forEach(behind ->
                            waits.add(wait(behind, adhere, behind.piece().name() + " lies beneath the adhesive.")));
        }
        return waits;
    }

    private static boolean isCut(Operation operation) {
        return operation.does() == Does.CUT_OUT || operation.does() == Does.OPEN || operation.does() == Does.PRESS;
    }

    private static boolean isInTheWay(Operation.Treat treat, Operation.Adhere adhere) {
        boolean isFoam = adhere.stick().join().adhesion().height().isPositive();
        return treat.piece().equals(adhere.piece())
                && (treat.face() == adhere.face() || (isFoam && treat.does().isSurfaceWork()));
    }
}
