package kwibbet.run;

import kwibbet.card.Copies;
import kwibbet.card.Design;
import kwibbet.layout.Thrift;

/**
 * The run that comes with a card, open until its lists are settled: what its page shows, and what is kept of it.
 *
 * @param design the card
 * @param copies how many are made
 * @param thrift what their paper is to spare
 */
public record CardRun(Design design, Copies copies, Thrift thrift) {

    /** A single card, of the fewest sheets. */
    public static CardRun ofOne(Design design) {
        return new CardRun(design, Copies.ONE, Thrift.FEWEST_SHEETS);
    }

    /** This run of a changed card. */
    public CardRun with(Design changed) {
        return new CardRun(changed, copies, thrift);
    }

    /** This run with so many made. */
    public CardRun with(Copies others) {
        return new CardRun(design, others, thrift);
    }

    /** This run with its paper spared in another way. */
    public CardRun with(Thrift other) {
        return new CardRun(design, copies, other);
    }
}
