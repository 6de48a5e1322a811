package kwibbet.card;

import java.util.List;
import java.util.Optional;

import kwibbet.shape.Rect;

/**
 * A card worked out: all that is cut, creased and stuck.
 *
 * @param design what it follows from
 * @param form its base
 * @param pieces the base first, then the layers from the bottom up
 * @param joins what is stuck to what, from the bottom up
 */
public record Card(Design design, Form form, List<Piece> pieces, List<Join> joins) {

    /** Copies the lists. */
    public Card {
        pieces = List.copyOf(pieces);
        joins = List.copyOf(joins);
    }

    /** The piece that folds. */
    public Piece base() {
        return pieces.get(0);
    }

    /** The piece of that id, if there is one. */
    public Optional<Piece> piece(PieceId id) {
        return pieces.stream().filter(piece -> piece.id().equals(id)).findFirst();
    }

    /** How a layer is stuck on, if there is such a layer. */
    public Optional<Join> join(PieceId upper) {
        return joins.stream().filter(join -> join.upper().equals(upper)).findFirst();
    }

    /** What a layer lies on: the layer below it, or its panel; in the frame of the flat base. */
    public Rect hostArea(Join join) {
        return join(join.lower())
                .map(Join::zone)
                .orElseGet(() -> form.panel(join.face().panel()).orElseThrow().area());
    }
}
