package kwibbet.fold;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;

import kwibbet.card.Adhesion;
import kwibbet.card.Card;
import kwibbet.card.Form;
import kwibbet.card.Panel;
import kwibbet.card.PanelId;
import kwibbet.card.Pose;
import kwibbet.card.ShutFold;
import kwibbet.card.Side;
import kwibbet.shape.Overlay;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Region;

/**
 * Orders panels so that what lies nearer to the viewer is drawn later.
 *
 * <p>Two panels that overlap as seen are compared at a point of the overlap: by what is said of them, then by the sides of a panel they are
 * on, then by their distance to the viewer where it differs, then by the level they are folded to, then by how they are stuck. Where that
 * goes round in a ring, the ring is cut and what is drawn too late is noted as hidden.
 */
final class PaintOrder {

    /** Nearer to each other than this, in inches, two panels lie on each other. */
    private static final double TOUCHING = 0.004;

    /** What only wraps round a panel lies over all that is stuck to it. */
    private static final double OVER_ALL = 100;

    private static final double LATER = 1e-4;

    private final Card card;
    private final Map<PanelId, Panel> panels = new HashMap<>();
    private final Pose pose;
    private final Map<PanelId, Frame> frames;
    private final List<Seen> all = new ArrayList<>();
    private final ShutFold levels;
    private final Map<PanelId, Double> heights = new HashMap<>();
    private final Set<Form.Above> declared;

    /** A panel with its outline and its paper as seen; one is itself only, whatever it looks like. */
    private static final class Seen {

        private final Panel panel;
        private final Frame frame;
        private final Polygon shape;
        private final Region paper;
        private final List<Polygon> holes;
        /** A spot of its paper; nothing where that has hardly an area. */
        private final Optional<Polygon.Spot> inner;

        Seen(Panel panel, Frame frame, Polygon shape, Region paper) {
            this.panel = panel;
            this.frame = frame;
            this.shape = shape;
            this.paper = paper;
            this.holes = paper.holes().stream().map(Polygon::drawn).toList();
            this.inner = isPlain() || shape.area() < Polygon.TOUCH
                    ? Optional.empty()
                    : Optional.of(paper)
                            .filter(each -> each.area() > Polygon.TOUCH)
                            .map(each -> Polygon.Spot.at(Overlay.pointWithin(each)));
        }

        /** A spot where the paper of both is, if there is any; in the middle of it where both are convex. */
        Optional<Polygon.Spot> sharedWith(Seen other) {
            if (!shape.mayShareWith(other.shape)) {
                return Optional.empty();
            }
            if (isPlain() && other.isPlain()) {
                return shape.sharedWith(other.shape);
            }
            // What lies wholly within a plain one shares all it has with it.
            if (other.isPlain() && other.shape.holds(shape)) {
                return inner;
            }
            if (isPlain() && shape.holds(other.shape)) {
                return other.inner;
            }
            // Two of any shape most often have the middle of one in common, which is soon seen.
            return innerOn(other).or(() -> other.innerOn(this)).or(() -> anywhereOn(other));
        }

        private Optional<Polygon.Spot> innerOn(Seen other) {
            return inner.filter(
                    spot -> other.shape.contains(spot) && other.holes.stream().noneMatch(hole -> hole.contains(spot)));
        }

        private Optional<Polygon.Spot> anywhereOn(Seen other) {
            return Overlay.shared(paper, other.paper).stream()
                    .filter(both -> both.area() > Polygon.TOUCH)
                    .max(Comparator.comparingDouble(Region::area))
                    .map(both -> Polygon.Spot.at(Overlay.pointWithin(both)));
        }

        private boolean isPlain() {
            return shape.isConvex() && paper.holes().isEmpty();
        }
    }

    PaintOrder(Card card, Pose pose, Map<PanelId, Frame> frames) {
        this.card = card;
        card.panels().forEach(panel -> panels.put(panel.id(), panel));
        this.pose = pose;
        this.frames = frames;
        this.levels =
                ShutFold.of(card.panels(), card.pieces(), pose, card.form().closing());
        this.declared = new HashSet<>(card.above());
        int index = 0;
        for (Panel panel : card.panels()) {
            Frame frame = frame(panel.id());
            all.add(seen(panel, frame));
            heights.put(panel.id(), height(panel, index));
            index++;
        }
    }

