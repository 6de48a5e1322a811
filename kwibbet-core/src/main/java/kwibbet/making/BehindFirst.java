package kwibbet.making;

import java.util.ArrayList;
import java.util.List;

import kwibbet.card.Side;

/** What hangs behind a piece is stuck before the piece is; but the base is put together before layers go on it. */
record BehindFirst() implements WaitRule {

    @Override
    public String key() {
        return "behind-first";
    }

    @Override
    public List<Wait> waits(Operations operations) {
        List<Wait> waits = new ArrayList<>();
        for (Operation.Stick stick : operations.every(Operation.Stick.class)) {
            Side touching = stick.join().touching();
            for (Operation.Stick behind : operations.onto(stick.piece().id())) {
                boolean onBase = operations.card().isOfBase(stick.piece().id())
                        && !operations.card().isOfBase(behind.piece().id());
                if (onBase) {
                    waits.add(wait(
                            stick, behind, "The base is put together before layers hide where its parts are stuck."));
                } else if (behind.join().side() == touching && operations.isBetween(behind, stick)) {
                    waits.add(wait(
                            behind, stick, "Once " + stick.piece().name() + " is stuck, nobody reaches behind it."));
                }
            }
        }
        return waits;
    }
}
