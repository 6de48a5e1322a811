package kwibbet.run;

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
}
