package kwibbet.card;

/**
 * A step of the maker's own: emboss with the dotted folder, sign the back.
 *
 * @param id names it within its design
 * @param piece the piece it is done to
 * @param face which face of that is up
 * @param words what to do, 1 to 200 letters
 * @param with with what, up to 60 letters; nothing where that need not be said
 * @param minutes how long it takes, 0 to 600
 * @param drying how many minutes it dries afterwards, 0 to 1440
 */
public record OwnStep(String id, PieceId piece, Side face, String words, String with, int minutes, int drying) {

    /** The longest words. */
    public static final int LONGEST = 200;

    /** The longest name of what it is done with. */
    public static final int LONGEST_WITH = 60;

    /** The most minutes it takes. */
    public static final int MOST_MINUTES = 600;

    /** The most minutes it dries: a day. */
    public static final int MOST_DRYING = 1440;

    static final String ID = "own-";

    /**
     * Checks what was said.
     *
     * @throws IllegalArgumentException when words are missing or too long, or a time is not within its bounds
     */
    public OwnStep {
        if (words.isBlank() || words.length() > LONGEST || with.length() > LONGEST_WITH) {
            throw new IllegalArgumentException(
                    "a step is told in 1 to " + LONGEST + " letters, what it is done with in at most " + LONGEST_WITH);
        }
        if (minutes < 0 || minutes > MOST_MINUTES || drying < 0 || drying > MOST_DRYING) {
            throw new IllegalArgumentException(
                    "a step takes 0 to " + MOST_MINUTES + " minutes and dries 0 to " + MOST_DRYING);
        }
    }
}
