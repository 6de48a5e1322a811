package kwibbet.paper;

/**
 * Names one paper of the maker's inventory.
 *
 * @param value short and unique in the inventory
 */
public record PaperId(String value) {

    /** No paper chosen yet. */
    public static final PaperId NONE = new PaperId("none");
    /** Clear film, where none is on the shelf. */
    public static final PaperId FILM = new PaperId("film");

    /**
     * Checks the name.
     *
     * @throws IllegalArgumentException when it is blank
     */
    public PaperId {
        if (value.isBlank()) {
            throw new IllegalArgumentException("a paper needs an id");
        }
    }
}
