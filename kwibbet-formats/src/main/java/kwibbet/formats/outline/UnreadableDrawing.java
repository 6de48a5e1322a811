package kwibbet.formats.outline;

/** What in a drawing cannot be read; thrown and caught within this package. Its message is a whole sentence. */
final class UnreadableDrawing extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private static final int LONGEST_NAME = 40;

    private final String sentence;

    UnreadableDrawing(String sentence) {
        super(sentence);
        this.sentence = sentence;
    }

    /** A name that a drawing gives something, no longer than is read in a sentence. */
    static String clipped(String name) {
        return name.length() <= LONGEST_NAME ? name : name.substring(0, LONGEST_NAME) + "…";
    }

    String sentence() {
        return sentence;
    }
}
