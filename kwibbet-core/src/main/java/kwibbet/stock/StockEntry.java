package kwibbet.stock;

import java.time.Instant;
import java.util.Optional;

/**
 * A movement in the ledger.
 *
 * @param booking the booking it belongs to
 * @param at when it was booked
 * @param what what was done
 * @param run the run it was done for, if it was for one
 * @param movement what moved
 * @param onHand how many there were then
 * @param isTakenBack whether its booking was taken back
 */
public record StockEntry(
        BookingKey booking,
        Instant at,
        String what,
        Optional<String> run,
        Movement movement,
        int onHand,
        boolean isTakenBack) {

    private static final String OPENING = "opening";

    /** Whether it is what there was when the ledger was begun, of which nobody knows since when. */
    public boolean isOpening() {
        return booking.value().equals(OPENING);
    }

    /** Whether it can be taken back. */
    public boolean canBeTakenBack() {
        return !isTakenBack && !booking.isBack() && !isOpening();
    }
}
