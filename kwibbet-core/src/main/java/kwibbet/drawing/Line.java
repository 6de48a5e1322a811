package kwibbet.drawing;

/** What a line means. */
public enum Line {
    /** No line at all. */
    NONE,
    /** The edge of a piece: where it is cut. */
    CUT,
    /** A crease that folds towards the viewer. */
    VALLEY,
    /** A crease that folds away from the viewer. */
    MOUNTAIN,
    /** An edge behind something. */
    HIDDEN,
    /** The edge of a sheet as it is bought. */
    SHEET,
    /** A dimension line and what belongs to it. */
    FINE,
    /** Hatching of what is left over. */
    HATCH,
    /** Where something is moved to. */
    MOVE,
    /** The edge to measure from. */
    FENCE,
    /** A band under the score that is made or folded now. */
    LIT
}
