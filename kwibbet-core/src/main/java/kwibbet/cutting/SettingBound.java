package kwibbet.cutting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * How many settings of a fence some bars need at least, in whatever order their pieces are cut off ({@link BarNeeds}).
 *
 * <p>Each bar asks for some settings out of a set of them: so many for itself, one before pieces of a kind are free. A bar is there only when the bar it was part
 * of has been cut, so what is asked for from the sheet down to it comes in that order. From that three kinds of demands follow, each that at least so many settings
 * are out of a set:
 * <ul>
 *   <li>what a bar asks for;
 *   <li>two out of one set that is asked for twice on the way down to a bar, with a set between that has nothing in common with either;
 *   <li>of sets without anything in common that ask for each other in a ring, one more than there are sets: with one each, each would come before itself.
 * </ul>
 *
 * <p>The fewest settings that meet all demands are bounded by linear programming duality: whatever worths of demands come to no more than one on each setting, no
 * fewer settings than their sum are enough. Rings are added as the program breaks them, the shortest way round being looked for as in separating odd cycles
 * (M. Grötschel, L. Lovász, A. Schrijver, Geometric Algorithms and Combinatorial Optimization, 1988, section 8.3). What is left out of the program only makes the
 * bound smaller.
 */
final class SettingBound {

    /** More demands, or sets that are compared, than these are left out. */
    private static final int MOST_DEMANDS = 500;

    private static final int MOST_SETS = 400;
    private static final int MOST_ROUNDS = 40;

    /** What solvers are off by is far less, and no two bounds are that near. */
    private static final double SURE = 1e-6;

    private final List<Bar> bars;
    private final Fence fence;
    private final int[] parents;
    /** Which kind of its parent's pieces a bar is. */
    private final int[] kinds;

    private final Map<Long, Integer> numbers = new HashMap<>();
    private final List<List<BitSet>> needs = new ArrayList<>();
    private final List<List<BitSet>> before = new ArrayList<>();
    private final Map<BitSet, Integer> demands = new LinkedHashMap<>();

    private final List<BitSet> sets = new ArrayList<>();
    private final Map<BitSet, Integer> places = new HashMap<>();
    /** Of each set the places of those that come after it. */
    private final List<BitSet> after = new ArrayList<>();

    private SettingBound(List<Bar> bars, Fence fence) {
        this.bars = bars;
        this.fence = fence;
        this.parents = new int[bars.size()];
        this.kinds = new int[bars.size()];
        Arrays.fill(parents, -1);
        for (int bar = 0; bar < parents.length; bar++) {
            for (int kind = 0; kind < bars.get(bar).kinds().size(); kind++) {
                int next = bars.get(bar).kinds().get(kind).next();
                if (next >= 0) {
                    parents[next] = bar;
                    kinds[next] = kind;
                }
            }
        }
    }

    /**
     * A number of settings that no order needs fewer than.
     *
     * @param bars the bars, of all sheets
     * @param fence the fence; what it cannot hold is cut without one
     */
    static int of(List<Bar> bars, Fence fence) {
        SettingBound bound = new SettingBound(bars, fence);
        IntStream.range(0, bars.size()).forEach(bound::demand);
        IntStream.range(0, bars.size()).forEach(bound::order);
        bound.passOn();
        return bound.solve();
    }

    /** What a bar asks for by itself. */
    private void demand(int place) {
        Bar bar = bars.get(place);
        List<BitSet> own = new ArrayList<>();
        List<BitSet> free = new ArrayList<>();
        if (fence.holds(bar)) {
            BarNeeds asked = BarNeeds.of(bar.withoutEdge());
            asked.before().forEach(set -> free.add(numbered(set)));
            own.addAll(free.stream().filter(set -> !set.isEmpty()).distinct().toList());
            own.forEach(set -> demand(set, 1));
            if (asked.least() > 0) {
                demand(numbered(asked.any()), asked.least());
                own.add(numbered(asked.any()));
            }
            edge(bar).ifPresent(set -> demand(set, 1));
        }
        needs.add(own);
        before.add(free);
    }

    private Optional<BitSet> edge(Bar bar) {
        return bar.hasEdge() && fence.holds(bar)
                ? Optional.of(numbered(Set.of(bar.kinds().get(0).width().toTicks())))
                : Optional.empty();
    }

    private BitSet numbered(Set<Long> settings) {
        BitSet numbered = new BitSet();
        settings.stream()
                .sorted()
                .forEach(each -> numbered.set(numbers.computeIfAbsent(each, first -> numbers.size())));
        return numbered;
    }

    private void demand(BitSet set, int count) {
        demands.merge(set, count, Math::max);
    }

    /** What a bar asks for comes after what is asked for on the way down to it. */
    private void order(int place) {
        List<BitSet> way = new ArrayList<>();
        for (int at = place; parents[at] >= 0; at = parents[at]) {
            List<BitSet> free = before.get(parents[at]);
            int kind = kinds[at] - (bars.get(parents[at]).hasEdge() ? 1 : 0);
            if (kind >= 0 && kind < free.size() && !free.get(kind).isEmpty()) {
                way.add(free.get(kind));
            }
            edge(bars.get(parents[at])).ifPresent(way::add);
        }
        edge(bars.get(place)).ifPresent(edge -> {
            comesAfter(edge, way);
            way.add(0, edge);
        });
        needs.get(place).forEach(set -> comesAfter(set, way));
    }

