package kwibbet.fold;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.Optional;

import kwibbet.crease.Crease;
import kwibbet.crease.CreasePattern;
import kwibbet.crease.Misfold;
import kwibbet.crease.Stretch;
import kwibbet.crease.Vertex;

/**
 * A pattern whose creases stop where they are told, flat or not: where its facets then stand, and whether they meet again round every vertex.
 *
 * <p>Whether facets pass through each other is not looked at.
 *
 * @param places where each facet stands
 * @param gaps creases at which the two facets do not come together
 */
public record HalfOpen(List<Frame> places, List<Misfold> gaps) {

    /** Copies the lists. */
    public HalfOpen {
        places = List.copyOf(places);
        gaps = List.copyOf(gaps);
    }

    /**
     * Stands a pattern up.
     *
     * @param pattern the pattern, of one sheet
     * @param degrees how far each crease is folded, towards the up face above zero and away from it below
     */
    public static HalfOpen of(CreasePattern pattern, List<Double> degrees) {
        Frame[] places = new Frame[pattern.facets().size()];
        List<Boolean> reached = new ArrayList<>();
        pattern.facets().forEach(facet -> reached.add(false));
        for (int start = 0; start < places.length; start++) {
            if (!reached.get(start)) {
                places[start] = Frame.FLAT;
                walk(pattern, degrees, start, places, reached);
            }
        }
        List<Frame> all = List.of(places);
        return new HalfOpen(all, gaps(pattern, all));
    }

    /**
     * The width and the height of the box round it, seen from above.
     *
     * @param pattern the pattern that stands there
     */
    public Vertex size(CreasePattern pattern) {
        DoubleSummaryStatistics across = new DoubleSummaryStatistics();
        DoubleSummaryStatistics down = new DoubleSummaryStatistics();
        for (int i = 0; i < places.size(); i++) {
            for (Vertex corner : pattern.facets().get(i).outline()) {
                Vector at = places.get(i).at(corner.x(), corner.y());
                across.accept(at.x());
                down.accept(at.y());
            }
        }
        return new Vertex(across.getMax() - across.getMin(), down.getMax() - down.getMin());
    }

    private static void walk(
            CreasePattern pattern, List<Double> degrees, int start, Frame[] places, List<Boolean> reached) {
        Deque<Integer> next = new ArrayDeque<>(List.of(start));
        reached.set(start, true);
        while (!next.isEmpty()) {
            int facet = next.remove();
            for (int i = 0; i < pattern.creases().size(); i++) {
                Crease crease = pattern.creases().get(i);
                int beyond = crease.across(facet);
                if (crease.touches(facet) && !reached.get(beyond)) {
                    reached.set(beyond, true);
                    Vertex inside = pattern.facets().get(beyond).inside();
                    places[beyond] = folded(places[facet], crease.line(), inside, degrees.get(i));
                    next.add(beyond);
                }
            }
        }
    }

    /** The frame beyond a crease: turned about it so that what lies there rises from the up face by that much. */
    private static Frame folded(Frame frame, Stretch line, Vertex beyond, double degrees) {
        Vector from = frame.at(line.from().x(), line.from().y());
        Vector along = frame.at(line.to().x(), line.to().y()).minus(from);
        Vector axis = along.times(1 / along.length());
        return frame.turnedAbout(from, axis, Math.toRadians(line.off(beyond) > 0 ? degrees : -degrees));
    }

    private static List<Misfold> gaps(CreasePattern pattern, List<Frame> places) {
        double tolerance = pattern.tolerance() * 4;
        List<Misfold> gaps = new ArrayList<>();
        for (Crease crease : pattern.creases()) {
            Frame one = places.get(crease.first());
            Frame other = places.get(crease.second());
            double gap = Math.max(
                    apart(one, other, crease.line().from()),
                    apart(one, other, crease.line().to()));
            if (gap > tolerance) {
                gaps.add(new Misfold(
                        pattern.facets().get(crease.first()).name() + " and "
                                + pattern.facets().get(crease.second()).name()
                                + " do not come together at their crease with these angles.",
                        List.of(crease.first(), crease.second()),
                        Optional.of(crease.line().middle())));
            }
        }
        return gaps;
    }

    private static double apart(Frame one, Frame other, Vertex at) {
        return one.at(at.x(), at.y()).minus(other.at(at.x(), at.y())).length();
    }
}
