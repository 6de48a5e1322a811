package kwibbet.stock;

/**
 * There is less of something than a booking takes.
 *
 * @param item of what
 * @param wanted how many are taken
 * @param onHand how many there are
 */
public record Shortage(StockItem item, int wanted, int onHand) {

    /** How many are missing; more than zero. */
    public int missing() {
        return wanted - onHand;
    }
}
