package kwibbet.cutting;

/**
 * Names one part of a job.
 *
 * @param value unique in the job
 */
public record PartId(String value) {

    /**
     * Checks the name.
     *
     * @throws IllegalArgumentException when it is blank
     */
    public PartId {
        if (value.isBlank()) {
            throw new IllegalArgumentException("a part needs an id");
        }
    }
}
