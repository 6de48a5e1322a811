package kwibbet.app.inventory;

import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

import org.springframework.stereotype.Component;

import kwibbet.app.store.Runs;
import kwibbet.measure.MeasureSystem;
import kwibbet.stock.BookingKey;
import kwibbet.stock.StockEntry;
import kwibbet.wording.Phrase;

/** Movements as a page shows them. */
@Component
class MovementLines {

    private static final DateTimeFormatter WHEN =
            DateTimeFormatter.ofPattern("d MMM uuuu, HH:mm", Locale.ENGLISH).withZone(ZoneId.systemDefault());

    private final Runs runs;

    MovementLines(Runs runs) {
        this.runs = runs;
    }

    /**
     * A movement as it is shown.
     *
     * @param entry the movement
     * @param at when, by the clock on the wall
     * @param of of what
     * @param change how much more or less, with its sign
     * @param onHand how much there was then
     * @param run where the run it was done for is shown, if it was for one
     * @param offersBack whether its booking can be taken back here: in the first line of it
     */
    record Line(
            StockEntry entry,
            String at,
            Phrase of,
            Phrase change,
            Phrase onHand,
            Optional<String> run,
            boolean offersBack) {}

    List<Line> of(List<StockEntry> entries, MeasureSystem system) {
        Set<BookingKey> seen = new HashSet<>();
        return entries.stream()
                .map(entry -> line(entry, seen.add(entry.booking()), system))
                .toList();
    }

    private Line line(StockEntry entry, boolean isFirst, MeasureSystem system) {
        return new Line(
                entry,
                entry.isOpening() ? "at the start" : WHEN.format(entry.at()),
                entry.movement().item().words(system),
                entry.change(system),
                entry.left(system),
                entry.run().map(this::address),
                isFirst && entry.canBeTakenBack());
    }

    /** Before runs were kept, what was cut was booked for a card. */
    private String address(String run) {
        return runs.isKept(run) ? "/runs/" + run : "/cards/" + run + "/sheets";
    }
}
