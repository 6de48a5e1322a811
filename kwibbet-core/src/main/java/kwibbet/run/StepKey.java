package kwibbet.run;

import java.util.Optional;

/**
 * Names a step of a run, as long as what it is done to is there.
 *
 * @param station where it is done
 * @param id names it within its station, 1 to 160 letters
 */
public record StepKey(BenchStation station, String id) {

    private static final int LONGEST = 160;

    /**
     * Checks the length.
     *
     * @throws IllegalArgumentException when the id is blank or too long
     */
    public StepKey {
        if (id.isBlank() || id.length() > LONGEST) {
            throw new IllegalArgumentException("a step is named by 1 to " + LONGEST + " letters, not “" + id + "”");
        }
    }

    /** The key of that id; nothing where it can be none. */
    public static Optional<StepKey> of(BenchStation station, String id) {
        return id.isBlank() || id.length() > LONGEST ? Optional.empty() : Optional.of(new StepKey(station, id));
    }
}
