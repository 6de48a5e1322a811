package kwibbet.crease;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import java.util.stream.Collectors;

import kwibbet.crease.FlatFolding.CannotFold;
import kwibbet.crease.FlatFolding.Folds;
import kwibbet.crease.FlatFolding.Limits;
import kwibbet.crease.FlatFolding.Undecided;

/**
 * Counts the orders the facets of a pattern can lie in, group by group of those that depend on each other.
 *
 * @param pattern the pattern
 * @param places where its facets lie
 * @param overlaps which of them overlap
 * @param conditions what binds their order
 * @param limits how much is tried
 * @param progress who is told how far it is
 */
record OrderCounting(
        CreasePattern pattern,
        FoldedPlaces places,
        Overlaps overlaps,
        OrderConditions conditions,
        Limits limits,
        Progress progress) {

    FlatFolding all() {
        OrderSearch search = new OrderSearch(conditions.count(), conditions.conditions(), limits, progress);
        try {
            Optional<BitSet> contradiction = search.start();
            if (contradiction.isPresent()) {
                return impossible(contradiction.get());
            }
        } catch (OrderSearch.TooManyLooks many) {
            return new Undecided();
        }
        List<byte[]> kept = new ArrayList<>(List.of(search.values()));
        long count = 1;
        boolean counted = true;
        for (BitSet group : search.groups()) {
            GroupCount ways = new GroupCount(limits);
            Optional<BitSet> none = Optional.empty();
            try {
                none = search.search(group, ways::take);
            } catch (OrderSearch.TooManyLooks many) {
                if (ways.count == 0) {
                    return new Undecided();
                }
                counted = false;
            }
            if (none.isPresent()) {
                return impossible(none.get());
            }
            count = Math.min(count * ways.count, FlatFolding.MOST);
            counted &= ways.count < limits.count() && count < FlatFolding.MOST;
            kept = combined(kept, ways.kept, group);
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
        used.stream()
                .forEach(i -> conditions.conditions().get(i).facets().stream().forEach(facets::add));
        String names =
                facets.stream().map(facet -> pattern.facets().get(facet).name()).collect(Collectors.joining(", "));
        return new CannotFold(List.of(new Misfold(
                "However they are laid, these would pass through each other: " + names + ".",
                List.copyOf(facets),
                Optional.empty())));
    }

    /** The ways within one group. */
    private static final class GroupCount {

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
