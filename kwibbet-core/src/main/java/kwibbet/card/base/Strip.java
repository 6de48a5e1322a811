package kwibbet.card.base;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

import kwibbet.card.Brief;
import kwibbet.card.Panel;
import kwibbet.card.PanelId;
import kwibbet.card.PaperSlot;
import kwibbet.card.Piece;
import kwibbet.card.PieceId;
import kwibbet.card.Pose;
import kwibbet.card.Score;
import kwibbet.card.ScoreId;
import kwibbet.measure.Length;
import kwibbet.shape.Outline;
import kwibbet.shape.Rect;
import kwibbet.shape.Size;

/**
 * A strip of panels side by side, with a score between each two.
 *
 * @param leaves its panels from left to right
 * @param creases its scores from left to right, one less than the panels
 * @param still which panel lies still; the others hang on it, one on the next
 * @param height of all of them
 */
record Strip(List<Leaf> leaves, List<Crease> creases, int still, Length height) {

    /**
     * A panel.
     *
     * @param id names it
     * @param width its width
     */
    record Leaf(PanelId id, Length width) {}

    /**
     * A score.
     *
     * @param id names it
     * @param fold which way it folds
     */
    record Crease(ScoreId id, Score.Fold fold) {
        static Crease valley(ScoreId id) {
            return new Crease(id, Score.Fold.VALLEY);
        }
    }

    Strip {
        leaves = List.copyOf(leaves);
        creases = List.copyOf(creases);
    }

    /** Where a panel starts. */
    Length left(int leaf) {
        return leaves.subList(0, leaf).stream().map(Leaf::width).reduce(Length.ZERO, Length::plus);
    }

    Size size() {
        return new Size(left(leaves.size()), height);
    }

    Rect area(int leaf) {
        return Rect.of(left(leaf), Length.ZERO, leaves.get(leaf).width(), height);
    }

    /** The strip as the base of a card. */
    Piece piece(Brief brief) {
        return piece(PieceId.BASE, "Base", brief);
    }

    Piece piece(PieceId id, String name, Brief brief) {
        List<Score> scores = new ArrayList<>();
        for (int i = 0; i < creases.size(); i++) {
            scores.add(Score.upright(
                    creases.get(i).id(), left(i + 1), size(), creases.get(i).fold()));
        }
        return Piece.of(id, name, brief.paper(PaperSlot.PAPER), size()).scored(scores);
    }

    /** Its panels, the still one first, then outwards to the left and to the right. */
    List<Panel> panels() {
        return panels(IntStream.range(0, leaves.size()).mapToObj(this::outline).toList());
    }

    /** Its panels cut to outlines, in the same order. */
    List<Panel> panels(List<Outline> outlines) {
        List<Panel> panels = new ArrayList<>();
        panels.add(Panel.still(leaves.get(still).id(), PieceId.BASE, outlines.get(still)));
        for (int i = still - 1; i >= 0; i--) {
            panels.add(hanging(i, i + 1, i, outlines.get(i)));
        }
        for (int i = still + 1; i < leaves.size(); i++) {
            panels.add(hanging(i, i - 1, i - 1, outlines.get(i)));
        }
        return panels;
    }

    private Panel hanging(int leaf, int on, int crease, Outline outline) {
        return Panel.folding(
                leaves.get(leaf).id(),
                PieceId.BASE,
                outline,
                leaves.get(on).id(),
                creases.get(crease).id());
    }

    private Outline outline(int leaf) {
        return Outline.of(area(leaf));
    }

    /** All its scores closed, open, closed from behind, and as it stands. */
    List<Pose> poses(Map<ScoreId, Integer> standing, Pose.View view) {
        return poses(creases.stream().map(Crease::id).toList(), standing, view);
    }

    static List<Pose> poses(List<ScoreId> scores, Map<ScoreId, Integer> standing, Pose.View view) {
        Map<ScoreId, Integer> shut = new HashMap<>();
        scores.forEach(score -> shut.put(score, 180));
        return Pose.all(shut, standing, view, Pose.View.TENT);
    }
}
