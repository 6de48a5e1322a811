package kwibbet.layout;

import java.util.ArrayList;
import java.util.List;

import kwibbet.card.Card;
import kwibbet.card.Piece;
import kwibbet.card.RunLine;
import kwibbet.cutting.PartId;

/**
 * A kind of piece of a run.
 *
 * @param line the card it is of, with its copies
 * @param piece the piece
 * @param part names it among the pieces of all cards of the run
 */
public record RunPiece(RunLine line, Piece piece, PartId part) {

    /** All pieces of some cards, card after card. */
    public static List<RunPiece> of(List<RunLine> lines) {
        List<RunPiece> pieces = new ArrayList<>();
        for (int number = 1; number <= lines.size(); number++) {
            String prefix = lines.size() == 1 ? "" : number + "/";
            RunLine line = lines.get(number - 1);
            line.card()
                    .pieces()
                    .forEach(piece -> pieces.add(new RunPiece(
                            line, piece, new PartId(prefix + piece.id().value()))));
        }
        return pieces;
    }

    /** The card it is of. */
    public Card card() {
        return line.card();
    }

    /** How many are made. */
    public int count() {
        return line.cards();
    }
}
