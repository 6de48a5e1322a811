package kwibbet.card;

import java.util.List;
import java.util.Optional;

/** What is put together of parts, and answers for them. */
public interface OfParts {

    /** What it is put together of. */
    Parts parts();

    /** The pieces. */
    default List<Piece> pieces() {
        return parts().pieces();
    }

    /** The panels of the pieces, each after the one it hangs on. */
    default List<Panel> panels() {
        return parts().panels();
    }

    /** The faces things can be stuck to, besides the top of each piece. */
    default List<Face> faces() {
        return parts().faces();
    }

    /** Which panel lies over which where folding does not tell. */
    default List<Form.Above> above() {
        return parts().above();
    }

    /** The piece that folds. */
    default Piece base() {
        return pieces().get(0);
    }

    /** The piece of that name, if there is one. */
    default Optional<Piece> piece(PieceId id) {
        return parts().piece(id);
    }

    /** The panel of that name, if there is one. */
    default Optional<Panel> panel(PanelId id) {
        return parts().panel(id);
    }

    /** The face of that name, if there is one. */
    default Optional<Face> face(FaceId id) {
        return faces().stream().filter(face -> face.id().equals(id)).findFirst();
    }
}
