package kwibbet.crease;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

import kwibbet.crease.Overlaps.Pair;

/**
 * All that binds how facets lie over each other once they are folded flat, for {@link OrderSearch}.
 *
 * <p>A choice is whether of two facets that overlap the one with the lower index lies above. In Justin's conditions, with the pairs as Akitaya, Demaine and Ku
 * take them: two folds at one place do not interleave; what goes on past a fold does not lie within it; what goes on side by side keeps its order;
 * three facets over one region are in an order. What is glued has nothing else between.
 */
final class OrderConditions {

    private final CreasePattern pattern;
    private final FoldedPlaces folded;
    private final Overlaps overlaps;
    private final int[][] pairs;
    private final List<Pair> byNumber = new ArrayList<>();
    private final List<Condition> conditions = new ArrayList<>();
    private final Set<List<Integer>> said = new HashSet<>();

    private OrderConditions(CreasePattern pattern, FoldedPlaces folded, Overlaps overlaps) {
        this.pattern = pattern;
        this.folded = folded;
        this.overlaps = overlaps;
        int facets = pattern.facets().size();
        this.pairs = new int[facets][facets];
    }

    /** The conditions of a pattern folded flat. */
    static OrderConditions of(CreasePattern pattern, FoldedPlaces folded, Overlaps overlaps) {
        OrderConditions all = new OrderConditions(pattern, folded, overlaps);
        all.numberPairs();
        all.creases();
        all.glue();
        all.known();
        overlaps.meetings().forEach(all::meeting);
        overlaps.regions().forEach(all::orders);
        return all;
    }

    List<Condition> conditions() {
        return conditions;
    }

    int count() {
        return byNumber.size();
    }

    /** The pair of that number; the choice is whether the first lies above the second. */
    Pair pair(int number) {
        return byNumber.get(number);
    }

    private void numberPairs() {
        for (BitSet region : overlaps.regions()) {
            int[] facets = region.stream().toArray();
            for (int i = 0; i < facets.length; i++) {
                for (int j = i + 1; j < facets.length; j++) {
                    if (pairs[facets[i]][facets[j]] == 0) {
                        byNumber.add(new Pair(facets[i], facets[j]));
                        pairs[facets[i]][facets[j]] = byNumber.size();
                        pairs[facets[j]][facets[i]] = -byNumber.size();
                    }
                }
            }
        }
    }

    /** The choice that one lies above the other; 0 where they do not overlap. */
    private int above(int one, int other) {
        return pairs[one][other];
    }

    private void creases() {
        for (Crease crease : pattern.creases()) {
            boolean assigned = crease.fold() == Crease.Fold.VALLEY || crease.fold() == Crease.Fold.MOUNTAIN;
            if (assigned) {
                boolean valley = crease.fold() == Crease.Fold.VALLEY;
                boolean secondAbove = valley != folded.of(crease.first()).isMirrored();
                say(secondAbove ? above(crease.second(), crease.first()) : above(crease.first(), crease.second()));
            }
        }
    }

    private void glue() {
        Bodies bodies = Bodies.of(pattern, folded);
        for (Pair pair : byNumber) {
            if (bodies.areOne(pair.one(), pair.other())) {
                boolean higher = bodies.height(pair.one()) > bodies.height(pair.other());
                say(higher ? above(pair.one(), pair.other()) : above(pair.other(), pair.one()));
            }
        }
        for (Weld weld : pattern.welds()) {
            for (BitSet region : overlaps.regions()) {
                if (weld.isGlued() && region.get(weld.lower()) && region.get(weld.upper())) {
                    region.stream()
                            .filter(other -> !bodies.areRigid(other, weld.lower()))
                            .forEach(other -> same(other, weld.lower(), other, weld.upper()));
                }
            }
        }
    }

    private void known() {
        for (Above each : pattern.known()) {
            say(above(each.upper(), each.lower()));
        }
    }

    private void meeting(Overlaps.Meeting meeting) {
        folds(meeting.leftFolds());
        folds(meeting.rightFolds());
        for (Pair through : meeting.through()) {
            meeting.leftFolds().forEach(fold -> same(through.one(), fold.one(), through.one(), fold.other()));
            meeting.rightFolds().forEach(fold -> same(through.other(), fold.one(), through.other(), fold.other()));
            for (Pair beside : meeting.through()) {
                boolean bothGoOn = through.one() == through.other() && beside.one() == beside.other();
                if (!bothGoOn && through.one() < beside.one()) {
                    same(through.one(), beside.one(), through.other(), beside.other());
                }
            }
        }
    }

    private void folds(List<Pair> folds) {
        for (int i = 0; i < folds.size(); i++) {
            for (int j = i + 1; j < folds.size(); j++) {
                notInterleaved(folds.get(i), folds.get(j));
            }
        }
    }

    private void notInterleaved(Pair fold, Pair other) {
        BitSet facets = facets(fold.one(), fold.other(), other.one(), other.other());
        List<Integer> choices = List.of(
                above(fold.one(), fold.other()),
                above(other.one(), other.other()),
                above(fold.one(), other.one()),
                above(fold.one(), other.other()),
                above(fold.other(), other.one()),
                above(fold.other(), other.other()));
        if (facets.cardinality() == 4 && !choices.contains(0) && said.add(choices)) {
            conditions.add(Condition.notInterleaved(choices, facets));
        }
    }

    /** Any three that share a region; of four and more, every three. */
    private void orders(BitSet region) {
        int[] facets = region.stream().toArray();
        for (int i = 0; i < facets.length; i++) {
            for (int j = i + 1; j < facets.length; j++) {
                for (int k = j + 1; k < facets.length; k++) {
                    int one = above(facets[i], facets[j]);
                    int two = above(facets[j], facets[k]);
                    int three = above(facets[k], facets[i]);
                    if (said.add(List.of(one, two, three))) {
                        conditions.add(Condition.notRound(one, two, three, facets(facets[i], facets[j], facets[k])));
                    }
                }
            }
        }
    }

    private void say(int choice) {
        if (choice != 0 && said.add(List.of(choice))) {
            Pair pair = pair(Math.abs(choice) - 1);
            conditions.add(Condition.known(choice, facets(pair.one(), pair.other())));
        }
    }

    private void same(int one, int other, int two, int another) {
        int first = above(one, other);
        int second = above(two, another);
        if (first != 0 && second != 0 && first != second && said.add(List.of(first, second))) {
            conditions.add(Condition.same(first, second, facets(one, other, two, another)));
        }
    }

    private static BitSet facets(int... facets) {
        BitSet set = new BitSet();
        for (int facet : facets) {
            set.set(facet);
        }
        return set;
    }
}
