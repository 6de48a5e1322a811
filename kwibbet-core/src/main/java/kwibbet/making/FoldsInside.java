package kwibbet.making;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import kwibbet.card.Card;
import kwibbet.card.Panel;
import kwibbet.card.Piece;
import kwibbet.card.PieceId;
import kwibbet.card.ScoreId;
import kwibbet.card.ShutFold;
import kwibbet.measure.Length;
import kwibbet.shape.Axis;
import kwibbet.shape.Rect;
import kwibbet.shape.Segment;

/**
 * Panels whose free edge ends within the fold of another that closes over them: whether they clear it is seen by folding them.
 *
 * @param card the card
 */
record FoldsInside(Card card) {

    /** A panel that ends farther from a fold does not catch in it. Common practice, no source. */
    private static final Length NEAR = Length.ofInches(1, 8);

    /** Each panel that is to be tried, once. */
    List<Operation> trials() {
        ShutFold shut = card.shut();
        List<ScoreId> closing = card.form().closing();
        List<Operation> trials = new ArrayList<>();
        for (Panel inner : card.form().panels()) {
            hinge(inner).flatMap(own -> over(inner, own, shut, closing)).ifPresent(over -> {
                Piece piece = card.pieceOf(inner.piece());
                trials.add(new Operation.TrialFold(piece, inner.id(), name(inner), name(over)));
            });
        }
        return trials;
    }

    private String name(Panel panel) {
        String name = card.nameOf(panel);
        return (Character.isDigit(name.charAt(name.length() - 1)) ? "" : "the ") + name;
    }

    private static Optional<ScoreId> hinge(Panel panel) {
        return panel.hanging() instanceof Panel.OnScore hinge && hinge.degrees().isEmpty()
                ? Optional.of(hinge.score())
                : Optional.empty();
    }

    /** What closes over a panel that is in already, with its fold beside the free edge of that. */
    private Optional<Panel> over(Panel inner, ScoreId own, ShutFold shut, List<ScoreId> closing) {
        return card.form().panels().stream()
                .filter(over -> over.piece().equals(inner.piece()))
                .filter(over -> hinge(over)
                        .filter(hinge -> closing.indexOf(hinge) > closing.indexOf(own)
                                && isBetween(inner, over, shut)
                                && line(hinge, inner.piece(), shut)
                                        .filter(fold -> endsAt(inner, own, fold, shut))
                                        .isPresent())
                        .isPresent())
                .findFirst();
    }

    private static boolean isBetween(Panel inner, Panel over, ShutFold shut) {
        int level = shut.level(inner.id());
        return over.hanging()
                .on()
                .filter(below -> !below.equals(inner.id()))
                .filter(below -> (shut.level(below) < level && level < shut.level(over.id()))
                        || (shut.level(over.id()) < level && level < shut.level(below)))
                .isPresent();
    }

    /** Where a fold lies when all is shut. */
    private Optional<Segment> line(ScoreId hinge, PieceId piece, ShutFold shut) {
        return card.form().panels().stream()
                .filter(over -> hinge(over).filter(hinge::equals).isPresent())
                .flatMap(over -> over.hanging().on().stream())
                .map(below ->
                        shut.of(below).apply(card.pieceOf(piece).scoreOf(hinge).line()))
                .findFirst();
    }

    /** Whether the edge of a panel that lies across from its own fold lies beside another fold. */
    private boolean endsAt(Panel inner, ScoreId own, Segment fold, ShutFold shut) {
        Rect lying = inner.outline().in(shut.of(inner.id())).bounds();
        return line(own, inner.piece(), shut)
                .filter(hinge -> hinge.axis().isPresent() && hinge.axis().equals(fold.axis()))
                .map(hinge -> fold.axis().filter(Axis.VERTICAL::equals).isPresent()
                        ? isNear(
                                farther(
                                        lying.left(),
                                        lying.right(),
                                        hinge.start().x()),
                                fold.start().x())
                        : isNear(
                                farther(
                                        lying.top(),
                                        lying.bottom(),
                                        hinge.start().y()),
                                fold.start().y()))
                .orElse(false);
    }

    private static Length farther(Length one, Length other, Length from) {
        return one.minus(from).abs().isLongerThan(other.minus(from).abs()) ? one : other;
    }

    private static boolean isNear(Length edge, Length fold) {
        return !edge.minus(fold).abs().isLongerThan(NEAR);
    }
}
