package kwibbet.card;

/**
 * A face of a panel, which things are stuck to.
 *
 * @param id names it: the panel, and which face of it
 * @param upright how far things on it are turned on the flat panel, clockwise in degrees, to stand upright once folded
 * @param role when it is seen
 * @param called what makers call it
 */
public record Face(FaceId id, int upright, Role role, Called called) {

    /** When a face is seen, the one that is seen most first. */
    public enum Role {
        /** Of the card as it is handed over, or as what lies over it is opened: what is decorated first. */
        SHOWN,
        /** From behind. */
        BACK,
        /** When the card is open. */
        INSIDE
    }

    /**
     * What makers call a face.
     *
     * @param standing on a card that stands, as {@code left door}
     * @param lying on a card that lies a quarter turned, as {@code top door}
     */
    public record Called(String standing, String lying) {}

    /** A face that shows, on which things stand as they lie. */
    public static Face of(PanelId panel, Side side, String title) {
        return new Face(new FaceId(panel, side), 0, Role.SHOWN, new Called(title, title));
    }

    /** A face that is seen when the card is open. */
    public static Face inside(PanelId panel, Side side, String title) {
        return of(panel, side, title).as(Role.INSIDE);
    }

    /** A face that is seen from behind. */
    public static Face back(PanelId panel, Side side, String title) {
        return of(panel, side, title).as(Role.BACK);
    }

    private Face as(Role other) {
        return new Face(id, upright, other, called);
    }

    /** The same, called otherwise where the card lies. */
    public Face lyingCalled(String title) {
        return new Face(id, upright, role, new Called(called.standing, title));
    }

    /** The same on a card that lies a quarter turned. */
    Face turned() {
        return new Face(id, upright, role, new Called(called.lying, called.lying));
    }

    /** The same with things on it turned by so much. */
    Face turnedUpright(int degrees) {
        return new Face(id, degrees, role, called);
    }

    /** The same face of another panel, under another name. */
    public Face of(PanelId otherPanel, String title) {
        return new Face(new FaceId(otherPanel, side()), upright, role, new Called(title, title));
    }

    /** What makers call it, as {@code inside back}. */
    public String title() {
        return called.standing;
    }

    /** The panel it is a face of. */
    public PanelId panel() {
        return id.panel();
    }

    /** Which face of its panel. */
    public Side side() {
        return id.side();
    }
}
