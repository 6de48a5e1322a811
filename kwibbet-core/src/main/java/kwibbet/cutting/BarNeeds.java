package kwibbet.cutting;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What a bar asks of the fence, in whatever order its pieces are cut off one by one: equal pieces at one setting, each by its own width; a single piece by what
 * stays, once the waste is off; the waste by all that stays. Settings are in ticks.
 *
 * @param any all settings at which something of it can be cut off
 * @param least how many settings it takes, cut by itself
 * @param before for each kind of its pieces: one of these is set before they are free; none where nothing is known or nothing is needed
 */
record BarNeeds(Set<Long> any, int least, List<Set<Long>> before) {

    /** More kinds than this have too many orders to be looked through. */
    private static final int MOST_KINDS = 8;

    /** Copies the sets. */
    BarNeeds {
        any = Set.copyOf(any);
        before = List.copyOf(before);
    }

    /** The needs of a bar whose edge, if it has one, is off. */
    static BarNeeds of(Bar bar) {
        return bar.kinds().size() > MOST_KINDS ? ofMany(bar) : new Orders(bar).needs();
    }

    private static BarNeeds ofMany(Bar bar) {
        return new BarNeeds(
                Set.of(),
                0,
                bar.kinds().stream().map(BarNeeds::ownWidthOfSeveral).toList());
    }

    private static Set<Long> ownWidthOfSeveral(Bar.Kind kind) {
        return kind.count() > 1 ? Set.of(kind.width().toTicks()) : Set.of();
    }

    /**
     * Looks through all orders of one bar. What is still on it is a number: a bit for each kind of pieces, the next higher for the waste.
     */
    private static final class Orders {

        private final List<Bar.Kind> kinds;
        private final int waste;
        private final int all;
        /** The length of some kinds together, by their bits. */
        private final long[] lengths;

        Orders(Bar bar) {
            this.kinds = bar.kinds();
            this.waste = 1 << kinds.size();
            this.all = waste - 1 | (bar.waste().isPositive() ? waste : 0);
            this.lengths = new long[waste];
            for (int some = 1; some < waste; some++) {
                Bar.Kind kind = kinds.get(Integer.numberOfTrailingZeros(some));
                lengths[some] =
                        lengths[some & some - 1] + kind.count() * kind.width().toTicks();
            }
        }

        BarNeeds needs() {
            if (isDone(all)) {
                return new BarNeeds(
                        Set.of(), 0, kinds.stream().map(kind -> Set.<Long>of()).toList());
            }
            Set<Long> any = any();
            List<Set<Long>> before = new ArrayList<>();
            for (int kind = 0; kind < kinds.size(); kind++) {
                before.add(before(kind, any));
            }
            return new BarNeeds(any, least(), before);
        }

        /** Whether what is left needs no cut. */
        private boolean isDone(int left) {
            boolean isOnePiece = Integer.bitCount(left) == 1 && left < waste;
            return left == 0
                    || left == waste
                    || (isOnePiece
                            && kinds.get(Integer.numberOfTrailingZeros(left)).count() == 1);
        }

        /** What can be left after one cut more, by its setting. */
        private Map<Long, List<Integer>> next(int left) {
            Map<Long, List<Integer>> next = new HashMap<>();
            int pieces = left & waste - 1;
            boolean hasWaste = (left & waste) != 0;
            for (int bits = pieces; bits != 0; bits &= bits - 1) {
                int bit = Integer.lowestOneBit(bits);
                Bar.Kind kind = kinds.get(Integer.numberOfTrailingZeros(bit));
                long width = kind.width().toTicks();
                next.computeIfAbsent(width, setting -> new ArrayList<>()).add(left & ~bit);
                if (!hasWaste && kind.count() == 1 && lengths[pieces] > width) {
                    next.computeIfAbsent(lengths[pieces] - width, setting -> new ArrayList<>())
                            .add(left & ~bit);
                }
            }
            if (hasWaste) {
                next.computeIfAbsent(lengths[pieces], setting -> new ArrayList<>())
                        .add(pieces);
            }
            return next;
        }

        private Set<Long> any() {
            Set<Long> any = new HashSet<>();
            Set<Integer> seen = new HashSet<>(Set.of(all));
            Deque<Integer> open = new ArrayDeque<>(seen);
            while (!open.isEmpty()) {
                next(open.remove()).forEach((setting, lefts) -> {
                    any.add(setting);
                    lefts.stream()
                            .filter(left -> !isDone(left) && seen.add(left))
                            .forEach(open::add);
                });
            }
            return any;
        }

        /** Level by level: what can be left after so many settings. */
        private int least() {
            Set<Integer> seen = new HashSet<>(Set.of(all));
            Set<Integer> now = Set.of(all);
            int settings = 0;
            while (now.stream().noneMatch(this::isDone)) {
                Set<Integer> after = new HashSet<>();
                for (int left : now) {
                    next(left).forEach((setting, lefts) -> {
                        Set<Integer> cut = new HashSet<>();
                        lefts.forEach(each -> cut(each, setting, cut));
                        after.addAll(cut);
                    });
                }
                after.removeAll(seen);
                seen.addAll(after);
                now = after;
                settings++;
            }
            return settings;
        }

        /** What can be left when more is cut at the same setting. */
        private void cut(int left, long setting, Set<Integer> cut) {
            if (cut.add(left) && !isDone(left)) {
                next(left).getOrDefault(setting, List.of()).forEach(each -> cut(each, setting, cut));
            }
        }

        /** Equal pieces are free by their own width; a single one too, by what stays, or when the waste is off that lay with it. */
        private Set<Long> before(int kind, Set<Long> any) {
            Set<Long> several = ownWidthOfSeveral(kinds.get(kind));
            if (!several.isEmpty() || (all & waste) == 0) {
                return several.isEmpty() ? any : several;
            }
            Set<Long> before = new HashSet<>();
            for (int some = 1; some < waste; some++) {
                if ((some & 1 << kind) != 0) {
                    before.add(lengths[some]);
                }
            }
            before.retainAll(any);
            return before;
        }
    }
}
