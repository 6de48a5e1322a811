package kwibbet.fold;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

import kwibbet.card.Card;
import kwibbet.card.Panel;
import kwibbet.card.PanelId;
import kwibbet.card.Pose;
import kwibbet.card.ScoreId;
import kwibbet.crease.CreasePattern;
import kwibbet.crease.Facet;
import kwibbet.crease.Stretch;
import kwibbet.crease.Vertex;

/**
 * What runs into each other when all panels of a card swing at once, each as far on its way as the others, instead of one after the other.
 *
 * @param clashes each pair once
 */
public record Swing(List<Clash> clashes) {

    /** How far on their way panels are looked at, in parts of the whole. */
    private static final double[] WAY = {0.15, 0.3, 0.45, 0.6, 0.75, 0.9};
    /** Edges that come nearer to a panel than this, in inches, only touch it. */
    private static final double TOUCHING = 0.03;

    /** Copies the list. */
    public Swing {
        clashes = List.copyOf(clashes);
    }

    /**
     * Two panels that run into each other.
     *
     * @param one the name of one
     * @param other the name of the other
     */
    public record Clash(String one, String other) {}

    /** Swings a card shut. */
    public static Swing of(Card card, CardPattern pattern) {
        Pose shut = card.form().pose(Pose.SHUT);
        boolean[][] clash =
                new boolean[pattern.facets().size()][pattern.facets().size()];
        for (double way : WAY) {
            Map<ScoreId, Integer> angles = new HashMap<>();
            shut.angles().forEach((score, degrees) -> angles.put(score, (int) Math.round(degrees * way)));
            Map<PanelId, Frame> standing = FoldedView.standing(card, shut.folded(angles));
            look(pattern, standing, clash);
        }
        List<Clash> clashes = new ArrayList<>();
        for (int one = 0; one < clash.length; one++) {
            for (int other = one + 1; other < clash.length; other++) {
                if (clash[one][other] || clash[other][one]) {
                    clashes.add(new Clash(name(pattern, one), name(pattern, other)));
                }
            }
        }
        return new Swing(clashes.stream().distinct().toList());
    }

    private static String name(CardPattern pattern, int facet) {
        return pattern.pattern().facets().get(facet).name();
    }

    private static void look(CardPattern pattern, Map<PanelId, Frame> standing, boolean[][] clash) {
        for (int one = 0; one < clash.length; one++) {
            for (int other = 0; other < clash.length; other++) {
                if (one != other && !areJoined(pattern.pattern(), one, other)) {
                    clash[one][other] |= runsThrough(
                            pattern.pattern().facets().get(one),
                            frame(pattern.facets().get(one), standing),
                            pattern.pattern().facets().get(other),
                            frame(pattern.facets().get(other), standing));
                }
            }
        }
    }

    private static Frame frame(Panel panel, Map<PanelId, Frame> standing) {
        return Objects.requireNonNull(standing.get(panel.id()));
    }

    private static boolean areJoined(CreasePattern pattern, int one, int other) {
        boolean crease = pattern.creases().stream().anyMatch(each -> each.touches(one) && each.touches(other));
        return crease
                || pattern.welds().stream()
                        .anyMatch(weld -> (weld.lower() == one && weld.upper() == other)
                                || (weld.lower() == other && weld.upper() == one));
    }

    /** Whether an edge of one, or a line from its middle to an edge, goes through the paper of the other. */
    private static boolean runsThrough(Facet one, Frame frame, Facet other, Frame plane) {
        return lines(one).stream().anyMatch(line -> {
            Vector from = within(plane, frame, line.from());
            Vector to = within(plane, frame, line.to());
            boolean crosses = Math.min(from.z(), to.z()) < -TOUCHING && Math.max(from.z(), to.z()) > TOUCHING;
            double share = from.z() / (from.z() - to.z());
            Vector at = from.plus(to.minus(from).times(share));
            return crosses && isWellOn(other, at.x(), at.y());
        });
    }

    /** Panels as high as each other meet with their edges first: lines from the middle are looked at too. */
    private static List<Stretch> lines(Facet facet) {
        List<Stretch> lines = new ArrayList<>();
        List<Vertex> corners = facet.outline();
        Vertex middle = corners.stream().reduce(new Vertex(0, 0), Vertex::plus).times(1.0 / corners.size());
        for (int i = 0; i < corners.size(); i++) {
            Stretch side = new Stretch(corners.get(i), corners.get((i + 1) % corners.size()));
            lines.add(side);
            lines.add(new Stretch(middle, side.middle()));
        }
        return lines;
    }

    private static boolean isWellOn(Facet facet, double x, double y) {
        return facet.covers(new Vertex(x - TOUCHING, y - TOUCHING))
                && facet.covers(new Vertex(x + TOUCHING, y - TOUCHING))
                && facet.covers(new Vertex(x - TOUCHING, y + TOUCHING))
                && facet.covers(new Vertex(x + TOUCHING, y + TOUCHING));
    }

    /** A corner of a standing facet as it is seen from another plane: along it, and off it. */
    private static Vector within(Frame plane, Frame frame, Vertex corner) {
        Vector from = frame.at(corner.x(), corner.y()).minus(plane.origin());
        return new Vector(from.dot(plane.right()), from.dot(plane.down()), from.dot(plane.up()));
    }
}
