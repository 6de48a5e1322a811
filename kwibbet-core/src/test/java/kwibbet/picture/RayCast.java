package kwibbet.picture;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

import kwibbet.card.Adhesion;
import kwibbet.card.Card;
import kwibbet.card.Form;
import kwibbet.card.Panel;
import kwibbet.card.PanelId;
import kwibbet.card.Piece;
import kwibbet.card.Pose;
import kwibbet.card.ScoreId;
import kwibbet.card.ShutFold;
import kwibbet.card.Side;
import kwibbet.drawing.Drawing;
import kwibbet.drawing.Fill;
import kwibbet.drawing.Mark;
import kwibbet.fold.FoldedView;
import kwibbet.fold.Frame;
import kwibbet.fold.SeenPanel;
import kwibbet.fold.Vector;
import kwibbet.paper.PaperShelf;
import kwibbet.shape.Outline;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;

/**
 * What is seen of a card along a ray, found from where its plies stand in space and not from any order of painting: each ply stands off what it is stuck to
 * by a little, and the ray ends at the nearest ply that has paper there. Pleats and tabs that would reach through what they hang behind are pressed flat
 * against it.
 */
public final class RayCast {

    private static final double PLY = 1e-7;
    private static final double LOOSE = 100 * PLY;
    private static final double LEVEL = 1e-4;
    /** What is pressed flat keeps its order. */
    private static final double PRESSED = 1e-12;
    /** Points nearer than this to an edge, in inches, are not asked: drawing rounds. */
    private static final double EDGE = 0.012;
    /** Farther from each other than this, in inches, papers do not lie on each other. */
    private static final double APART = 0.004;

    private final Card card;
    private final Pose pose;
    private final Map<PanelId, Frame> frames = new HashMap<>();
    private final Map<PanelId, Vector> offsets = new HashMap<>();
    private final Map<Set<PanelId>, Boolean> crossings = new HashMap<>();
    private final Map<PanelId, Double> heights = new HashMap<>();
    private final Map<PanelId, Panel> panels = new HashMap<>();
    private final Set<Form.Above> declared;
    private final ShutFold levels;

    private RayCast(Card card, Pose pose) {
        this.card = card;
        this.pose = pose;
        this.declared = new HashSet<>(card.above());
        this.levels =
                ShutFold.of(card.panels(), card.pieces(), pose, card.form().closing());
        for (SeenPanel seen : FoldedView.of(card, pose).panels()) {
            frames.put(seen.panel().id(), seen.frame());
        }
        for (Panel panel : card.panels()) {
            panels.put(panel.id(), panel);
            offsets.put(panel.id(), offset(panel));
        }
    }

    /**
     * Where the finished picture of a card shows another piece than a ray finds.
     *
     * @param points how many points are asked
     * @return each in words; none where picture and rays agree
     */
    public static List<String> disagreements(Card card, PaperShelf shelf, Pose pose, Random random, int points) {
        RayCast cast = new RayCast(card, pose);
        Drawing drawing = FinishedPicture.alone(card, shelf, pose);
        Rect frame = drawing.frame();
        List<String> found = new ArrayList<>();
        for (int i = 0; i < points; i++) {
            double x = frame.left().toInches()
                    + random.nextDouble() * frame.size().width().toInches();
            double y = frame.top().toInches()
                    + random.nextDouble() * frame.size().height().toInches();
            Optional<String> truth = cast.nearestClearOfEdges(x, y);
            truth.ifPresent(piece -> {
                String shown = shown(drawing, cast.setOn(), x, y);
                if (!shown.equals(piece)) {
                    found.add(pose.key() + " at " + Math.round(x * 100) / 100.0 + ", " + Math.round(y * 100) / 100.0
                            + ": shows " + shown + ", a ray meets " + piece);
                }
            });
        }
        return found;
    }

    /**
     * What a ray meets first there: a piece, or {@code nothing}.
     *
     * @param x to the right, in inches, as the pose is drawn
     * @param y down
     */
    static Optional<String> nearest(Card card, Pose pose, double x, double y) {
        return new RayCast(card, pose).nearest(x, y);
    }

    /** What ribbon and gems are drawn in, which run over holes and are no paper. */
    private Set<Fill> setOn() {
        return card.pieces().stream()
                .flatMap(piece -> piece.zones().stream())
                .flatMap(zone -> zone.colour().stream())
                .map(Fill.Paper::new)
                .collect(Collectors.toSet());
    }

