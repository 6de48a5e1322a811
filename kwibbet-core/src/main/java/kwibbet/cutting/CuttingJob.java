package kwibbet.cutting;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import kwibbet.measure.Length;

/**
 * What is to be cut, and from what.
 *
 * @param stocks the sheets
 * @param parts the parts
 * @param kerf what the blade takes away; nothing for a paper trimmer
 * @param longestCut the longest cut that can be made, where there is a limit
 * @param aim what there shall be least of
 * @param keeping which leftovers are worth keeping
 */
public record CuttingJob(
        List<Stock> stocks, List<Part> parts, Length kerf, Optional<Length> longestCut, Aim aim, Keeping keeping) {

    /**
     * Copies the lists.
     *
     * @throws IllegalArgumentException when an id stands twice, the kerf is negative, the longest cut is not more than
     *     zero, or a margin is there but not wider than the kerf that is cut out of it
     */
    public CuttingJob {
        stocks = List.copyOf(stocks);
        parts = List.copyOf(parts);
        Set<Object> ids = new HashSet<>();
        stocks.forEach(stock -> once(ids, stock.id()));
        parts.forEach(part -> once(ids, part.id()));
        if (kerf.isNegative()
                || longestCut.filter(longest -> !longest.isPositive()).isPresent()) {
            throw new IllegalArgumentException("a kerf is 0 or more and a cut is longer than 0");
        }
        for (Stock stock : stocks) {
            if (stock.margin().isPositive() && !stock.margin().isLongerThan(kerf)) {
                throw new IllegalArgumentException("a margin must be wider than the kerf");
            }
        }
    }

    private static void once(Set<Object> ids, Object id) {
        if (!ids.add(id)) {
            throw new IllegalArgumentException(id + " stands twice in the job");
        }
    }

    /** Cut with a blade that takes nothing away and reaches as far as need be, for the fewest sheets. */
    public static CuttingJob of(List<Stock> stocks, List<Part> parts) {
        return new CuttingJob(stocks, parts, Length.ZERO, Optional.empty(), Aim.FEWEST_SHEETS, Keeping.USUAL);
    }

    /** How many pieces are wanted in all. */
    public long pieces() {
        return parts.stream().mapToLong(Part::count).sum();
    }
}
