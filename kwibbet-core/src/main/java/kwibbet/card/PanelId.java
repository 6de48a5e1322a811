package kwibbet.card;

import java.util.Optional;
import java.util.regex.Pattern;

/**
 * Names one panel of a card.
 *
 * @param value lower-case letters, digits and hyphens; unique among the panels of its card
 */
public record PanelId(String value) {

    private static final Pattern FORM = Pattern.compile("[a-z][a-z0-9-]*");

    /**
     * Checks the name.
     *
     * @throws IllegalArgumentException when it is not a lower-case letter and letters, digits and hyphens after it
     */
    public PanelId {
        if (!isOne(value)) {
            throw new IllegalArgumentException("“" + value + "” cannot name a panel");
        }
    }

    /** Whether a text could name a panel. */
    public static boolean isOne(String text) {
        return FORM.matcher(text).matches();
    }

    /** The score it hangs by, where that is called as it is. */
    public ScoreId hinge() {
        return new ScoreId(value);
    }

    /** The panel of a piece that is all one panel. */
    public static PanelId of(PieceId piece) {
        return new PanelId(piece.value());
    }

    /** As makers read it. */
    String words() {
        return value.replace('-', ' ');
    }

    /** Which part of a piece, or of what a piece begins, it is, in words; no words for all of it, nothing where it is none. */
    Optional<String> partOf(PieceId piece) {
        if (value.equals(piece.value())) {
            return Optional.of("");
        }
        return value.startsWith(piece.value() + "-")
                ? Optional.of(value.substring(piece.value().length() + 1).replace('-', ' '))
                : Optional.empty();
    }
}
