package kwibbet.card;

import kwibbet.outcome.Outcome;

/**
 * How many cards are made at once.
 *
 * @param make the cards wanted
 * @param spares cards made besides, for what goes wrong
 * @param thrift what their paper is to spare
 */
public record Run(int make, int spares, Thrift thrift) {

    private static final int MOST_CARDS = 10_000;
    private static final int MOST_SPARES = 1_000;

    /** A single card. */
    public static final Run ONE = new Run(1, 0);

    /** A run that spares sheets. */
    public Run(int make, int spares) {
        this(make, spares, Thrift.FEWEST_SHEETS);
    }

    /** This run with its paper spared in another way. */
    public Run withThrift(Thrift other) {
        return new Run(make, spares, other);
    }

    /** The run if it can be made, otherwise why not. */
    public Outcome<Run> checked() {
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
