package kwibbet.room;

import java.util.random.RandomGenerator;

/**
 * How long something takes, and how much that varies.
 *
 * @param mean on average, in minutes; at least 0
 * @param spread the standard deviation, in shares of the mean; at least 0
 * @param shape how the minutes are distributed
 */
public record Minutes(double mean, double spread, Shape shape) {

    /** Takes no time. */
    public static final Minutes NONE = new Minutes(0, 0, Shape.LOG_NORMAL);

    /** How minutes are distributed. */
    public enum Shape {
        /** Never below 0, with a tail of slow ones; with a spread of 0 always the mean. */
        LOG_NORMAL,
        /** What is left does not depend on what is done; the spread is the mean. */
        EXPONENTIAL
    }

    /**
     * Checks them.
     *
     * @throws IllegalArgumentException when the mean or the spread is below 0 or no number
     */
    public Minutes {
        if (!(mean >= 0) || !(spread >= 0) || Double.isInfinite(mean) || Double.isInfinite(spread)) {
            throw new IllegalArgumentException(
                    "minutes and their spread are 0 or more, not " + mean + " and " + spread);
        }
    }

    /** Minutes as they usually vary. */
    public static Minutes of(double mean, double spread) {
        return new Minutes(mean, spread, Shape.LOG_NORMAL);
    }

    /** Minutes that are distributed exponentially. */
    public static Minutes exponential(double mean) {
        return new Minutes(mean, 1, Shape.EXPONENTIAL);
    }

    /** The same with another mean. */
    public Minutes times(double factor) {
        return new Minutes(mean * factor, spread, shape);
    }

    double drawn(RandomGenerator random) {
        if (mean == 0 || (shape == Shape.LOG_NORMAL && spread == 0)) {
            return mean;
        }
        if (shape == Shape.EXPONENTIAL) {
            return mean * random.nextExponential();
        }
        double variance = StrictMath.log(1 + spread * spread);
        return mean * StrictMath.exp(StrictMath.sqrt(variance) * random.nextGaussian() - variance / 2);
    }
}
