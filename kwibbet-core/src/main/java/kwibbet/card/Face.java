package kwibbet.card;

/**
 * A face of a panel, which things are stuck to.
 *
 * @param panel the panel's key
 * @param side which face
 * @param upright how far things on it are turned on the flat panel, clockwise in degrees, to stand upright once folded
 * @param title what makers call it, as {@code inside back}
 */
public record Face(String panel, Side side, int upright, String title) {

    /** A face on which things stand as they lie. */
    public static Face of(String panel, Side side, String title) {
        return new Face(panel, side, 0, title);
    }

    /** A key for this face in a form or a document, as {@code front-outside}. */
    public String key() {
        return panel + "-" + (side == Side.UP ? "inside" : "outside");
    }
}
