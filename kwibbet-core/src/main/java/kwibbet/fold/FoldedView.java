package kwibbet.fold;

import java.util.DoubleSummaryStatistics;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

import kwibbet.card.Card;
import kwibbet.card.Panel;
import kwibbet.card.PanelId;
import kwibbet.card.Piece;
import kwibbet.card.PieceId;
import kwibbet.card.Pose;
import kwibbet.card.Score;
import kwibbet.measure.Length;
import kwibbet.shape.Point;
import kwibbet.shape.Size;

/**
 * The panels of a card in a pose, as they are seen, the farthest first.
 *
 * @param pose the pose
 * @param panels each panel of the card once
 */
public record FoldedView(Pose pose, List<SeenPanel> panels) {

    /** Copies the panels. */
    public FoldedView {
        panels = List.copyOf(panels);
    }

    /** The card in that pose. */
    public static FoldedView of(Card card, Pose pose) {
        Map<PanelId, Frame> standing = standing(card, pose);
        Map<PanelId, Frame> seen = new HashMap<>();
        standing.forEach((panel, frame) -> seen.put(panel, seen(frame, pose.view())));
        return new FoldedView(pose, new PaintOrder(card, pose, seen).panels());
    }

    /** Where each panel stands, before it is looked at from anywhere. */
    public static Map<PanelId, Frame> standing(Card card, Pose pose) {
        Map<PieceId, Piece> pieces = new HashMap<>();
        card.pieces().forEach(piece -> pieces.put(piece.id(), piece));
        Map<PanelId, Frame> standing = new HashMap<>();
        for (Panel panel : card.panels()) {
            Piece piece = Objects.requireNonNull(pieces.get(panel.piece()));
            standing.put(panel.id(), frame(panel, piece, pose, standing));
        }
        return standing;
    }

    /** The width and the height a card has in a pose as it is seen. */
    public static Size extent(Card card, Pose pose) {
        Map<PanelId, Frame> standing = standing(card, pose);
        DoubleSummaryStatistics across = new DoubleSummaryStatistics();
        DoubleSummaryStatistics down = new DoubleSummaryStatistics();
        for (Panel panel : card.panels()) {
            Frame frame = seen(parent(panel.id(), standing), pose.view());
            for (Point corner : panel.outline().corners()) {
                Vector place = frame.at(corner);
                across.accept(place.x());
                down.accept(place.y());
            }
        }
        return new Size(
                Length.nearestInches(across.getMax() - across.getMin()),
                Length.nearestInches(down.getMax() - down.getMin()));
    }

    /** Leaning takes the foot away from the viewer: the same turn as a viewer who steps up. */
    private static Frame seen(Frame frame, Pose.View view) {
        return frame.rolled(Math.toRadians(view.roll()))
                .seenFrom(0, Math.toRadians(view.lean()))
                .seenFrom(Math.toRadians(view.yaw()), Math.toRadians(view.pitch()));
    }

    private static Frame frame(Panel panel, Piece piece, Pose pose, Map<PanelId, Frame> standing) {
        if (panel.hanging() instanceof Panel.OnScore hinge) {
            Score score = piece.scoreOf(hinge.score());
            int degrees = hinge.degrees().orElse(pose.angle(hinge.score()));
            double sign = score.fold() == Score.Fold.VALLEY ? 1 : -1;
            return parent(hinge.panel(), standing)
                    .folded(
                            score.line().start(),
                            score.line().end(),
                            panel.outline().bounds().middle(),
                            sign * Math.toRadians(degrees));
        }
        if (panel.hanging() instanceof Panel.Stuck stuck) {
            return parent(stuck.panel(), standing).holding(stuck.placement());
        }
        return Frame.FLAT;
    }

    private static Frame parent(PanelId panel, Map<PanelId, Frame> standing) {
        return Objects.requireNonNull(standing.get(panel), () -> "no panel " + panel);
    }
}
