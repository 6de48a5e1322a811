package kwibbet.card;

import java.util.List;

/**
 * What comes with pieces besides themselves.
 *
 * @param supplies what is used up besides paper, for one card
 * @param directions what to do besides cutting, folding and sticking
 * @param dieCuts pieces with the edge of a die
 * @param closures panels stuck to each other as they lie when the card is shut
 */
public record Extras(List<Supply> supplies, List<Direction> directions, List<DieCut> dieCuts, List<Closure> closures) {

    /** Copies the lists. */
    public Extras {
        supplies = List.copyOf(supplies);
        directions = List.copyOf(directions);
        dieCuts = List.copyOf(dieCuts);
        closures = List.copyOf(closures);
    }
}
