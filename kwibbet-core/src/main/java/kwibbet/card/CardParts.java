package kwibbet.card;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/**
 * The pieces and panels of a card while it is put together.
 *
 * @param pieces by their ids, in the order they came
 * @param panels each after the one it hangs on
 */
record CardParts(Map<PieceId, Piece> pieces, List<Panel> panels) {

    /** None yet. */
    CardParts() {
        this(new LinkedHashMap<>(), new ArrayList<>());
    }

    /** The piece of that id, which is there. */
    Piece piece(PieceId id) {
        return Objects.requireNonNull(pieces.get(id), () -> "no piece " + id);
    }

    /** The panel of that key, which is there. */
    Panel panel(PanelId id) {
        return panels.stream()
                .filter(panel -> panel.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("there is no panel " + id.value()));
    }
}
