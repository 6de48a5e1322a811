package kwibbet.layout;

import java.util.ArrayList;
import java.util.List;

import kwibbet.card.Card;
import kwibbet.card.Piece;
import kwibbet.cutting.PartId;

/**
 * A kind of piece of a run.
 *
 * @param card the card it is of
 * @param piece the piece
 * @param part names it among the pieces of all cards of the run
 */
public record RunPiece(Card card, Piece piece, PartId part) {

    /** All pieces of some cards, card after card. */
    public static List<RunPiece> of(List<Card> cards) {
        List<RunPiece> pieces = new ArrayList<>();
        for (int number = 1; number <= cards.size(); number++) {
            String prefix = cards.size() == 1 ? "" : number + "/";
            Card card = cards.get(number - 1);
            card.pieces()
                    .forEach(piece -> pieces.add(new RunPiece(
                            card, piece, new PartId(prefix + piece.id().value()))));
        }
        return pieces;
    }

    /** How many are made. */
    public int count() {
        return card.design().run().cards();
    }
}
