package kwibbet.cutting;

import java.util.Map;

import kwibbet.shape.Size;

/**
 * A rectangle and how many of it are wanted.
 *
 * @param id its id
 * @param size its size as it stands upright
 * @param count how many; not negative
 * @param from the stocks it may be cut from, and which ways round it may lie on each
 */
public record Part(PartId id, Size size, int count, Map<StockId, Turning> from) {

    /**
     * Copies the stocks.
     *
     * @throws IllegalArgumentException when the count is negative
     */
    public Part {
        if (count < 0) {
            throw new IllegalArgumentException("there cannot be " + count + " of " + id.value());
        }
        from = Map.copyOf(from);
    }

    /** The room it takes on a sheet, turned or not. */
    public Size room(boolean turned) {
        return turned ? size.turned() : size;
    }

    /** Which ways round it may lie on a stock. */
    public Turning on(StockId stock) {
        return from.getOrDefault(stock, Turning.NEITHER);
    }

    Part withCount(int other) {
        return new Part(id, size, other, from);
    }
}
