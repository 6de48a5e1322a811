package kwibbet.crease;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import java.util.stream.Collectors;

/** Whether a pattern folds flat, and how its facets then lie; or the proof that it cannot. */
public sealed interface FlatFolding {

    /**
     * It folds flat.
     *
     * @param pattern the pattern
     * @param places where its facets lie
     * @param orders some of the ways they can lie over each other, at least one
     * @param count how many ways there are
     * @param isCounted whether that is all of them
     * @param layers the most facets over each other anywhere
     */
    record Folds(
            CreasePattern pattern,
            FoldedPlaces places,
            List<LayerOrder> orders,
            long count,
            boolean isCounted,
            int layers)
            implements FlatFolding {

        /** Copies the list. */
        public Folds {
            orders = List.copyOf(orders);
        }

        /** The box round it as it lies: its width and its height. */
        public Vertex size() {
            double left = Double.POSITIVE_INFINITY;
            double top = Double.POSITIVE_INFINITY;
            double right = Double.NEGATIVE_INFINITY;
            double bottom = Double.NEGATIVE_INFINITY;
            for (int i = 0; i < pattern.facets().size(); i++) {
                FlatShape shape = FlatShape.of(pattern.facets().get(i), places.of(i));
                left = Math.min(left, shape.left());
                top = Math.min(top, shape.top());
                right = Math.max(right, shape.right());
                bottom = Math.max(bottom, shape.bottom());
            }
            return new Vertex(right - left, bottom - top);
        }
    }

    /**
     * It cannot fold flat.
     *
     * @param reasons why, at least one
     */
    record CannotFold(List<Misfold> reasons) implements FlatFolding {
        /** Copies the list. */
        public CannotFold {
            reasons = List.copyOf(reasons);
        }
    }

    /** It takes more tries than allowed to tell. */
    record Undecided() implements FlatFolding {}

    /**
     * How much is tried.
     *
     * @param tries how many choices are tried before it is left undecided
     * @param count how many orders are counted before it is left at that
     * @param kept how many orders are kept
     */
    record Limits(long tries, long count, int kept) {
        /** Enough for what a hand folds. */
        public static final Limits USUAL = new Limits(2_000_000, 100_000, 24);
    }

    /** Counts stop here: beyond, nobody asks how many exactly. */
    long MOST = 1_000_000_000_000L;

    /** Works out a pattern. */
    static FlatFolding of(CreasePattern pattern) {
        return of(pattern, Limits.USUAL);
    }

    /** Works out a pattern within limits. */
    static FlatFolding of(CreasePattern pattern, Limits limits) {
        List<Misfold> broken = VertexConditions.broken(pattern);
        if (!broken.isEmpty()) {
            return new CannotFold(broken);
        }
        FoldedPlaces places = FoldedPlaces.of(pattern);
        List<Integer> open = places.open(pattern);
        if (!open.isEmpty()) {
            return new CannotFold(open.stream().map(i -> apart(pattern, i)).toList());
        }
        Overlaps overlaps = Overlaps.of(pattern, places);
        OrderConditions conditions = OrderConditions.of(pattern, places, overlaps);
        return new Counting(pattern, places, overlaps, conditions, limits).all();
    }

    private static Misfold apart(CreasePattern pattern, int index) {
        Crease crease = pattern.creases().get(index);
        String one = pattern.facets().get(crease.first()).name();
        String other = pattern.facets().get(crease.second()).name();
        return new Misfold(
                "Folded flat, " + one + " and " + other
                        + " do not come together at their crease: a way round leads elsewhere.",
                List.of(crease.first(), crease.second()),
                Optional.of(crease.line().middle()));
    }

    /**
     * Searches all orders.
     *
     * @param pattern the pattern
     * @param places where its facets lie
     * @param overlaps which of them overlap
     * @param conditions what binds their order
     * @param limits how much is tried
     */
    record Counting(
            CreasePattern pattern, FoldedPlaces places, Overlaps overlaps, OrderConditions conditions, Limits limits) {

        FlatFolding all() {
            OrderSearch search = new OrderSearch(conditions.count(), conditions.conditions(), limits.tries());
            Optional<BitSet> contradiction = search.start();
            if (contradiction.isPresent()) {
                return impossible(contradiction.get());
            }
            List<byte[]> kept = new ArrayList<>(List.of(search.values()));
            long count = 1;
            boolean counted = true;
            try {
                for (BitSet group : search.groups()) {
                    GroupCount ways = new GroupCount(limits);
                    Optional<BitSet> none = search.search(group, ways::take);
                    if (none.isPresent()) {
                        return impossible(none.get());
                    }
                    count = Math.min(count * ways.count, MOST);
                    counted &= ways.count < limits.count() && count < MOST;
                    kept = combined(kept, ways.kept, group);
                }
            } catch (OrderSearch.TooManyTries many) {
                return new Undecided();
            }
            List<LayerOrder> orders = kept.stream()
                    .map(values -> LayerOrder.of(pattern.facets().size(), conditions, values))
                    .toList();
            return new Folds(pattern, places, orders, count, counted, overlaps.layers());
        }

        private List<byte[]> combined(List<byte[]> before, List<byte[]> ways, BitSet group) {
            List<byte[]> all = new ArrayList<>();
            for (byte[] way : ways) {
                for (byte[] base : before) {
                    if (all.size() < limits.kept()) {
                        byte[] both = base.clone();
                        group.stream().forEach(choice -> both[choice] = way[choice]);
                        all.add(both);
                    }
                }
            }
            return all;
        }

        private FlatFolding impossible(BitSet used) {
            TreeSet<Integer> facets = new TreeSet<>();
            used.stream().forEach(i -> conditions.conditions().get(i).facets().stream()
                    .forEach(facets::add));
            String names = facets.stream()
                    .map(facet -> pattern.facets().get(facet).name())
                    .collect(Collectors.joining(", "));
            return new CannotFold(List.of(new Misfold(
                    "However they are laid, these would pass through each other: " + names + ".",
                    List.copyOf(facets),
                    Optional.empty())));
        }
    }

    /** The ways within one group. */
    final class GroupCount {

        private final Limits limits;
        private final List<byte[]> kept = new ArrayList<>();
        private long count;

        GroupCount(Limits limits) {
            this.limits = limits;
        }

        boolean take(byte[] values) {
            count++;
            if (kept.size() < limits.kept()) {
                kept.add(values.clone());
            }
            return count < limits.count();
        }
    }
}
