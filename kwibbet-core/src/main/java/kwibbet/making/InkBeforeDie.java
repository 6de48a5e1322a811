package kwibbet.making;

import java.util.ArrayList;
import java.util.List;

import kwibbet.card.Piece;
import kwibbet.card.Side;

/** What a die cuts round, or out of, is stamped and coloured before: the die follows the stamp. */
record InkBeforeDie() implements WaitRule {

    @Override
    public String key() {
        return "ink-before-die";
    }

    @Override
    public List<Wait> waits(Operations operations) {
        List<Wait> waits = new ArrayList<>();
        for (Operation.Treat treat : operations.every(Operation.Treat.class)) {
            Piece piece = treat.piece();
            double share = treat.zone().outline().area() / piece.outline().area();
            if (treat.does().isSurfaceWork() && treat.zone().side() == Side.UP && share > MOST) {
                operations
                        .cuttingOut(piece.id())
                        .forEach(
                                cut -> waits.add(
                                        wait(
                                                treat,
                                                cut,
                                                "Cut afterwards, the edge follows the stamp; stamped afterwards, it must be met by eye.")));
            }
        }
        return waits;
    }

    /** So much of a piece is the picture it is cut for. */
    private static final double MOST = 0.5;
}
