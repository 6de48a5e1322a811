package kwibbet.card;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;

import org.jspecify.annotations.Nullable;

/** Pieces, and what folding and sticking know of them. Two are equal when all of it is. */
public final class Parts {

    private final List<Piece> pieces;
    private final List<Panel> panels;
    private final List<Face> faces;
    private final List<Form.Above> above;
    // Asked for by their names a thousand times a card.
    private final Map<PieceId, Piece> pieceById;
    private final Map<PanelId, Panel> panelById;

    /**
     * Copies the lists.
     *
     * @param pieces the pieces
     * @param panels the panels of the pieces, each after the one it hangs on
     * @param faces the faces things can be stuck to, besides the top of each piece
     * @param above which panel lies over which where folding does not tell
     */
    public Parts(List<Piece> pieces, List<Panel> panels, List<Face> faces, List<Form.Above> above) {
        this.pieces = List.copyOf(pieces);
        this.panels = List.copyOf(panels);
        this.faces = List.copyOf(faces);
        this.above = List.copyOf(above);
        this.pieceById = byId(this.pieces, Piece::id);
        this.panelById = byId(this.panels, Panel::id);
    }

    private static <K, V> Map<K, V> byId(List<V> all, Function<V, K> id) {
        Map<K, V> found = new HashMap<>();
        all.forEach(each -> found.putIfAbsent(id.apply(each), each));
        return found;
    }

    /** The pieces. */
    public List<Piece> pieces() {
        return pieces;
    }

    /** The panels of the pieces, each after the one it hangs on. */
    public List<Panel> panels() {
        return panels;
    }

    /** The faces things can be stuck to, besides the top of each piece. */
    public List<Face> faces() {
        return faces;
    }

    /** Which panel lies over which where folding does not tell. */
    public List<Form.Above> above() {
        return above;
    }

    /** The piece of that name, if there is one. */
    public Optional<Piece> piece(PieceId id) {
        return Optional.ofNullable(pieceById.get(id));
    }

    /** The panel of that name, if there is one. */
    public Optional<Panel> panel(PanelId id) {
        return Optional.ofNullable(panelById.get(id));
    }

    @Override
    public boolean equals(@Nullable Object object) {
        return this == object
                || (object instanceof Parts other
                        && pieces.equals(other.pieces)
                        && panels.equals(other.panels)
                        && faces.equals(other.faces)
                        && above.equals(other.above));
    }

    @Override
    public int hashCode() {
        return Objects.hash(pieces, panels, faces, above);
    }

    @Override
    public String toString() {
        return "parts " + pieces + ", panels " + panels;
    }
}