    /**
     * Notes that a set is asked for after others.
     *
     * @param way the others, the one right before it first
     */
    private void comesAfter(BitSet set, List<BitSet> way) {
        for (int far = 0; far < way.size(); far++) {
            BitSet first = way.get(far);
            if (!first.intersects(set)) {
                after.get(place(first)).set(place(set));
            } else if (way.subList(0, far).stream()
                    .anyMatch(between -> !between.intersects(first) && !between.intersects(set))) {
                BitSet both = (BitSet) first.clone();
                both.or(set);
                demand(both, 2);
            }
        }
    }

    private int place(BitSet set) {
        return places.computeIfAbsent(set, first -> {
            sets.add(first);
            after.add(new BitSet());
            return sets.size() - 1;
        });
    }

    /** Where one only is set out of a set, it is the one that is set out of any part of it which is asked for: what comes before or after that does so here. */
    private void passOn() {
        List<BitSet> own = after.stream().map(each -> (BitSet) each.clone()).toList();
        for (int part = 0; part < sets.size() && sets.size() <= MOST_SETS; part++) {
            for (int whole = 0; whole < sets.size(); whole++) {
                if (part == whole || !isPartOf(sets.get(part), sets.get(whole))) {
                    continue;
                }
                after.get(whole).or(own.get(part));
                for (int first = 0; first < sets.size(); first++) {
                    if (own.get(first).get(part)) {
                        after.get(first).set(whole);
                    }
                }
            }
        }
    }

    private static boolean isPartOf(BitSet part, BitSet whole) {
        BitSet rest = (BitSet) part.clone();
        rest.andNot(whole);
        return rest.isEmpty();
    }

    private int solve() {
        double most = 0;
        for (int round = 0; round < MOST_ROUNDS && !demands.isEmpty(); round++) {
            List<Map.Entry<BitSet, Integer>> asked =
                    List.copyOf(demands.entrySet()).subList(0, Math.min(MOST_DEMANDS, demands.size()));
            PackingProgram.Answer answer = program(asked).solve(() -> {});
            most = Math.max(most, proven(asked, answer));
            int before = demands.size();
            addRings(answer);
            if (demands.size() == before || demands.size() > MOST_DEMANDS) {
                break;
            }
        }
        return (int) Math.ceil(most - SURE);
    }

    private PackingProgram program(List<Map.Entry<BitSet, Integer>> asked) {
        PackingProgram program = new PackingProgram(
                asked.stream().mapToDouble(Map.Entry::getValue).toArray(), numbers.size());
        for (int demand = 0; demand < asked.size(); demand++) {
            int thing = demand;
            asked.get(demand).getKey().stream().forEach(setting -> program.use(setting, thing, 1));
        }
        IntStream.range(0, numbers.size()).forEach(setting -> program.limit(setting, 1));
        return program;
    }

    /** What the worths of an answer prove, scaled down so that none of them breaks a limit. */
    private double proven(List<Map.Entry<BitSet, Integer>> asked, PackingProgram.Answer answer) {
        double[] on = new double[numbers.size()];
        double sum = 0;
        for (int demand = 0; demand < asked.size(); demand++) {
            double worth = Math.max(0, answer.amount(demand));
            sum += worth * asked.get(demand).getValue();
            asked.get(demand).getKey().stream().forEach(setting -> on[setting] += worth);
        }
        return sum / Math.max(1, Arrays.stream(on).max().orElse(1));
    }

    /** Demands of rings that the settings of an answer do not meet. */
    private void addRings(PackingProgram.Answer answer) {
        if (sets.size() > MOST_SETS) {
            return;
        }
        double[] spare = new double[sets.size()];
        for (int set = 0; set < spare.length; set++) {
            spare[set] = Math.max(
                    0, sets.get(set).stream().mapToDouble(answer::price).sum() - 1);
        }
        IntStream.range(0, spare.length)
                .filter(set -> spare[set] < 1 - SURE)
                .mapToObj(set -> ring(set, spare))
                .forEach(this::demandRing);
    }

    private void demandRing(List<BitSet> ring) {
        BitSet all = new BitSet();
        ring.forEach(all::or);
        boolean isApart = ring.stream().mapToInt(BitSet::cardinality).sum() == all.cardinality();
        if (isApart && !ring.isEmpty()) {
            demand(all, ring.size() + 1);
        }
    }

    /** A ring through a set with the least to spare, if that is less than one; shortest ways after E. W. Dijkstra, 1959. */
    private List<BitSet> ring(int start, double[] spare) {
        double[] way = new double[spare.length];
        int[] from = new int[spare.length];
        Arrays.fill(way, 1 - SURE);
        way[start] = spare[start];
        BitSet open = new BitSet();
        open.set(start);
        BitSet closed = new BitSet();
        while (!open.isEmpty()) {
            int at = open.stream()
                    .boxed()
                    .min((one, other) -> Double.compare(way[one], way[other]))
                    .orElse(start);
            open.clear(at);
            closed.set(at);
            if (after.get(at).get(start)) {
                return back(at, start, from);
            }
            after.get(at).stream()
                    .filter(next -> !closed.get(next) && way[at] + spare[next] < way[next])
                    .forEach(next -> {
                        way[next] = way[at] + spare[next];
                        from[next] = at;
                        open.set(next);
                    });
        }
        return List.of();
    }

    private List<BitSet> back(int end, int start, int[] from) {
        List<BitSet> ring = new ArrayList<>();
        for (int at = end; at != start; at = from[at]) {
            ring.add(sets.get(at));
        }
        ring.add(sets.get(start));
        return ring;
    }
}
