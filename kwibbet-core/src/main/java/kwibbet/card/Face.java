package kwibbet.card;

/**
 * A face of a panel, which layers are stuck to.
 *
 * @param panel the panel's key
 * @param side which face
 * @param title what makers call it, as {@code inside back}
 */
public record Face(String panel, Side side, String title) {

    /** A key for this face in a form or a document, as {@code front-outside}. */
    public String key() {
        return panel + "-" + (side == Side.INSIDE ? "inside" : "outside");
    }
}
