package kwibbet.card;

import java.util.ArrayList;
import java.util.List;

/**
 * A card of a run, and how many of it are made.
 *
 * @param card the card
 * @param copies how many
 */
public record RunLine(Card card, Copies copies) {

    /** Lines whose pieces can be told apart ({@link Card#apart}). */
    public static List<RunLine> apart(List<RunLine> lines) {
        List<Card> cards = Card.apart(lines.stream().map(RunLine::card).toList());
        List<RunLine> apart = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) {
            apart.add(new RunLine(cards.get(i), lines.get(i).copies));
        }
        return apart;
    }

    /** All cards of it together. */
    public int cards() {
        return copies.cards();
    }
}
