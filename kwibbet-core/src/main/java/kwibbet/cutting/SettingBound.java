package kwibbet.cutting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;

import kwibbet.measure.Length;

/**
 * How many settings of a fence some bars need at least, whatever the order of their cuts.
 *
 * <p>Before a piece of a bar is free, one of a few settings was made ({@link Bar#oneOf}). Bars whose settings have none in common need a setting each: each such
 * set of settings is a letter here. A bar is there only when the bar it was part of has been cut, so the letters from a sheet down to a bar must stand in
 * the list in that order, as a subsequence. The list is a common supersequence of all those words, and is at least as long as the shortest one: a letter
 * that stands in a word twice, with another between, is needed twice; letters that are needed once only can be put in an order, so of letters whose words
 * contradict each other in a ring one is needed twice. How few letters break all rings is the feedback vertex set problem (R. M. Karp, Reducibility among
 * combinatorial problems, 1972), solved by branching over the shortest ring that is left.
 */
final class SettingBound {

    /** Rings looked at before what is proven until then is taken. */
    private static final int MOST_NODES = 20_000;

    private final List<Bar> bars;
    private final int[] parents;
    private final List<Set<Length>> letters = new ArrayList<>();
    private int nodes;

    private SettingBound(List<Bar> bars) {
        this.bars = bars;
        this.parents = new int[bars.size()];
        Arrays.fill(parents, -1);
        for (int bar = 0; bar < bars.size(); bar++) {
            for (Bar.Kind kind : bars.get(bar).kinds()) {
                if (kind.next() >= 0) {
                    parents[kind.next()] = bar;
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
        return new SettingBound(bars).run(fence);
    }

    private int run(Fence fence) {
        List<List<Set<Length>>> needed = bars.stream()
                .map(bar -> fence.holds(bar) ? needs(bar) : List.<Set<Length>>of())
                .toList();
        List<Set<Length>> all = needed.stream()
                .flatMap(List::stream)
                .distinct()
                .sorted(Comparator.comparingInt(Set::size))
                .toList();
        for (Set<Length> one : all) {
            if (letters.stream().allMatch(taken -> Collections.disjoint(taken, one))) {
                letters.add(one);
            }
        }
        List<int[]> own = needed.stream().map(this::word).toList();
        int[] times = new int[letters.size()];
        boolean[][] before = new boolean[letters.size()][letters.size()];
        for (int bar = 0; bar < bars.size(); bar++) {
            count(wordTo(bar, own), times, before);
        }
        BitSet once = new BitSet();
        IntStream.range(0, times.length).filter(letter -> times[letter] == 1).forEach(once::set);
        return Arrays.stream(times).sum() + ringsBrokenBy(once, before);
    }

    /** What is set for a bar before what; sets of settings of each of which it needs one. */
    private static List<Set<Length>> needs(Bar bar) {
        List<Set<Length>> needs = new ArrayList<>();
        if (bar.hasEdge()) {
            needs.add(Set.of(bar.kinds().get(0).width()));
        }
        Set<Length> rest = new HashSet<>(bar.withoutEdge().oneOf());
        if (!rest.isEmpty()) {
            needs.add(rest);
        }
        return needs;
    }

    private int[] word(List<Set<Length>> needs) {
        return needs.stream()
                .mapToInt(this::letterOf)
                .filter(letter -> letter >= 0)
                .toArray();
    }

    /** The letter that a set of settings is part of; −1 where it is of none. */
    private int letterOf(Set<Length> one) {
        return IntStream.range(0, letters.size())
                .filter(letter -> letters.get(letter).containsAll(one))
                .findFirst()
                .orElse(-1);
    }

    /** The letters from the sheet down to a bar; what follows itself is set once. */
    private List<Integer> wordTo(int bar, List<int[]> own) {
        List<Integer> path = new ArrayList<>();
        for (int at = bar; at >= 0; at = parents[at]) {
            path.add(0, at);
        }
        List<Integer> word = new ArrayList<>();
        for (int at : path) {
            for (int letter : own.get(at)) {
                if (word.isEmpty() || word.get(word.size() - 1) != letter) {
                    word.add(letter);
                }
            }
        }
        return word;
    }

    private static void count(List<Integer> word, int[] times, boolean[][] before) {
        Map<Integer, Integer> own = new HashMap<>();
        for (int i = 0; i < word.size(); i++) {
            own.merge(word.get(i), 1, Integer::sum);
            for (int j = i + 1; j < word.size(); j++) {
                before[word.get(i)][word.get(j)] = true;
            }
        }
        own.forEach((letter, count) -> times[letter] = Math.max(times[letter], count));
    }

    /** How few of some letters must be taken away so that the others can stand in an order; never more than that. */
    private int ringsBrokenBy(BitSet left, boolean[][] before) {
        int apart = apart(left, before);
        int best = left.cardinality();
        nodes = 0;
        int found = search(left, before, 0, best);
        return nodes > MOST_NODES ? apart : found;
    }

    private int search(BitSet left, boolean[][] before, int taken, int best) {
        nodes++;
        if (nodes > MOST_NODES || taken + apart(left, before) >= best) {
            return best;
        }
        List<Integer> ring = ring(left, before);
        if (ring.isEmpty()) {
            return taken;
        }
        int fewest = best;
        for (int letter : ring) {
            BitSet without = (BitSet) left.clone();
            without.clear(letter);
            fewest = search(without, before, taken + 1, fewest);
        }
        return fewest;
    }

    /** Rings that have no letter in common must be broken each. */
    private static int apart(BitSet all, boolean[][] before) {
        BitSet left = (BitSet) all.clone();
        int rings = 0;
        for (List<Integer> ring = ring(left, before); !ring.isEmpty(); ring = ring(left, before)) {
            ring.forEach(left::clear);
            rings++;
        }
        return rings;
    }

    /** A shortest ring; none where the letters can stand in an order. */
    private static List<Integer> ring(BitSet left, boolean[][] before) {
        List<Integer> shortest = List.of();
        for (int start = left.nextSetBit(0); start >= 0; start = left.nextSetBit(start + 1)) {
            List<Integer> ring = ringThrough(start, left, before);
            if (!ring.isEmpty() && (shortest.isEmpty() || ring.size() < shortest.size())) {
                shortest = ring;
                if (ring.size() == 2) {
                    return ring;
                }
            }
        }
        return shortest;
    }

    private static List<Integer> ringThrough(int start, BitSet left, boolean[][] before) {
        int[] from = new int[before.length];
        Arrays.fill(from, -1);
        List<Integer> queue = new ArrayList<>(List.of(start));
        for (int i = 0; i < queue.size(); i++) {
            int at = queue.get(i);
            if (at != start && before[at][start]) {
                List<Integer> ring = new ArrayList<>();
                for (int step = at; step != start; step = from[step]) {
                    ring.add(step);
                }
                ring.add(start);
                return ring;
            }
            for (int next = left.nextSetBit(0); next >= 0; next = left.nextSetBit(next + 1)) {
                if (before[at][next] && next != start && from[next] < 0) {
                    from[next] = at;
                    queue.add(next);
                }
            }
        }
        return List.of();
    }
}
