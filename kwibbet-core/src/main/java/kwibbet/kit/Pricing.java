package kwibbet.kit;

import java.math.BigDecimal;
import java.math.RoundingMode;

/**
 * How a price is made.
 *
 * @param paper what counts of paper and of what is sold in packs
 * @param rate what an hour of the maker's work costs, in hundredths
 * @param margin how much of the price is left when paper and work are paid, in percent; 0 to 99
 * @param rounding to what the price is rounded up
 */
public record Pricing(Counted paper, int rate, int margin, Rounding rounding) {

    /** Paper only, to the cent. */
    public static final Pricing NONE = new Pricing(Counted.SHEETS, 0, 0, Rounding.CENT);

    /** An hour costs no more than that, in hundredths. */
    public static final int MOST_RATE = 1_000_000;

    /** A margin is no more than that, in percent of the price. */
    public static final int MOST_MARGIN = 99;

    private static final BigDecimal WHOLE = BigDecimal.valueOf(100);

    /** What counts of sheets that are cut and of packs that are begun. */
    public enum Counted {
        SHEETS("whole sheets and packs"),
        PIECES("what of them is used up");

        private final String words;

        Counted(String words) {
            this.words = words;
        }

        /** What makers call it. */
        public String words() {
            return words;
        }
    }

    /** To what a price is rounded up. */
    public enum Rounding {
        CENT("to the cent", 1, 0),
        HALF("to .50", 50, 0),
        NINETY_FIVE("to .95", 100, 95);

        private final String words;
        private final long step;
        private final long rest;

        Rounding(String words, long step, long rest) {
            this.words = words;
            this.step = step;
            this.rest = rest;
        }

        /** What makers call it. */
        public String words() {
            return words;
        }

        /** The least such price that is no less, in hundredths. */
        long up(BigDecimal cents) {
            long least = cents.setScale(0, RoundingMode.CEILING).longValueExact();
            return least + Math.floorMod(rest - least, step);
        }
    }

    /** The price of what costs so much, in hundredths. */
    long price(BigDecimal cents) {
        BigDecimal share = WHOLE.subtract(BigDecimal.valueOf(margin));
        return rounding.up(cents.multiply(WHOLE).divide(share, 4, RoundingMode.CEILING));
    }
}
