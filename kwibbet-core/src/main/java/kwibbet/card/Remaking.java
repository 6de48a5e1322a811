package kwibbet.card;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;

import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.shape.Region;

/**
 * Makes cards that differ little from each other, as a card and its ways out of a finding do: what is joined alike in two of them is worked out once. The cards
 * are the same as {@link CardMaker} makes. Not for two threads at once.
 */
public final class Remaking {

    /** All that a join follows from. */
    private record Joined(Panel upper, Piece upperPiece, Panel lower, Piece lowerPiece, Adhesion adhesion) {}

    /** All that a stretch of adhesive follows from. */
    private record Held(PieceId owner, Adhesion adhesion, List<Region> where, MeasureSystem system) {}

    private final Materials materials;
    private final Map<Joined, List<Region>> adhesive = new HashMap<>();
    private final Map<Held, Optional<Supply>> supplies = new HashMap<>();

    /** Makes cards of those materials. */
    public Remaking(Materials materials) {
        this.materials = materials;
    }

    /** The card, or all that stands in its way, as {@link CardMaker#make} says. */
    public Outcome<Card> make(Design design) {
        return CardMaker.make(design, materials, this);
    }

    List<Region> adhesive(
            Panel upper,
            Piece upperPiece,
            Panel lower,
            Piece lowerPiece,
            Adhesion adhesion,
            Supplier<List<Region>> otherwise) {
        return adhesive.computeIfAbsent(
                new Joined(upper, upperPiece, lower, lowerPiece, adhesion), joined -> otherwise.get());
    }

    Optional<Supply> supply(
            PieceId owner,
            Adhesion adhesion,
            List<Region> where,
            MeasureSystem system,
            Supplier<Optional<Supply>> otherwise) {
        return supplies.computeIfAbsent(new Held(owner, adhesion, where, system), held -> otherwise.get());
    }
}
