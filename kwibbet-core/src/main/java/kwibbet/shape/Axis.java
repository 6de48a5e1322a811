package kwibbet.shape;

/** The direction of a straight cut or score. */
public enum Axis {
    /** Left to right; placed by its distance from the top. */
    HORIZONTAL,
    /** Top to bottom; placed by its distance from the left. */
    VERTICAL;

    /** The other direction. */
    public Axis across() {
        return this == HORIZONTAL ? VERTICAL : HORIZONTAL;
    }
}
