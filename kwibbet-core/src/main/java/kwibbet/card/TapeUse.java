package kwibbet.card;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

import kwibbet.measure.Length;

/**
 * How much of a tape is used.
 *
 * @param tape which
 * @param length how much of it
 */
public record TapeUse(Tape tape, Length length) {

    /** What all cards of some lines use, each tape once, in the order it is first needed. */
    public static List<TapeUse> of(List<RunLine> lines) {
        Map<Tape, Length> used = new LinkedHashMap<>();
        for (RunLine line : lines) {
            for (Supply supply : line.card().supplies()) {
                if (supply.amount() instanceof Supply.OfTape each) {
                    used.merge(each.tape(), each.length().multipliedBy(line.cards()), Length::plus);
                }
            }
        }
        List<TapeUse> uses = new ArrayList<>();
        used.forEach((tape, length) -> uses.add(new TapeUse(tape, length)));
        return uses;
    }

    /**
     * What the first of so many cards use. Of several designs nobody says which are made first: each card takes its share, and all of them take all.
     *
     * @param made how many; 0 to {@code all}
     * @param all how many there are; at least 1
     */
    public TapeUse share(int made, int all) {
        return new TapeUse(tape, length.multipliedBy(made).dividedDownBy(all));
    }

    /** What is still to be used when the first of so many cards are made. */
    public TapeUse rest(int made, int all) {
        return new TapeUse(tape, length.minus(share(made, all).length));
    }
}
