package kwibbet.measure;

/** Text that is not a length: what was typed, where it went wrong, and what would be right. */
public final class LengthParseException extends IllegalArgumentException {

    private static final long serialVersionUID = 1L;

    private final String text;
    private final int position;

    LengthParseException(String text, int position, String problem) {
        super(problem);
        this.text = text;
        this.position = position;
    }

    /** What was typed. */
    public String text() {
        return text;
    }

    /** The index in {@link #text} at which it stops making sense, from 0 to its length. */
    public int position() {
        return position;
    }
}
