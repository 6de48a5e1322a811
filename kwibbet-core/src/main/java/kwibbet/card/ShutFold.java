package kwibbet.card;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import kwibbet.shape.Placement;
import kwibbet.shape.Point;
import kwibbet.shape.Segment;

/**
 * Where each panel lies on the table when all is folded flat, exactly, and on which level.
 *
 * <p>A fold is a reflection in its score. Levels follow from folding one score after the other: what hangs beyond a score
 * comes to lie over all, or under all, in reverse order. Rings of overlaps, which no levels can hold, are said by {@link
 * Form.Above}.
 */
public final class ShutFold {

    private static final int HALF_WAY = 90;

    private final Map<PanelId, Panel> panels = new LinkedHashMap<>();
    private final Map<PieceId, Piece> pieces = new HashMap<>();
    private final Pose pose;
    private final List<ScoreId> closing;
    private final Map<PanelId, Placement> places = new HashMap<>();
    private final Map<PanelId, Integer> levels = new HashMap<>();

    private ShutFold(List<Panel> panels, List<Piece> pieces, Pose pose, List<ScoreId> closing) {
        panels.forEach(panel -> this.panels.put(panel.id(), panel));
        pieces.forEach(piece -> this.pieces.put(piece.id(), piece));
        this.pose = pose;
        this.closing = List.copyOf(closing);
        panels.forEach(panel -> this.levels.put(panel.id(), 0));
    }

    /**
     * Folds the panels.
     *
     * @param panels each after the one it hangs on
     * @param pieces the pieces they are part of
     * @param pose its scores are taken as closed from a quarter turn on, and as flat before
     * @param closing the scores in the order they are folded; others that keep their angle come before
     */
    public static ShutFold of(List<Panel> panels, List<Piece> pieces, Pose pose, List<ScoreId> closing) {
        ShutFold fold = new ShutFold(panels, pieces, pose, closing);
        panels.forEach(panel -> fold.places.put(panel.id(), Placement.SAME));
        fold.placeAll();
        for (Panel panel : panels) {
            if (panel.hanging() instanceof Panel.OnScore hinge && fold.isFoldedBefore(hinge)) {
                fold.raise(panel, hinge);
            }
        }
        for (ScoreId score : closing) {
            for (Panel panel : panels) {
                if (panel.hanging() instanceof Panel.OnScore hinge
                        && hinge.score().equals(score)
                        && fold.isClosed(hinge)) {
                    fold.raise(panel, hinge);
                }
            }
        }
        return fold;
    }

    private boolean isClosed(Panel.OnScore hinge) {
        return hinge.degrees().orElse(pose.angle(hinge.score())) > HALF_WAY;
    }

    /** What keeps its angle is folded before the card is shut; what is stuck shut for good is folded as it closes. */
    private boolean isFoldedBefore(Panel.OnScore hinge) {
        return hinge.degrees().isPresent() && !closing.contains(hinge.score()) && isClosed(hinge);
    }

    private void placeAll() {
        for (Panel panel : panels.values()) {
            places.put(panel.id(), place(panel));
        }
    }

    private Placement place(Panel panel) {
        if (panel.hanging() instanceof Panel.Stuck stuck) {
            return stuck.placement().within(of(stuck.panel()));
        }
        if (panel.hanging() instanceof Panel.OnScore hinge) {
            Placement parent = of(hinge.panel());
            return isClosed(hinge)
                    ? score(panel, hinge)
                            .map(score -> reflection(score.line()).within(parent))
                            .orElse(parent)
                    : parent;
        }
        return Placement.SAME;
    }

    private Optional<Score> score(Panel panel, Panel.OnScore hinge) {
        return Optional.ofNullable(pieces.get(panel.piece())).flatMap(piece -> piece.score(hinge.score()));
    }

    /** Folds what hangs beyond a score over all, or under all, as its parent lies before the folds still to come. */
    private void raise(Panel panel, Panel.OnScore hinge) {
        List<PanelId> moving = beyond(panel.id());
        boolean valley = score(panel, hinge)
                .map(score -> score.fold() == Score.Fold.VALLEY)
                .orElse(true);
        boolean upwards = valley != isStuckFaceDown(hinge.panel());
        int highest = moving.stream().mapToInt(this::level).max().orElse(0);
        int lowest = moving.stream().mapToInt(this::level).min().orElse(0);
        int top = levels.values().stream().mapToInt(Integer::intValue).max().orElse(0);
        int bottom = levels.values().stream().mapToInt(Integer::intValue).min().orElse(0);
        for (PanelId each : moving) {
            int level = level(each);
            levels.put(each, upwards ? top + 1 + highest - level : bottom - 1 - (level - lowest));
        }
    }

    /** Folds still to come flip what they move and so are left out: only how pieces are stuck counts. */
    private boolean isStuckFaceDown(PanelId id) {
        Panel panel = panels.get(id);
        if (panel == null) {
            return false;
        }
        if (panel.hanging() instanceof Panel.Stuck stuck) {
            return stuck.placement().mirrored() != isStuckFaceDown(stuck.panel());
        }
        if (panel.hanging() instanceof Panel.OnScore hinge) {
            return isFoldedBefore(hinge) != isStuckFaceDown(hinge.panel());
        }
        return false;
    }

    private List<PanelId> beyond(PanelId id) {
        List<PanelId> found = new ArrayList<>(List.of(id));
        for (Panel panel : panels.values()) {
            panel.hanging().on().filter(found::contains).ifPresent(on -> found.add(panel.id()));
        }
        return found;
    }

    /** Where the frame of a panel's piece lies, as far as that panel goes; mirrored where it is seen from under. */
    public Placement of(PanelId panel) {
        return Optional.ofNullable(places.get(panel)).orElse(Placement.SAME);
    }

    /** The level a panel lies on, the still one on 0; what is stuck flat to a panel shares its level. */
    public int level(PanelId panel) {
        return levels.getOrDefault(panel, 0);
    }

    /** The reflection in a line: mirrored, turned by twice its slope and a half turn, and moved so that the line stays. */
    static Placement reflection(Segment line) {
        double rise = line.end().y().minus(line.start().y()).toInches();
        double run = line.end().x().minus(line.start().x()).toInches();
        int twice = (int) Math.round(Math.toDegrees(Math.atan2(rise, run)) * 2);
        Placement turned = new Placement(Point.ORIGIN, twice + 2 * HALF_WAY, true);
        Point moved = turned.apply(line.start());
        Point offset = line.start().plus(moved.x().negated(), moved.y().negated());
        return new Placement(offset, turned.degrees(), true);
    }
}
