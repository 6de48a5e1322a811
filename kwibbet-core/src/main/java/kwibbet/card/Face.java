package kwibbet.card;

/**
 * A face of a panel, which things are stuck to.
 *
 * @param panel the panel's key
 * @param side which face
 * @param upright how far things on it are turned on the flat panel, clockwise in degrees, to stand upright once folded
 * @param role when it is seen
 * @param called what makers call it
 */
public record Face(String panel, Side side, int upright, Role role, Called called) {

    /** When a face is seen. */
    public enum Role {
        /** Of the card as it is handed over, or as what lies over it is opened: what is decorated first. */
        SHOWN,
        /** When the card is open. */
        INSIDE,
        /** From behind. */
        BACK
    }

    /**
     * What makers call a face.
     *
     * @param standing on a card that stands, as {@code left door}
     * @param lying on a card that lies a quarter turned, as {@code top door}
     */
    public record Called(String standing, String lying) {}

    /** A face that shows, on which things stand as they lie. */
    public static Face of(String panel, Side side, String title) {
        return new Face(panel, side, 0, Role.SHOWN, new Called(title, title));
    }

    /** A face that is seen when the card is open. */
    public static Face inside(String panel, Side side, String title) {
        return of(panel, side, title).as(Role.INSIDE);
    }

    /** A face that is seen from behind. */
    public static Face back(String panel, Side side, String title) {
        return of(panel, side, title).as(Role.BACK);
    }

    private Face as(Role other) {
        return new Face(panel, side, upright, other, called);
    }

    /** The same, called otherwise where the card lies. */
    public Face lyingCalled(String title) {
        return new Face(panel, side, upright, role, new Called(called.standing, title));
    }

    /** The same on a card that lies a quarter turned. */
    Face turned() {
        return new Face(panel, side, upright, role, new Called(called.lying, called.lying));
    }

    /** The same with things on it turned by so much. */
    Face turnedUpright(int degrees) {
        return new Face(panel, side, degrees, role, called);
    }

    /** The same face of another panel, under another name. */
    public Face of(String otherPanel, String title) {
        return new Face(otherPanel, side, upright, role, new Called(title, title));
    }

    /** What makers call it, as {@code inside back}. */
    public String title() {
        return called.standing;
    }

    /** A key for this face in a form or a document, as {@code front-outside}. */
    public String key() {
        return panel + "-" + (side == Side.UP ? "inside" : "outside");
    }
}
