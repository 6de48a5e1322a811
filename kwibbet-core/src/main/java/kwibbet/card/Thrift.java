package kwibbet.card;

/** What a run is to spare. */
public enum Thrift {
    FEWEST_SHEETS("the fewest sheets"),
    LEAST_COST("the least cost"),
    LEFTOVERS_FIRST("leftovers first, then the fewest sheets");

    private final String words;

    Thrift(String words) {
        this.words = words;
    }

    /** What makers call it. */
    public String words() {
        return words;
    }
}
