package kwibbet.card;

import java.util.List;

/**
 * Pieces, and what folding and sticking know of them.
 *
 * @param pieces the pieces
 * @param panels the panels of the pieces, each after the one it hangs on
 * @param faces the faces things can be stuck to, besides the top of each piece
 * @param above which panel lies over which where folding does not tell
 */
public record Parts(List<Piece> pieces, List<Panel> panels, List<Face> faces, List<Form.Above> above) {

    /** Copies the lists. */
    public Parts {
        pieces = List.copyOf(pieces);
        panels = List.copyOf(panels);
        faces = List.copyOf(faces);
        above = List.copyOf(above);
    }
}
