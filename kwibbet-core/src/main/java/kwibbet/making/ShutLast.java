package kwibbet.making;

import java.util.ArrayList;
import java.util.List;

/** A front is glued shut when all behind it is done, a band closed round the card when all else is. */
record ShutLast() implements WaitRule {

    @Override
    public String key() {
        return "shut-last";
    }

    @Override
    public List<Wait> waits(Operations operations) {
        List<Wait> waits = new ArrayList<>();
        for (Operation.ByHand wrap : operations.every(Operation.ByHand.class)) {
            if (wrap.does() == Does.WRAP || wrap.does().isShutting()) {
                for (Operation each : operations.all()) {
                    boolean onBand = isOnBand(each, operations);
                    boolean last = each.does() == Does.WRAP
                            || each.does() == Does.STAND_UP
                            || (wrap.does().isShutting() && each.does().isShutting());
                    if (!last && !onBand) {
                        waits.add(wait(
                                each,
                                wrap,
                                wrap.does() == Does.WRAP
                                        ? "It is made to measure round the shut card, with all that is on it."
                                        : "Once it is shut nothing behind it is reached."));
                    }
                }
            }
        }
        return waits;
    }

    /** What lies on a band is behind nothing that is shut, and can be stuck there before or after. */
    private static boolean isOnBand(Operation each, Operations operations) {
        return each.onto()
                .filter(lower -> operations.every(Operation.ByHand.class).stream()
                        .anyMatch(other ->
                                other.does() == Does.WRAP && other.piece().equals(lower)))
                .isPresent();
    }
}
