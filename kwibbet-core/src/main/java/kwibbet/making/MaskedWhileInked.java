package kwibbet.making;

import java.util.ArrayList;
import java.util.List;

/** A mask is laid before ink or colour is spread there, and comes off afterwards. */
record MaskedWhileInked() implements WaitRule {

    @Override
    public String key() {
        return "masked-while-inked";
    }

    @Override
    public List<Wait> waits(Operations operations) {
        List<Wait> waits = new ArrayList<>();
        for (Operation.Treat mask : operations.every(Operation.Treat.class)) {
            for (Operation.Treat other : operations.every(Operation.Treat.class)) {
                boolean same = other.piece().equals(mask.piece())
                        && other.zone().owner().equals(mask.zone().owner());
                if (same && mask.does() == Does.MASK && other.does().isSurfaceWork()) {
                    waits.add(wait(mask, other, "The mask keeps clean what is to be kept free."));
                } else if (same && mask.does() == Does.UNMASK && other.does().isSurfaceWork()) {
                    waits.add(wait(other, mask, "The mask comes off when nothing more is spread there."));
                }
            }
        }
        return waits;
    }
}
