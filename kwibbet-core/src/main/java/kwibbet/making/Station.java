package kwibbet.making;

/** Where at the bench something is done. */
public enum Station {
    BOARD("at the scoring board"),
    SURFACE("with ink and heat"),
    PRESS("at the press"),
    KNIFE("cutting"),
    FOLDING("folding"),
    ASSEMBLY("sticking"),
    /** Nothing is done: what is wet dries. */
    WAITING("waiting"),
    OWN("of your own");

    private final String words;

    Station(String words) {
        this.words = words;
    }

    /** What it is called over the steps done there. */
    public String words() {
        return words;
    }
}
