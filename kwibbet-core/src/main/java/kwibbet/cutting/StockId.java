package kwibbet.cutting;

/**
 * Names one stock of a job: sheets of one paper and size.
 *
 * @param value unique in the job
 */
public record StockId(String value) {

    /**
     * Checks the name.
     *
     * @throws IllegalArgumentException when it is blank
     */
    public StockId {
        if (value.isBlank()) {
            throw new IllegalArgumentException("a stock needs an id");
        }
    }
}
