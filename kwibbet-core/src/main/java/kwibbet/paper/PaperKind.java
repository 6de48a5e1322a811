package kwibbet.paper;

/** What a sheet is. */
public enum PaperKind {
    CARD_STOCK("card stock"),
    PATTERNED("patterned paper"),
    TEXT_WEIGHT("light paper"),
    LABEL("label sheet"),
    FILM("clear film"),
    CHIPBOARD("chipboard"),
    FOAM("foam sheet");

    private final String words;

    PaperKind(String words) {
        this.words = words;
    }

    /** What makers call it. */
    public String words() {
        return words;
    }
}
