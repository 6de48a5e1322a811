package kwibbet.paper;

/** Whether it matters which way round a piece is cut from the sheet. */
public enum Pattern {
    PLAIN("plain"),
    ANY_WAY("pattern, any way up"),
    ONE_WAY("pattern with an up");

    private final String words;

    Pattern(String words) {
        this.words = words;
    }

    /** What makers call it. */
    public String words() {
        return words;
    }
}
