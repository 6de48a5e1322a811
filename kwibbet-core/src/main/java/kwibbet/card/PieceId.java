package kwibbet.card;

import java.util.regex.Pattern;

/**
 * Names one piece of a card.
 *
 * @param value lower-case letters, digits and hyphens; unique in its card
 */
public record PieceId(String value) {

    private static final Pattern FORM = Pattern.compile("[a-z][a-z0-9-]{0,39}");

    /** The piece that folds. */
    public static final PieceId BASE = new PieceId("base");

    /**
     * Checks the name.
     *
     * @throws IllegalArgumentException when it is not a lower-case letter and up to 39 letters, digits and hyphens
     */
    public PieceId {
        if (!isOne(value)) {
            throw new IllegalArgumentException("“" + value + "” cannot name a piece");
        }
    }

    /** Whether it is a further piece of what another begins. */
    public boolean isPartOf(PieceId first) {
        return value.startsWith(first.value + "-");
    }

    /** Whether a text could name a piece. */
    public static boolean isOne(String text) {
        return FORM.matcher(text).matches();
    }
}
