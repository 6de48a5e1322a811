package kwibbet.stock;

/**
 * There is less of something than a booking takes.
 *
 * @param item of what
 * @param wanted how much is taken
 * @param onHand how much there is
 */
public record Shortage(StockItem item, long wanted, long onHand) {

    /** How much is missing; more than zero. */
    public long missing() {
        return wanted - onHand;
    }
}
