package kwibbet.layout;

import kwibbet.card.Piece;
import kwibbet.shape.Size;

/**
 * A piece and how many of it the run needs.
 *
 * @param piece the piece
 * @param count how many; at least 1
 * @param turning which ways round it may lie
 */
public record Wanted(Piece piece, int count, Turning turning) {

    /** The room it takes on the sheet, turned or not. */
    public Size room(boolean turned) {
        return turned ? piece.size().turned() : piece.size();
    }

    /** Whether it can be cut from a sheet of that size in some allowed way. */
    public boolean fitsIn(Size sheet) {
        return turning.ways().stream().anyMatch(turned -> room(turned).fitsIn(sheet));
    }
}
