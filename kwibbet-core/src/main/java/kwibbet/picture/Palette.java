package kwibbet.picture;

import java.util.Optional;

import kwibbet.card.Piece;
import kwibbet.card.Side;
import kwibbet.card.Zone;
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

    /** The fills of both faces of a piece, where its pictures are not drawn: a face that is printed has the colour of its picture. */
    FaceFills fills(Piece piece) {
        return new FaceFills(fromAfar(piece, Side.UP), fromAfar(piece, Side.UNDER));
    }

    private Fill fromAfar(Piece piece, Side side) {
        return printed(piece, side).<Fill>map(Fill.Paper::new).orElseGet(() -> fill(piece, side));
    }

    /** The colour of the picture that covers most of a face, if one does. */
    private static Optional<Colour> printed(Piece piece, Side side) {
        return piece.zones().stream()
                .filter(zone -> zone.side() == side
                        && zone.outline().area() * 2 > piece.outline().area())
                .flatMap(zone -> zone.print().stream())
                .reduce((lower, upper) -> upper)
                .map(print -> print.artwork().colour());
    }

    private static Colour colour(Paper paper, Piece piece, Side side) {
        return side == piece.chosen() ? paper.colour() : paper.face().other();
    }

    /** What is set on a face, in its colour where that is said. */
    static Fill fill(Zone zone) {
        return zone.colour().<Fill>map(Fill.Paper::new).orElse(Fill.NONE);
    }

    static Fill fill(Paper paper) {
        return paper.kind() == PaperKind.FILM ? new Fill.Film() : new Fill.Paper(paper.colour());
    }

    /** The ink on a face of a piece. */
    Ink ink(Piece piece, Side side) {
        return fromAfar(piece, side) instanceof Fill.Paper paper
                ? Ink.on(paper.colour())
                : Ink.on(shelf.find(piece.paper()).map(Paper::colour).orElse(Colour.WHITE));
    }
}