    private Seen seen(Panel panel, Frame frame) {
        Polygon shape = Polygon.seen(panel.outline(), frame);
        SeenPanel alone = new SeenPanel(panel, frame, List.of());
        // Edge on it hides nothing, and where it is seen is no area.
        Region paper = shape.area() < Polygon.TOUCH
                ? Region.of(panel.outline())
                : alone.seen(panel.material(card.pieceOf(panel.piece())));
        return new Seen(panel, frame, shape, paper);
    }

    private Frame frame(PanelId id) {
        return Objects.requireNonNull(frames.get(id));
    }

    /**
     * How far a panel lies towards the viewer by being stuck, in plies; what is stuck later lies further out, and what is stuck to the side by which its
     * host is stuck lies between the two.
     */
    private double height(Panel panel, int index) {
        if (!(panel.hanging() instanceof Panel.Stuck stuck)) {
            return 0;
        }
        Panel host = Objects.requireNonNull(panels.get(stuck.panel()));
        boolean towards = isTowards(stuck);
        boolean between = host.hanging() instanceof Panel.Stuck under && isTowards(under) != towards;
        boolean loose = card.join(panel.piece())
                .filter(join -> join.adhesion().kind() == Adhesion.Kind.NONE)
                .isPresent();
        double step = ((loose ? OVER_ALL : 1) + index * LATER) * (between ? LATER / OVER_ALL : 1);
        return height(host.id()) + (towards ? step : -step);
    }

    /** Whether it is stuck to the side that is seen. */
    private boolean isTowards(Panel.Stuck stuck) {
        return (stuck.side() == Side.UP) == (frame(stuck.panel()).up().z() > 0);
    }

    List<SeenPanel> panels() {
        Map<Seen, Set<Seen>> under = new LinkedHashMap<>();
        all.forEach(seen -> under.put(seen, new HashSet<>()));
        for (int i = 0; i < all.size(); i++) {
            for (int j = i + 1; j < all.size(); j++) {
                compare(all.get(i), all.get(j), under);
            }
        }
        return sorted(under);
    }

    private void compare(Seen one, Seen other, Map<Seen, Set<Seen>> under) {
        one.sharedWith(other).ifPresent(at -> {
            double above = compare(one, other, at);
            if (above > 0) {
                Objects.requireNonNull(under.get(one)).add(other);
            } else if (above < 0) {
                Objects.requireNonNull(under.get(other)).add(one);
            }
        });
    }

    /** More than zero where the first lies nearer to the viewer. */
    private double compare(Seen one, Seen other, Polygon.Spot at) {
        int seenFromUp = pose.view().yaw() == 180 ? -1 : 1;
        int said = declared(one.panel, other.panel);
        if (said != 0) {
            return (double) seenFromUp * said;
        }
        int sides = bySides(one.panel, other.panel);
        if (sides != 0) {
            return sides;
        }
        double distance = nearness(one, at) - nearness(other, at);
        if (Math.abs(distance) > TOUCHING) {
            return distance;
        }
        PanelId first = one.panel.id();
        PanelId second = other.panel.id();
        int level = levels.level(first) - levels.level(second);
        return level != 0 ? (double) seenFromUp * level : height(first) - height(second);
    }

    /** How near a panel lies there; what hangs behind a panel and would reach through it is pressed flat against it. */
    private double nearness(Seen seen, Polygon.Spot at) {
        double own = at.depthOn(seen.frame);
        Panel panel = seen.panel;
        while (panel.hanging() instanceof Panel.OnScore hinge) {
            panel = Objects.requireNonNull(panels.get(hinge.panel()));
        }
        if (panel.hanging() instanceof Panel.Stuck stuck) {
            double host = at.depthOn(frame(stuck.panel()));
            int side = sides(seen.panel).getOrDefault(stuck.panel(), 0);
            return side > 0 ? Math.max(own, host) : side < 0 ? Math.min(own, host) : own;
        }
        return own;
    }

