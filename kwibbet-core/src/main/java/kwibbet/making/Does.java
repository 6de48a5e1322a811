package kwibbet.making;

/** What an operation does: a closed list. The minutes are those of somebody who has done it before, common practice, no source. */
public enum Does {
    SCORE(0.5),
    PRESS(1.5),
    CUT_OUT(2),
    OPEN(2),
    MARK(0.5),
    ERASE(0.5),
    TREAT(2),
    SET_MAGNET(1),
    FOLD(0.5),
    STICK(1),
    DUST(0.5),
    FILL(1),
    THREAD(5),
    FOLD_BACK(1.5),
    KEEP(0.25),
    FASTEN(2),
    CLOSE(1),
    WRAP(1);

    private final double minutes;

    Does(double minutes) {
        this.minutes = minutes;
    }

    /** How long it takes, in minutes. */
    public double minutes() {
        return minutes;
    }
}
