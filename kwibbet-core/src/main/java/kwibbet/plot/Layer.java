package kwibbet.plot;

/** What a line is for. Its name is that of its layer in files. */
public enum Layer {
    /** Cut through. */
    CUT,
    /** Creased from edge to edge, panels coming together towards the viewer. */
    VALLEY,
    /** Creased from edge to edge, panels falling away. */
    MOUNTAIN,
    /** A crease that starts or stops within the paper. */
    PART_SCORE,
    /** A cut that starts and stops within the paper. */
    SLIT,
    /** Drawn in pencil, and erased. */
    PENCIL,
    /** Kept free of dies, adhesive and layers. */
    KEEP_OUT
}
