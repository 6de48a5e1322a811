package kwibbet.cutting;

/** What a plan has least of; leftovers from the drawer are always used before sheets from the shelf. */
public enum Aim {
    FEWEST_SHEETS {
        @Override
        long costOf(Stock stock) {
            return stock.source() == Stock.Source.DRAWER ? 1 : TIE;
        }
    },
    LEAST_COST {
        @Override
        long costOf(Stock stock) {
            return stock.source() == Stock.Source.DRAWER ? 1 : Math.addExact(Math.multiplyExact(stock.cents(), TIE), 1);
        }
    };

    /** More than the sheets of any run that is worth a decision by fewer sheets. */
    private static final long TIE = 1_000;

    /** What one sheet counts for; more than zero. */
    abstract long costOf(Stock stock);
}
