package kwibbet.app.store;

/**
 * One thing a maker did to a design.
 *
 * @param label what was done, for undo
 * @param id names it wherever it is sent from, so that what is sent twice is done once; empty where nobody names it
 * @param gesture what is done with one gesture is undone in one step; empty for what is a step of its own
 */
public record Edit(String label, String id, String gesture) {

    private static final int LONGEST = 64;

    /** What is longer than a name of the page's own is no name. */
    public Edit {
        id = id.length() > LONGEST ? "" : id;
        gesture = gesture.length() > LONGEST ? "" : gesture;
    }

    /** Something done once, by nobody who would send it again. */
    public static Edit of(String label) {
        return new Edit(label, "", "");
    }

    /** The same under another label. */
    public Edit labelled(String other) {
        return new Edit(other, id, gesture);
    }
}
