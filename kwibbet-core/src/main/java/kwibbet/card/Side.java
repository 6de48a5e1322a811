package kwibbet.card;

/** A face of a flat piece as it lies before its maker; a base lies with the inside of the card up. */
public enum Side {
    UP,
    UNDER;

    /** The other face. */
    public Side opposite() {
        return this == UP ? UNDER : UP;
    }
}
