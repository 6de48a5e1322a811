package kwibbet.making;

/**
 * What an operation does: a closed list, each with where it is done. The minutes are those of somebody who has done it before,
 * common practice, no source.
 */
public enum Does {
    SCORE(Station.BOARD, 0.5),
    PRESS(Station.PRESS, 1.5),
    CUT_OUT(Station.KNIFE, 2),
    OPEN(Station.KNIFE, 2),
    MARK(Station.ASSEMBLY, 0.5),
    ERASE(Station.ASSEMBLY, 0.5),
    TREAT(Station.SURFACE, 2),
    SET_MAGNET(Station.ASSEMBLY, 1),
    FOLD(Station.FOLDING, 0.5),
    STICK(Station.ASSEMBLY, 1),
    DUST(Station.ASSEMBLY, 0.5),
    FILL(Station.ASSEMBLY, 1),
    THREAD(Station.ASSEMBLY, 5),
    FOLD_BACK(Station.FOLDING, 1.5),
    KEEP(Station.ASSEMBLY, 0.25),
    FASTEN(Station.ASSEMBLY, 2),
    CLOSE(Station.ASSEMBLY, 1),
    WRAP(Station.ASSEMBLY, 1),
    OWN(Station.OWN, 2);

    private final Station station;
    private final double minutes;

    Does(Station station, double minutes) {
        this.station = station;
        this.minutes = minutes;
    }

    /** Where it is done. */
    public Station station() {
        return station;
    }

    /** How long it takes, in minutes. */
    public double minutes() {
        return minutes;
    }
}
