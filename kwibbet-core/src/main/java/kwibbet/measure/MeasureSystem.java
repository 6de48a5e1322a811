package kwibbet.measure;

/** The system a design is written in: what a bare number means and how figures are printed. */
public enum MeasureSystem {
    /** Inches, printed as mixed fractions. */
    INCH("in"),
    /** Millimetres, printed as decimals. */
    METRIC("mm");

    private final String symbol;

    MeasureSystem(String symbol) {
        this.symbol = symbol;
    }

    /** The unit's symbol: {@code in} or {@code mm}. */
    public String symbol() {
        return symbol;
    }
}
