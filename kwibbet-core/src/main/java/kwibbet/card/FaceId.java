package kwibbet.card;

import java.util.Arrays;
import java.util.Optional;

/**
 * Names one face of a card.
 *
 * @param panel the panel
 * @param side which face of it
 */
public record FaceId(PanelId panel, Side side) {

    /** The face in a form or a document, as {@code front-outside}. */
    public String value() {
        return panel.value() + end(side);
    }

    /** The face a form or a document names; nothing where the text names none. */
    public static Optional<FaceId> parse(String text) {
        return Arrays.stream(Side.values())
                .flatMap(side -> parse(text, side).stream())
                .findFirst();
    }

    private static Optional<FaceId> parse(String text, Side side) {
        String panel = text.endsWith(end(side))
                ? text.substring(0, text.length() - end(side).length())
                : "";
        return PanelId.isOne(panel) ? Optional.of(new FaceId(new PanelId(panel), side)) : Optional.empty();
    }

    private static String end(Side side) {
        return side == Side.UP ? "-inside" : "-outside";
    }
}
