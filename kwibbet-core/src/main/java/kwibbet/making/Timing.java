package kwibbet.making;

import java.time.Duration;

/**
 * How long something took once.
 *
 * @param operation what was done, by its name
 * @param count how often it was done in that time, at least 1
 * @param took how long all of it took
 */
public record Timing(String operation, int count, Duration took) {

    /** How long one took, in minutes. */
    double minutesEach() {
        return took.toMillis() / (60_000.0 * count);
    }
}
