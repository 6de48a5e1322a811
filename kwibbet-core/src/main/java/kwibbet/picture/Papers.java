package kwibbet.picture;

import kwibbet.card.Piece;
import kwibbet.drawing.Fill;
import kwibbet.paper.PaperShelf;

/** What pieces are filled with on pictures that are put together elsewhere. */
public final class Papers {

    private Papers() {}

    /** The face of the piece's paper, white where it is not on the shelf. */
    public static Fill fill(Piece piece, PaperShelf shelf) {
        return new Palette(shelf).fill(piece);
    }
}
