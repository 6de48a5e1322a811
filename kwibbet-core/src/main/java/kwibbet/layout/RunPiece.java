package kwibbet.layout;

import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;

import kwibbet.card.Card;
import kwibbet.card.Middles;
import kwibbet.card.Piece;
import kwibbet.card.RunLine;
import kwibbet.cutting.PartId;
import kwibbet.press.PressPlan;

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

    /** Those that are cut from sheets: what is cut from the middle of another piece comes from that. */
    public static List<RunPiece> fromSheets(List<RunLine> lines, PressPlan press) {
        // Two lines can be of one card.
        Map<RunLine, Middles> middles = new IdentityHashMap<>();
        lines.forEach(line -> middles.put(line, Middles.of(line.card(), press::cutsOut)));
        return of(lines).stream()
                .filter(each -> middles.get(each.line).of(each.piece).isEmpty())
                .toList();
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
