package kwibbet.card;

/** A face of the base: the one that is inside the shut card, or the other. */
public enum Side {
    INSIDE,
    OUTSIDE
}
