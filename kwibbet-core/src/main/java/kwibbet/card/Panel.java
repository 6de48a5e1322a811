package kwibbet.card;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.shape.Placement;
import kwibbet.shape.Region;

/**
 * A part of a piece between scores and edges.
 *
 * @param id names it among the panels of the card
 * @param piece the piece it is part of
 * @param outline where it lies on the flat piece
 * @param freed parts of it that are cut free and fold on their own
 * @param hanging how it hangs on another panel
 */
public record Panel(PanelId id, PieceId piece, Outline outline, List<Outline> freed, Hanging hanging) {

    /** Copies the list. */
    public Panel {
        freed = List.copyOf(freed);
    }

    /** How a panel hangs on another. */
    public sealed interface Hanging {
        /** The panel it hangs on; none for the one that lies still. */
        default Optional<PanelId> on() {
            return Optional.empty();
        }
    }

    /** It lies still, and all others hang on it in the end. */
    public record Still() implements Hanging {}

    /**
     * By a score of its own piece.
     *
     * @param panel the other panel
     * @param score the score
     * @param degrees how far it is folded whatever the pose; none where the pose says so
     */
    public record OnScore(PanelId panel, ScoreId score, Optional<Integer> degrees) implements Hanging {
        @Override
        public Optional<PanelId> on() {
            return Optional.of(panel);
        }
    }

    /**
     * Stuck flat to a panel of another piece.
     *
     * @param panel the other panel
     * @param side the face of the other panel it lies on
     * @param placement where its piece lies in the frame of the other piece
     */
    public record Stuck(PanelId panel, Side side, Placement placement) implements Hanging {
        @Override
        public Optional<PanelId> on() {
            return Optional.of(panel);
        }
    }

    /** The panel that lies still. */
    public static Panel still(PanelId id, PieceId piece, Outline outline) {
        return new Panel(id, piece, outline, List.of(), new Still());
    }

    /** A panel that folds as the pose says. */
    public static Panel folding(PanelId id, PieceId piece, Outline outline, PanelId on, ScoreId score) {
        return new Panel(id, piece, outline, List.of(), new OnScore(on, score, Optional.empty()));
    }

    /** A panel that keeps its angle whatever the pose. */
    public static Panel folded(PanelId id, PieceId piece, Outline outline, PanelId on, ScoreId score, int degrees) {
        return new Panel(id, piece, outline, List.of(), new OnScore(on, score, Optional.of(degrees)));
    }

    /** A panel stuck to another. */
    public static Panel stuck(PanelId id, PieceId piece, Outline outline, PanelId on, Side side, Placement placement) {
        return new Panel(id, piece, outline, List.of(), new Stuck(on, side, placement));
    }

    /** This panel with its score kept folded as it is in a pose. */
    Panel keptAs(Pose pose) {
        return hanging instanceof OnScore hinge && hinge.degrees().isEmpty()
                ? new Panel(
                        id,
                        piece,
                        outline,
                        freed,
                        new OnScore(hinge.panel(), hinge.score(), Optional.of(pose.angle(hinge.score()))))
                : this;
    }

    /** This panel with one part more cut free. */
    public Panel freeing(Outline part) {
        return new Panel(id, piece, outline, joined(freed, part), hanging);
    }

    /** This panel with what lies within an outline cut off at its edge. */
    Panel cutAtEdge(Outline off) {
        Outline left = largest(Overlay.without(Region.of(outline), Region.of(off)), Region.of(outline))
                .outline();
        return new Panel(id, piece, left, freed, hanging);
    }

    /** Its paper: what the openings of its piece and the parts cut free leave of it. */
    public Region material(Piece whole) {
        Region paper = withoutFreed();
        for (Opening opening : whole.openings()) {
            if (!opening.outline().bounds().overlaps(outline.bounds())) {
                continue;
            }
            Outline hole = opening.outline();
            if (freed.stream().anyMatch(part -> Overlay.contains(Region.of(part), hole))) {
                // It goes with the part that is cut free.
                continue;
            }
            paper = Overlay.contains(Region.of(outline), hole)
                    ? new Region(paper.outline(), joined(paper.holes(), hole))
                    : largest(Overlay.without(paper, Region.of(hole)), paper);
        }
        return paper;
    }

    /** Parts that are cut free beside each other leave one hole, or a notch where they reach an edge. */
    private Region withoutFreed() {
        return freed.isEmpty()
                ? Region.of(outline)
                : largest(
                        Overlay.without(
                                Region.of(outline),
                                Overlay.joined(freed.stream().map(Region::of).toList())),
                        Region.of(outline));
    }

    private static List<Outline> joined(List<Outline> holes, Outline hole) {
        return Stream.concat(holes.stream(), Stream.of(hole)).toList();
    }

    private static Region largest(List<Region> parts, Region otherwise) {
        return parts.stream().max(Comparator.comparingDouble(Region::area)).orElse(otherwise);
    }
}
