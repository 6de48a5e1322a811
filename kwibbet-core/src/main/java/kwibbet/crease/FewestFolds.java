package kwibbet.crease;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.Collections;
import java.util.Deque;
import java.util.List;
import java.util.Optional;

/**
 * How many folds it takes at least to unfold a set of creases.
 *
 * <p>One fold unfolds creases on one line only. How two creases lie to each other depends on which creases between them are folded; two that lie
 * on one line for none of these ways take two folds. Creases of which no two ever share a line, then, take a fold each.
 */
final class FewestFolds {

    /** Two creases with more than these between them are taken to share a line some time. */
    private static final int MOST_BETWEEN = 8;
    /** Of more creases than these, one fold is all that is said. */
    private static final int MOST_CREASES = 24;

    private final CreasePattern pattern;
    private final double tolerance;
    private final BitSet[] apart;

    private FewestFolds(CreasePattern pattern) {
        this.pattern = pattern;
        this.tolerance = pattern.tolerance() * 8;
        this.apart = new BitSet[pattern.creases().size()];
    }

    /** One step from facet to facet: over a crease, or by a weld. */
    private record Link(int to, Optional<Integer> crease, Isometry fixed) {}

    static FewestFolds of(CreasePattern pattern) {
        FewestFolds fewest = new FewestFolds(pattern);
        List<Integer> moving = new ArrayList<>();
        for (int i = 0; i < pattern.creases().size(); i++) {
            fewest.apart[i] = new BitSet();
            if (fewest.moves(i)) {
                moving.add(i);
            }
        }
        if (moving.size() <= MOST_CREASES) {
            for (int one : moving) {
                for (int other : moving) {
                    if (one < other && fewest.areNeverInLine(one, other)) {
                        fewest.apart[one].set(other);
                        fewest.apart[other].set(one);
                    }
                }
            }
        }
        return fewest;
    }

    private boolean moves(int crease) {
        return pattern.creases().get(crease).folds()
                && !pattern.creases().get(crease).stays();
    }

    /** At least so many folds. */
    int of(BitSet folded) {
        List<Integer> chosen = new ArrayList<>();
        for (int crease = folded.nextSetBit(0); crease >= 0; crease = folded.nextSetBit(crease + 1)) {
            if (moves(crease)) {
                int each = crease;
                if (chosen.stream().allMatch(other -> apart[each].get(other))) {
                    chosen.add(crease);
                }
            }
        }
        return chosen.size();
    }

    private boolean areNeverInLine(int one, int other) {
        Crease from = pattern.creases().get(one);
        Crease to = pattern.creases().get(other);
        Optional<List<Link>> path = path(from.first(), to);
        if (path.isEmpty()) {
            return false;
        }
        List<Integer> between = path.get().stream()
                .flatMap(link -> link.crease().stream())
                .filter(this::moves)
                .toList();
        if (between.size() > MOST_BETWEEN) {
            return false;
        }
        for (int ways = 0; ways < 1 << between.size(); ways++) {
            Stretch there = to.line();
            for (int i = path.get().size() - 1; i >= 0; i--) {
                there = before(path.get().get(i), between, ways).apply(there);
            }
            if (from.line().isInLineWith(there, tolerance)) {
                return false;
            }
        }
        return true;
    }

    /** From the frame beyond a link to the frame before it. */
    private Isometry before(Link link, List<Integer> between, int ways) {
        if (link.crease().isEmpty()) {
            return link.fixed();
        }
        int crease = link.crease().get();
        int moving = between.indexOf(crease);
        boolean folded = moving < 0 ? pattern.creases().get(crease).folds() : (ways >> moving & 1) == 1;
        return folded ? Isometry.reflection(pattern.creases().get(crease).line()) : Isometry.SAME;
    }

    /** The links from a facet to the nearest one that meets a crease. */
    private Optional<List<Link>> path(int start, Crease goal) {
        Link[] by = new Link[pattern.facets().size()];
        int[] from = new int[by.length];
        BitSet reached = new BitSet();
        reached.set(start);
        Deque<Integer> next = new ArrayDeque<>(List.of(start));
        while (!next.isEmpty()) {
            int facet = next.remove();
            if (goal.touches(facet)) {
                List<Link> path = new ArrayList<>();
                for (int at = facet; at != start; at = from[at]) {
                    path.add(by[at]);
                }
                Collections.reverse(path);
                return Optional.of(path);
            }
            for (Link link : links(facet)) {
                if (!reached.get(link.to())) {
                    reached.set(link.to());
                    by[link.to()] = link;
                    from[link.to()] = facet;
                    next.add(link.to());
                }
            }
        }
        return Optional.empty();
    }

    private List<Link> links(int facet) {
        List<Link> links = new ArrayList<>();
        for (int crease : pattern.creasesAt(facet)) {
            links.add(new Link(pattern.creases().get(crease).across(facet), Optional.of(crease), Isometry.SAME));
        }
        for (Weld weld : pattern.welds()) {
            if (weld.lower() == facet) {
                links.add(new Link(weld.upper(), Optional.empty(), weld.placement()));
            } else if (weld.upper() == facet) {
                links.add(new Link(
                        weld.lower(), Optional.empty(), weld.placement().inverse()));
            }
        }
        return links;
    }
}
