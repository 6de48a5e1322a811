package kwibbet.crease;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.Deque;
import java.util.List;
import java.util.function.IntPredicate;

/**
 * Where each facet of a pattern lies when some of its creases are folded.
 *
 * @param places one for each facet, in their order
 */
public record FoldedPlaces(List<Isometry> places) {

    /** Copies the list. */
    public FoldedPlaces {
        places = List.copyOf(places);
    }

    /** All creases that fold are folded. */
    public static FoldedPlaces of(CreasePattern pattern) {
        return of(pattern, crease -> true);
    }

    /**
     * Walks from facet to facet. A facet nothing leads to stays where it is.
     *
     * @param pattern the pattern
     * @param isFolded whether the crease of that index is folded, asked of those that can fold
     */
    public static FoldedPlaces of(CreasePattern pattern, IntPredicate isFolded) {
        return new Walk(pattern, isFolded).all();
    }

    /** Where a facet lies. */
    public Isometry of(int facet) {
        return places.get(facet);
    }

    /** A ring of a facet where it lies. */
    static List<Vertex> ring(List<Vertex> ring, Isometry place) {
        return ring.stream().map(place::apply).toList();
    }

    /** The indexes of creases whose two facets do not come to lie together there: round them, the paper does not close. */
    public List<Integer> open(CreasePattern pattern) {
        double tolerance = pattern.tolerance() * 4;
        List<Integer> open = new ArrayList<>();
        for (int i = 0; i < pattern.creases().size(); i++) {
            Crease crease = pattern.creases().get(i);
            Stretch one = of(crease.first()).apply(crease.line());
            Stretch other = of(crease.second()).apply(crease.line());
            boolean sameWay =
                    of(crease.first()).isMirrored() == of(crease.second()).isMirrored();
            if (one.from().distance(other.from()) > tolerance
                    || one.to().distance(other.to()) > tolerance
                    || sameWay == crease.folds()) {
                open.add(i);
            }
        }
        return open;
    }

    /** One walk over a pattern. */
    private static final class Walk {

        private final CreasePattern pattern;
        private final IntPredicate isFolded;
        private final Isometry[] places;
        private final BitSet reached = new BitSet();
        private final Deque<Integer> next = new ArrayDeque<>();

        Walk(CreasePattern pattern, IntPredicate isFolded) {
            this.pattern = pattern;
            this.isFolded = isFolded;
            this.places = new Isometry[pattern.facets().size()];
        }

        FoldedPlaces all() {
            for (int start = 0; start < places.length; start++) {
                reach(start, Isometry.SAME);
                while (!next.isEmpty()) {
                    goOnFrom(next.remove());
                }
            }
            return new FoldedPlaces(List.of(places));
        }

        private void reach(int facet, Isometry place) {
            if (!reached.get(facet)) {
                reached.set(facet);
                places[facet] = place;
                next.add(facet);
            }
        }

        private void goOnFrom(int facet) {
            Isometry here = places[facet];
            for (int index : pattern.creasesAt(facet)) {
                Crease crease = pattern.creases().get(index);
                boolean folded = crease.folds() && isFolded.test(index);
                Isometry beyond = folded ? Isometry.reflection(crease.line()).within(here) : here;
                reach(crease.across(facet), beyond);
            }
            for (Weld weld : pattern.welds()) {
                if (weld.lower() == facet) {
                    reach(weld.upper(), weld.placement().within(here));
                } else if (weld.upper() == facet) {
                    reach(weld.lower(), weld.placement().inverse().within(here));
                }
            }
        }
    }
}
