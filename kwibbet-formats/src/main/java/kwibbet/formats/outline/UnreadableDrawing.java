package kwibbet.formats.outline;

/** What in a drawing cannot be read; thrown and caught within this package. Its message is a whole sentence. */
final class UnreadableDrawing extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private final String sentence;

    UnreadableDrawing(String sentence) {
        super(sentence);
        this.sentence = sentence;
    }

    String sentence() {
        return sentence;
    }
}
