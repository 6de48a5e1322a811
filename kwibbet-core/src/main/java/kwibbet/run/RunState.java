package kwibbet.run;

/** How far a run is. Whether it is begun follows from what is done of it. */
public enum RunState {
    /** It follows its cards. */
    OPEN("open"),
    /** Its lists stay as they are. */
    SETTLED("settled"),
    /** All of it is made. */
    DONE("done"),
    /** It is not shown with the others any more. */
    PUT_AWAY("put away");

    private final String words;

    RunState(String words) {
        this.words = words;
    }

    /** What makers call it. */
    public String words() {
        return words;
    }
}
