package kwibbet.making;

import java.util.ArrayList;
import java.util.List;

import kwibbet.card.Adhesion;
import kwibbet.card.Card;
import kwibbet.card.Form;
import kwibbet.card.Join;
import kwibbet.card.Panel;
import kwibbet.card.PanelId;
import kwibbet.card.Piece;
import kwibbet.shape.Edge;
import kwibbet.shape.Rect;

/**
 * What is laid on another piece and held by its folded ends only, so that things slide under it.
 *
 * @param card the card
 */
record Sleeves(Card card) {

    /** How their ends are held and what is slid under them. */
    List<Operation> held() {
        List<Operation> held = new ArrayList<>();
        for (Join join : card.joins()) {
            if (join.adhesion().kind() == Adhesion.Kind.NONE && !card.isSlippedOn(join)) {
                of(join, held);
            }
        }
        return held;
    }

    private void of(Join join, List<Operation> held) {
        Piece sleeve = card.pieceOf(join.upper());
        Panel face = card.stuckPanel(join);
        for (Panel end : ends(face)) {
            held.add(new Operation.HoldEnd(
                    sleeve,
                    end.id(),
                    at(end.outline().bounds(), face.outline().bounds()),
                    card.pieceOf(join.lower()),
                    join.place(),
                    liesUnder(face.id(), end.id())));
        }
        // A band round the shut card lies under it too, but is no part of what runs there.
        card.runningUnder(join).forEach(piece -> held.add(new Operation.Tuck(piece, sleeve)));
    }

    /** Panels of a sleeve that are folded back for good. */
    private List<Panel> ends(Panel face) {
        return card.panelsOf(face.piece()).stream()
                .filter(panel -> panel.hanging() instanceof Panel.OnScore hinge
                        && hinge.panel().equals(face.id())
                        && hinge.degrees()
                                .filter(degrees -> degrees == FOLDED_BACK)
                                .isPresent())
                .toList();
    }

    private boolean liesUnder(PanelId face, PanelId end) {
        return card.parts().above().contains(new Form.Above(face, end));
    }

    private static Edge at(Rect end, Rect face) {
        if (!end.bottom().isLongerThan(face.top())) {
            return Edge.TOP;
        }
        if (!end.top().isShorterThan(face.bottom())) {
            return Edge.BOTTOM;
        }
        return end.right().isLongerThan(face.left()) ? Edge.RIGHT : Edge.LEFT;
    }

    private static final int FOLDED_BACK = 180;
}
