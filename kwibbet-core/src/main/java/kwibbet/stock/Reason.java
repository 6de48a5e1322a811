package kwibbet.stock;

/** Why there is more of something, or less. */
public enum Reason {
    BOUGHT("bought"),
    COUNTED("counted"),
    CUT("cut"),
    STUCK("stuck"),
    USED("used"),
    PACKED("packed"),
    FOUND("found on the shelf"),
    SPOILT("spoilt"),
    PUT_IN("put into the drawer"),
    TAKEN_OUT("taken out of the drawer"),
    TAKEN_BACK("taken back");

    private final String words;

    Reason(String words) {
        this.words = words;
    }

    /** As it is said in a list of movements. */
    public String words() {
        return words;
    }
}