    /** What is said of two panels holds for what is stuck to them too; 0 where nothing is said. */
    private int declared(Panel one, Panel other) {
        for (PanelId first : carriers(one)) {
            for (PanelId second : carriers(other)) {
                if (declared.contains(new Form.Above(first, second))) {
                    return 1;
                }
                if (declared.contains(new Form.Above(second, first))) {
                    return -1;
                }
            }
        }
        return 0;
    }

    /**
     * No paper reaches through another: of what is on one side of a panel and what is on the other, or is that panel, all of the first lies nearer, pleats
     * and tabs that hang on it included.
     *
     * @return more than zero where the first lies nearer; 0 where both are on one side, or have no panel in common
     */
    private int bySides(Panel one, Panel other) {
        Map<PanelId, Integer> first = new LinkedHashMap<>(sides(one));
        Map<PanelId, Integer> second = new LinkedHashMap<>(sides(other));
        first.put(one.id(), 0);
        second.put(other.id(), 0);
        for (Map.Entry<PanelId, Integer> host : first.entrySet()) {
            int difference = host.getValue() - second.getOrDefault(host.getKey(), host.getValue());
            if (difference != 0) {
                return difference;
            }
        }
        return 0;
    }

    /** The panels a panel lies on by what it is stuck to: 1 where it is on the side that is seen, −1 where it is on the other. */
    private Map<PanelId, Integer> sides(Panel panel) {
        Map<PanelId, Integer> sides = new LinkedHashMap<>();
        List<Point> scores = new ArrayList<>();
        Panel at = panel;
        while (at.hanging().on().isPresent()) {
            PanelId on = at.hanging().on().get();
            Panel host = Objects.requireNonNull(panels.get(on));
            if (at.hanging() instanceof Panel.OnScore hinge) {
                scores.add(
                        card.pieceOf(at.piece()).scoreOf(hinge.score()).line().middle());
            } else if (at.hanging() instanceof Panel.Stuck stuck) {
                if (!scores.stream()
                        .allMatch(score -> isOver(host, stuck.placement().apply(score)))) {
                    // It goes round the edge of what it is stuck to, and may be on both sides.
                    return sides;
                }
                scores.clear();
                sides.put(on, isTowards(stuck) ? 1 : -1);
            }
            at = host;
        }
        return sides;
    }

    private static boolean isOver(Panel host, Point middle) {
        Rect bounds = host.outline().bounds();
        return middle.x().isLongerThan(bounds.left())
                && middle.x().isShorterThan(bounds.right())
                && middle.y().isLongerThan(bounds.top())
                && middle.y().isShorterThan(bounds.bottom());
    }

    /** The panel itself, then what it is stuck to, and so on down. */
    private List<PanelId> carriers(Panel panel) {
        List<PanelId> carriers = new ArrayList<>();
        Panel at = panel;
        carriers.add(at.id());
        while (at.hanging() instanceof Panel.Stuck stuck) {
            at = Objects.requireNonNull(panels.get(stuck.panel()));
            carriers.add(at.id());
        }
        return carriers;
    }

    private double height(PanelId id) {
        return Optional.ofNullable(heights.get(id)).orElse(0.0);
    }

    private List<SeenPanel> sorted(Map<Seen, Set<Seen>> under) {
        Map<Seen, SeenPanel> drawn = new LinkedHashMap<>();
        Map<Seen, Set<Seen>> waiting = new LinkedHashMap<>(under);
        while (!waiting.isEmpty()) {
            Seen next = waiting.entrySet().stream()
                    .min(Comparator.comparingInt((Map.Entry<Seen, Set<Seen>> entry) -> (int) entry.getValue().stream()
                                    .filter(waiting::containsKey)
                                    .count())
                            .thenComparingDouble(entry -> entry.getKey().shape.middleDepth()))
                    .orElseThrow(() -> new IllegalStateException("something waits to be drawn"))
                    .getKey();
            waiting.remove(next);
            List<SeenPanel> over = drawn.entrySet().stream()
                    .filter(earlier ->
                            Objects.requireNonNull(under.get(earlier.getKey())).contains(next))
                    .map(Map.Entry::getValue)
                    .toList();
            drawn.put(next, new SeenPanel(next.panel, next.frame, over));
        }
        return List.copyOf(drawn.values());
    }
}
