package kwibbet.picture;

import kwibbet.card.Piece;
import kwibbet.card.Side;
import kwibbet.drawing.Fill;
import kwibbet.drawing.Ink;
import kwibbet.paper.Colour;
import kwibbet.paper.Paper;
import kwibbet.paper.PaperId;
import kwibbet.paper.PaperKind;
import kwibbet.paper.PaperShelf;

/** The colours pieces are drawn in: those of their papers, white where a paper is not on the shelf. */
record Palette(PaperShelf shelf) {

    /** The fill of a face of a piece. */
    Fill fill(Piece piece, Side side) {
        return shelf.find(piece.paper())
                .map(paper ->
                        paper.kind() == PaperKind.FILM ? new Fill.Film() : new Fill.Paper(colour(paper, piece, side)))
                .orElseGet(() -> piece.paper().equals(PaperId.FILM) ? new Fill.Film() : new Fill.Paper(Colour.WHITE));
    }

    /** The fills of both faces of a piece. */
    FaceFills fills(Piece piece) {
        return new FaceFills(fill(piece, Side.UP), fill(piece, Side.UNDER));
    }

    private static Colour colour(Paper paper, Piece piece, Side side) {
        return side == piece.chosen() ? paper.colour() : paper.face().other();
    }

    static Fill fill(Paper paper) {
        return paper.kind() == PaperKind.FILM ? new Fill.Film() : new Fill.Paper(paper.colour());
    }

    /** The ink on a face of a piece. */
    Ink ink(Piece piece, Side side) {
        return fill(piece, side) instanceof Fill.Paper paper
                ? Ink.on(paper.colour())
                : Ink.on(shelf.find(piece.paper()).map(Paper::colour).orElse(Colour.WHITE));
    }
}
