package kwibbet.making;

/**
 * What an operation does: a closed list, each with where it is done. The minutes are those of somebody who has done it before, and what
 * is wet dries as long as ink and glue do on card stock; common practice, no source.
 */
public enum Does {
    SCORE(Station.BOARD, 0.5),
    PRESS(Station.PRESS, 1.5),
    CUT_OUT(Station.KNIFE, 2),
    OPEN(Station.KNIFE, 2),
    MARK(Station.ASSEMBLY, 0.5),
    ERASE(Station.ASSEMBLY, 0.5),
    MASK(Station.SURFACE, 1),
    UNMASK(Station.SURFACE, 0.5),
    STAMP(Station.SURFACE, 2, 2),
    STENCIL(Station.SURFACE, 2, 5),
    EMBOSS(Station.SURFACE, 2),
    HEAT(Station.SURFACE, 2),
    COLOUR(Station.SURFACE, 2, 5),
    DRY(Station.WAITING, 0),
    SET_MAGNET(Station.ASSEMBLY, 1, 10),
    FOLD(Station.FOLDING, 0.5),
    TRIAL_FOLD(Station.FOLDING, 1),
    ADHESIVE(Station.ASSEMBLY, 0.5),
    STICK(Station.ASSEMBLY, 0.5),
    HANG(Station.ASSEMBLY, 0.5),
    LAY(Station.ASSEMBLY, 0.5),
    HOLD_END(Station.ASSEMBLY, 1),
    TUCK(Station.ASSEMBLY, 0.5),
    DUST(Station.ASSEMBLY, 0.5),
    FILL(Station.ASSEMBLY, 1),
    THREAD(Station.ASSEMBLY, 5),
    FOLD_BACK(Station.FOLDING, 1.5, 5),
    TURN_BACK(Station.FOLDING, 1),
    KEEP(Station.ASSEMBLY, 0.25),
    FASTEN(Station.ASSEMBLY, 2),
    SET_ON(Station.ASSEMBLY, 1),
    POUR(Station.ASSEMBLY, 1, 60),
    BIND(Station.ASSEMBLY, 2),
    CLOSE(Station.ASSEMBLY, 1, 10),
    SEAL(Station.ASSEMBLY, 1),
    WRAP(Station.ASSEMBLY, 1),
    STAND_UP(Station.ASSEMBLY, 0.5),
    OWN(Station.OWN, 2);

    private final Station station;
    private final double minutes;
    private final int drying;

    Does(Station station, double minutes) {
        this(station, minutes, 0);
    }

    Does(Station station, double minutes, int drying) {
        this.station = station;
        this.minutes = minutes;
        this.drying = drying;
    }

    /** Where it is done. */
    public Station station() {
        return station;
    }

    /** How long it takes, in minutes. */
    public double minutes() {
        return minutes;
    }

    /** How long it dries before the piece is touched again, in minutes; 0 where nothing is wet. */
    public int drying() {
        return drying;
    }

    /** Whether it is glue that dries, which holds best under a weight; ink and colour dry by themselves. */
    public boolean isGlued() {
        return this == SET_MAGNET || this == FOLD_BACK || this == CLOSE || this == STICK || this == HANG;
    }

    /** Whether it folds back what was cut free. */
    public boolean isFoldingBack() {
        return this == FOLD_BACK || this == TURN_BACK;
    }

    /** Whether it shuts a panel for good: nothing behind that is reached any more. */
    public boolean isShutting() {
        return this == CLOSE || this == SEAL;
    }

    /** Whether it works on a face: with ink, colour, a folder or heat. */
    public boolean isSurfaceWork() {
        return this == STAMP || this == STENCIL || this == EMBOSS || this == HEAT || this == COLOUR;
    }
}
