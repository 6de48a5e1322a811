package kwibbet.stock;

/**
 * So many more of something, or fewer.
 *
 * @param item of what
 * @param amount how many more; below zero how many fewer; never zero
 * @param reason why
 */
public record Movement(StockItem item, int amount, Reason reason) {

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
