package kwibbet.measure;

/** The system a design is written in: what a bare number means and how figures are printed. */
public enum MeasureSystem {
    /** Inches, printed as mixed fractions. */
    INCH("in", "inches"),
    /** Millimetres, printed as decimals. */
    METRIC("mm", "millimetres");

    private final String symbol;
    private final String words;

    MeasureSystem(String symbol, String words) {
        this.symbol = symbol;
        this.words = words;
    }

    /** What its unit is called. */
    public String words() {
        return words;
    }

    /** Lengths that makers who measure in millimetres take, in tenths of one. */
    private static final int[] ROUND = {
        5, 10, 15, 20, 30, 40, 50, 60, 80, 100, 120, 150, 200, 250, 300, 400, 500, 600, 750, 800, 900, 1000, 1200, 1500,
        1800, 2000, 2500, 3000, 4000, 5000, 6000
    };

    private static final Length SMALL = Length.ofMillimetres(5);
    private static final Graduation HALVES = new Graduation(Length.ofMillimetres(1, 2));

    /**
     * What a maker of this system takes where one who measures in inches takes that: the same, or the nearest round number of
     * millimetres, by proportion, so that 1/8 becomes 3, 1/4 becomes 6 and 4 become 100.
     *
     * @param inches a length of the trade, round in inches
     */
    public Length usual(Length inches) {
        if (this == INCH || inches.isZero()) {
            return inches;
        }
        double wanted = Math.log(inches.abs().toMillimetres() * 10);
        int best = ROUND[0];
        for (int tenths : ROUND) {
            best = Math.abs(Math.log(tenths) - wanted) < Math.abs(Math.log(best) - wanted) ? tenths : best;
        }
        Length round = Length.ofMillimetres(best, 10);
        return inches.isNegative() ? round.negated() : round;
    }

    /** The shortest length makers of this system would say that is not shorter than a bound: millimetres whole, or halves below five. */
    public Length leastSaid(Length bound) {
        return this == INCH ? bound : bound.roundedUpTo(marks(bound)).shown();
    }

    /** The longest length makers of this system would say that is not longer than a bound. */
    public Length mostSaid(Length bound) {
        return this == INCH ? bound : bound.roundedDownTo(marks(bound)).shown();
    }

    private static Graduation marks(Length bound) {
        return bound.abs().isShorterThan(SMALL) ? HALVES : Graduation.MILLIMETRES;
    }

    /** The unit's symbol: {@code in} or {@code mm}. */
    public String symbol() {
        return symbol;
    }
}
