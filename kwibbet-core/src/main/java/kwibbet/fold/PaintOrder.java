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

/**
 * Orders panels so that what lies nearer to the viewer is drawn later.
 *
 * <p>Two panels that overlap as seen are compared at a point of the overlap: by what is said of them, then by their distance to the viewer
 * where it differs, then by the level they are folded to, then by how they are stuck. Where that goes round in a ring, the
 * ring is cut and what is drawn too late is noted as hidden.
 */
final class PaintOrder {

    /** Nearer to each other than this, in inches, two panels lie on each other. */
    private static final double TOUCHING = 0.004;

    /** What only wraps round a panel lies over all that is stuck to it. */
    private static final double OVER_ALL = 100;

    private final Card card;
    private final Map<PanelId, Panel> panels = new HashMap<>();
    private final Pose pose;
    private final Map<PanelId, Frame> frames;
    private final List<Seen> all = new ArrayList<>();
    private final ShutFold levels;
    private final Map<PanelId, Double> heights = new HashMap<>();
    private final Set<Form.Above> declared;

    /** A panel with its outline as seen. */
    private record Seen(Panel panel, Frame frame, Polygon shape) {}

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
            all.add(new Seen(panel, frame, Polygon.seen(panel.outline(), frame)));
            heights.put(panel.id(), height(panel, index));
            index++;
        }
    }

    private Frame frame(PanelId id) {
        return Objects.requireNonNull(frames.get(id));
    }

    /** How far a panel lies towards the viewer by being stuck, in plies; what is stuck later lies further out. */
    private double height(Panel panel, int index) {
        if (!(panel.hanging() instanceof Panel.Stuck stuck)) {
            return 0;
        }
        double host = Optional.ofNullable(heights.get(stuck.panel())).orElse(0.0);
        boolean towards =
                (stuck.side() == Side.UP) == (frame(stuck.panel()).up().z() > 0);
        boolean loose = card.join(panel.piece())
                .filter(join -> join.adhesion().kind() == Adhesion.Kind.NONE)
                .isPresent();
        double step = (loose ? OVER_ALL : 1) + index * 1e-4;
        return towards ? host + step : host - step;
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
        one.shape().sharedWith(other.shape()).ifPresent(at -> {
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
        int said = declared(one.panel(), other.panel());
        if (said != 0) {
            return (double) seenFromUp * said;
        }
        double distance = at.depthOn(one.frame()) - at.depthOn(other.frame());
        if (Math.abs(distance) > TOUCHING) {
            return distance;
        }
        PanelId first = one.panel().id();
        PanelId second = other.panel().id();
        int level = levels.level(first) - levels.level(second);
        return level != 0 ? (double) seenFromUp * level : height(first) - height(second);
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
        List<SeenPanel> sorted = new ArrayList<>();
        List<Seen> drawn = new ArrayList<>();
        Map<Seen, Set<Seen>> waiting = new LinkedHashMap<>(under);
        while (!waiting.isEmpty()) {
            Seen next = waiting.entrySet().stream()
                    .min(Comparator.comparingInt((Map.Entry<Seen, Set<Seen>> entry) -> (int) entry.getValue().stream()
                                    .filter(waiting::containsKey)
                                    .count())
                            .thenComparingDouble(entry -> entry.getKey().shape().middleDepth()))
                    .orElseThrow(() -> new IllegalStateException("something waits to be drawn"))
                    .getKey();
            waiting.remove(next);
            List<Panel> over = drawn.stream()
                    .filter(earlier ->
                            Objects.requireNonNull(under.get(earlier)).contains(next))
                    .map(Seen::panel)
                    .toList();
            drawn.add(next);
            sorted.add(new SeenPanel(next.panel(), next.frame(), over));
        }
        return sorted;
    }
}
