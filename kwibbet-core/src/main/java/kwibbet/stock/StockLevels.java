package kwibbet.stock;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * How much there is of each thing: the sum of its movements. What is not named there is none of.
 *
 * @param levels by thing
 */
public record StockLevels(Map<StockItem, Long> levels) {

    /** Copies the map. */
    public StockLevels {
        levels = Map.copyOf(levels);
    }

    /** The sum of some movements. */
    public static StockLevels of(List<Movement> movements) {
        return new StockLevels(
                movements.stream().collect(Collectors.toMap(Movement::item, Movement::amount, Math::addExact)));
    }

    /** How much there is, as the item is counted. */
    public long of(StockItem item) {
        return levels.getOrDefault(item, 0L);
    }

    /** What there would be too little of for a booking; nothing where it can be booked. */
    public List<Shortage> shortages(Booking booking) {
        Map<StockItem, Long> change = new LinkedHashMap<>();
        booking.movements().forEach(each -> change.merge(each.item(), each.amount(), Math::addExact));
        List<Shortage> shortages = new ArrayList<>();
        change.forEach((item, amount) -> {
            if (amount < 0 && of(item) + amount < 0) {
                shortages.add(new Shortage(item, -amount, of(item)));
            }
        });
        return shortages;
    }
}
