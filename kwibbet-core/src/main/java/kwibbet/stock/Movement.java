package kwibbet.stock;

/**
 * So many more of something, or fewer.
 *
 * @param item of what
 * @param amount how much more, as the item is counted; below zero how much less; never zero
 * @param reason why
 */
public record Movement(StockItem item, long amount, Reason reason) {

    /**
     * Checks the amount.
     *
     * @throws IllegalArgumentException when nothing moves
     */
    public Movement {
        if (amount == 0) {
            throw new IllegalArgumentException("a movement moves something");
        }
    }
}