    /** The piece whose area is drawn last there; nothing is written as a word of its own. */
    private static String shown(Drawing drawing, Set<Fill> setOn, double x, double y) {
        String last = "nothing";
        for (Mark mark : drawing.marks()) {
            if (mark instanceof Mark.Group group) {
                for (Mark each : group.marks()) {
                    if (each instanceof Mark.Area area
                            && !area.fill().equals(Fill.NONE)
                            && !setOn.contains(area.fill())
                            && isWithin(area.outline(), x, y)
                            && area.holes().stream().noneMatch(hole -> isWithin(hole, x, y))) {
                        last = group.piece();
                    }
                }
            }
        }
        return last;
    }

    private Vector offset(Panel panel) {
        if (panel.hanging() instanceof Panel.Stuck stuck) {
            Frame host = Objects.requireNonNull(frames.get(stuck.panel()));
            double pile = 0;
            for (Panel other : card.panels()) {
                if (other.hanging() instanceof Panel.Stuck its
                        && heights.getOrDefault(other.id(), LOOSE) < LOOSE
                        && its.panel().equals(stuck.panel())
                        && its.side() == stuck.side()) {
                    pile = Math.max(pile, Objects.requireNonNull(heights.get(other.id())));
                }
            }
            boolean loose = card.join(panel.piece())
                    .filter(join -> join.adhesion().kind() == Adhesion.Kind.NONE)
                    .isPresent();
            // What is stuck to the side by which its host is stuck lies between the two.
            boolean between = Objects.requireNonNull(panels.get(stuck.panel())).hanging() instanceof Panel.Stuck under
                    && !under.placement().mirrored() == (under.side() != stuck.side());
            double height = (loose ? LOOSE : pile + PLY) / (between ? 1000 : 1);
            heights.put(panel.id(), height);
            return Objects.requireNonNull(offsets.get(stuck.panel()))
                    .plus(host.up().times(stuck.side() == Side.UP ? height : -height));
        }
        return panel.hanging()
                .on()
                .map(on -> Objects.requireNonNull(offsets.get(on)))
                .orElse(new Vector(0, 0, 0));
    }

    private Optional<String> nearestClearOfEdges(double x, double y) {
        Optional<String> here = nearest(x, y);
        return IntStream.range(0, 9).allMatch(i -> nearest(x + (i % 3 - 1) * EDGE, y + (i / 3 - 1) * EDGE)
                        .equals(here))
                ? here
                : Optional.empty();
    }

    /** The nearest piece; nothing where plies contradict each other, which is no place to ask at. */
    private Optional<String> nearest(double x, double y) {
        List<Panel> met =
                card.panels().stream().filter(panel -> hasPaperAt(panel, x, y)).toList();
        if (met.isEmpty()) {
            return Optional.of("nothing");
        }
        if (!pose.view().isStraight()
                && met.stream().anyMatch(one -> met.stream()
                        .anyMatch(other -> !other.equals(one) && goThroughEachOther(one, other)))) {
            return Optional.empty();
        }
        return met.stream()
                .filter(panel -> met.stream().allMatch(other -> other.equals(panel) || isNearer(panel, other, x, y)))
                .map(panel -> panel.piece().value())
                .findFirst();
    }

    /** Papers of a card that cannot stand so: neither lies before the other. */
    private boolean goThroughEachOther(Panel one, Panel other) {
        return crossings.computeIfAbsent(Set.of(one.id(), other.id()), pair -> {
            Random random = new Random(pair.size());
            Rect box = one.outline().bounds();
            boolean before = false;
            boolean behind = false;
            for (int i = 0; i < 200; i++) {
                Vector at = Objects.requireNonNull(frames.get(one.id()))
                        .at(
                                box.left().toInches()
                                        + random.nextDouble()
                                                * box.size().width().toInches(),
                                box.top().toInches()
                                        + random.nextDouble()
                                                * box.size().height().toInches());
                if (hasPaperAt(one, at.x(), at.y()) && hasPaperAt(other, at.x(), at.y())) {
                    double apart = depth(one, at.x(), at.y()) - depth(other, at.x(), at.y());
                    before |= apart > APART;
                    behind |= apart < -APART;
                }
            }
            return before && behind;
        });
    }

