package kwibbet.kit;

import java.math.BigDecimal;
import java.math.RoundingMode;

/**
 * What has to be bought of something that is sold in packs; all amounts in the same unit.
 *
 * @param need how much is needed
 * @param onHand how much there is
 * @param reserved how much of that others need
 * @param pack how much is in a pack; more than 0
 * @param cents what a pack costs, in hundredths; 0 where that is not known
 */
public record Purchase(BigDecimal need, BigDecimal onHand, BigDecimal reserved, BigDecimal pack, long cents) {

    /** Of the last pack no more than a quarter is used. */
    private static final BigDecimal HARDLY = BigDecimal.valueOf(4);

    /**
     * Checks the amounts.
     *
     * @throws IllegalArgumentException when one is below 0, or nothing is in a pack
     */
    public Purchase {
        if (need.signum() < 0 || onHand.signum() < 0 || reserved.signum() < 0 || pack.signum() <= 0 || cents < 0) {
            throw new IllegalArgumentException("amounts are 0 or more and packs hold something: " + need + ", " + onHand
                    + ", " + reserved + ", " + pack + ", " + cents);
        }
    }

    /** How much is missing; 0 where there is enough. */
    public BigDecimal missing() {
        return need.add(reserved).subtract(onHand).max(BigDecimal.ZERO);
    }

    /** How many packs that is. */
    public long packs() {
        return missing().divide(pack, 0, RoundingMode.CEILING).longValueExact();
    }

    /** What they cost, in hundredths. */
    public long cost() {
        return Math.multiplyExact(packs(), cents);
    }

    /** What is left of them. */
    public BigDecimal left() {
        return pack.multiply(BigDecimal.valueOf(packs())).subtract(missing());
    }

    /** Whether the last pack is bought for a quarter of it or less. */
    public boolean isLastHardlyUsed() {
        return packs() > 0
                && pack.compareTo(BigDecimal.ONE) > 0
                && pack.subtract(left()).multiply(HARDLY).compareTo(pack) <= 0;
    }
}
