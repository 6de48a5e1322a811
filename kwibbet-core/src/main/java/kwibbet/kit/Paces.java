package kwibbet.kit;

import kwibbet.making.Pace;

/**
 * How long those take who make a kit.
 *
 * @param maker how long the maker takes
 * @param learners how long learners took in classes before; where they did not do a step yet, it follows from the maker's minutes
 */
public record Paces(Pace maker, Pace learners) {

    /** Nobody was timed yet. */
    public static final Paces UNKNOWN = new Paces(Pace.UNKNOWN, Pace.UNKNOWN);
}
