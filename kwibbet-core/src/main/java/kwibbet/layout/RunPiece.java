package kwibbet.layout;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;

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
        return of(lines, line -> line.card().pieces());
    }

    private static List<RunPiece> of(List<RunLine> lines, Function<RunLine, List<Piece>> ofLine) {
        List<RunPiece> pieces = new ArrayList<>();
        for (int number = 1; number <= lines.size(); number++) {
            String prefix = lines.size() == 1 ? "" : number + "/";
            RunLine line = lines.get(number - 1);
            ofLine.apply(line)
                    .forEach(piece -> pieces.add(new RunPiece(
                            line, piece, new PartId(prefix + piece.id().value()))));
        }
        return pieces;
    }

    /** Those that are cut from sheets: what is cut from the middle of another piece comes from that. */
    public static List<RunPiece> fromSheets(List<RunLine> lines, PressPlan press) {
        return of(lines, line -> {
            Middles middles = Middles.of(line.card(), press::cutsOut);
            return line.card().pieces().stream()
                    .filter(piece -> middles.of(piece).isEmpty())
                    .toList();
        });
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
