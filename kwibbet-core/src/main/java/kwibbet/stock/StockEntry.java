package kwibbet.stock;

import java.time.Instant;
import java.util.Optional;

import kwibbet.measure.MeasureSystem;
import kwibbet.wording.Phrase;

/**
 * A movement in the ledger.
 *
 * @param booking the booking it belongs to
 * @param at when it was booked
 * @param what what was done
 * @param run the run it was done for, if it was for one
 * @param movement what moved
 * @param onHand how much there was then
 * @param isTakenBack whether its booking was taken back
 */
public record StockEntry(
        BookingKey booking,
        Instant at,
        String what,
        Optional<String> run,
        Movement movement,
        long onHand,
        boolean isTakenBack) {

    private static final String OPENING = "opening";

    /** How much more there was or less, with its sign. */
    public Phrase change(MeasureSystem system) {
        String sign = movement.amount() > 0 ? "+" : "−";
        return movement.item().amount(sign, Math.abs(movement.amount()), system);
    }

    /** How much there was then. */
    public Phrase left(MeasureSystem system) {
        return movement.item().amount("", onHand, system);
    }

    /** Whether it is what there was when the ledger was begun, of which nobody knows since when. */
    public boolean isOpening() {
        return booking.value().equals(OPENING);
    }

    /** Whether it can be taken back; what cards that are made have used follows their number. */
    public boolean canBeTakenBack() {
        return !isTakenBack && !booking.isBack() && !booking.isOfMade() && !isOpening();
    }
}
