package kwibbet.card;

import java.util.regex.Pattern;

/**
 * Names one score of a card.
 *
 * @param value lower-case letters, digits and hyphens; unique among the scores of its card
 */
public record ScoreId(String value) {

    private static final Pattern FORM = Pattern.compile("[a-z][a-z0-9-]*");

    /**
     * Checks the name.
     *
     * @throws IllegalArgumentException when it is not a lower-case letter and letters, digits and hyphens after it
     */
    public ScoreId {
        if (!FORM.matcher(value).matches()) {
            throw new IllegalArgumentException("“" + value + "” cannot name a score");
        }
    }

    /** The score of a piece that has only one. */
    public static ScoreId of(PieceId piece) {
        return new ScoreId(piece.value());
    }
}