    private boolean isNearer(Panel one, Panel other, double x, double y) {
        for (PanelId first : carriers(one)) {
            for (PanelId second : carriers(other)) {
                boolean isSeenFromUp = pose.view().yaw() != 180;
                if (declared.contains(new Form.Above(first, second))) {
                    return isSeenFromUp;
                }
                if (declared.contains(new Form.Above(second, first))) {
                    return !isSeenFromUp;
                }
            }
        }
        return depth(one, x, y) > depth(other, x, y);
    }

    private List<PanelId> carriers(Panel panel) {
        List<PanelId> carriers = new ArrayList<>(List.of(panel.id()));
        Panel at = panel;
        while (at.hanging() instanceof Panel.Stuck stuck) {
            carriers.add(stuck.panel());
            at = Objects.requireNonNull(panels.get(stuck.panel()));
        }
        return carriers;
    }

    private double depth(Panel panel, double x, double y) {
        double own = plane(panel.id(), x, y);
        Panel at = panel;
        List<ScoreId> scores = new ArrayList<>();
        while (at.hanging() instanceof Panel.OnScore hinge) {
            scores.add(hinge.score());
            at = Objects.requireNonNull(panels.get(hinge.panel()));
        }
        if (!scores.isEmpty() && at.hanging() instanceof Panel.Stuck stuck && areOver(scores, panel, stuck)) {
            double host = plane(stuck.panel(), x, y);
            Frame frame = Objects.requireNonNull(frames.get(stuck.panel()));
            boolean towards = (stuck.side() == Side.UP) == frame.up().z() > 0;
            if (towards ? own < host : own > host) {
                double pressed = Objects.requireNonNull(heights.get(at.id()));
                return host + (towards ? pressed : -pressed) + (own - host) * PRESSED;
            }
        }
        return own;
    }

    private boolean areOver(List<ScoreId> scores, Panel panel, Panel.Stuck stuck) {
        Piece piece = card.pieceOf(panel.piece());
        Outline host = Objects.requireNonNull(panels.get(stuck.panel())).outline();
        return scores.stream().allMatch(score -> {
            Point start = stuck.placement().apply(piece.scoreOf(score).line().start());
            Point end = stuck.placement().apply(piece.scoreOf(score).line().end());
            double x = (start.x().toInches() + end.x().toInches()) / 2;
            double y = (start.y().toInches() + end.y().toInches()) / 2;
            return isWithin(host.corners(), x, y);
        });
    }

    /** How near the plane of a panel is there, its level and what it is stuck to counted in. */
    private double plane(PanelId id, double x, double y) {
        Frame frame = Objects.requireNonNull(frames.get(id));
        Vector up = frame.up();
        Vector origin = frame.origin();
        double z = origin.z() - (up.x() * (x - origin.x()) + up.y() * (y - origin.y())) / up.z();
        double level = levels.level(id) * LEVEL * (pose.view().yaw() == 180 ? -1 : 1);
        return z + Objects.requireNonNull(offsets.get(id)).z() + level;
    }

    private boolean hasPaperAt(Panel panel, double x, double y) {
        Frame frame = Objects.requireNonNull(frames.get(panel.id()));
        Vector right = frame.right();
        Vector down = frame.down();
        double determinant = right.x() * down.y() - right.y() * down.x();
        if (Math.abs(determinant) < 1e-3) {
            return false;
        }
        double dx = x - frame.origin().x();
        double dy = y - frame.origin().y();
        double across = (dx * down.y() - dy * down.x()) / determinant;
        double along = (right.x() * dy - right.y() * dx) / determinant;
        return isWithin(panel.outline().corners(), across, along)
                && panel.freed().stream().noneMatch(part -> isWithin(part.corners(), across, along))
                && card.pieceOf(panel.piece()).openings().stream()
                        .noneMatch(opening -> isWithin(opening.outline().corners(), across, along));
    }

    /** By counting the edges to the right of it. */
    private static boolean isWithin(List<Point> corners, double x, double y) {
        boolean within = false;
        for (int i = 0, j = corners.size() - 1; i < corners.size(); j = i++) {
            double ax = corners.get(i).x().toInches();
            double ay = corners.get(i).y().toInches();
            double bx = corners.get(j).x().toInches();
            double by = corners.get(j).y().toInches();
            if (ay > y != by > y && x < (bx - ax) * (y - ay) / (by - ay) + ax) {
                within = !within;
            }
        }
        return within;
    }
}
