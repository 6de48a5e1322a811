package kwibbet.card;

import kwibbet.outcome.Outcome;

/**
 * How many of a card are made in a run.
 *
 * @param make the cards wanted
 * @param spares cards made besides, for what goes wrong
 */
public record Copies(int make, int spares) {

    private static final int MOST_CARDS = 10_000;
    private static final int MOST_SPARES = 1_000;

    /** A single card. */
    public static final Copies ONE = new Copies(1, 0);

    /** These copies if they can be made, otherwise why not; the fields are {@code make} and {@code spares}. */
    public Outcome<Copies> checked() {
        if (make < 1 || make > MOST_CARDS) {
            return Outcome.refused("make", "Make 1 to 10 000 cards at a time.");
        }
        if (spares < 0 || spares > MOST_SPARES) {
            return Outcome.refused("spares", "Spares can be 0 to 1 000.");
        }
        return Outcome.made(this);
    }

    /** All cards together. */
    public int cards() {
        return make + spares; // checked() keeps both far below the range of int
    }
}
