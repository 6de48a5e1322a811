package kwibbet.picture;

import kwibbet.card.Piece;
import kwibbet.drawing.Fill;
import kwibbet.drawing.Ink;
import kwibbet.paper.Colour;
import kwibbet.paper.Paper;
import kwibbet.paper.PaperId;
import kwibbet.paper.PaperKind;
import kwibbet.paper.PaperShelf;

/** The colours pieces are drawn in: those of their papers, white where a paper is not on the shelf. */
record Palette(PaperShelf shelf) {

    Colour colour(Piece piece) {
        return shelf.find(piece.paper()).map(Paper::colour).orElse(Colour.WHITE);
    }

    Fill fill(Piece piece) {
        return shelf.find(piece.paper())
                .map(Palette::fill)
                .orElseGet(() -> piece.paper().equals(PaperId.FILM) ? new Fill.Film() : new Fill.Paper(Colour.WHITE));
    }

    static Fill fill(Paper paper) {
        return paper.kind() == PaperKind.FILM ? new Fill.Film() : new Fill.Paper(paper.colour());
    }

    Ink ink(Piece piece) {
        return Ink.on(colour(piece));
    }
}
