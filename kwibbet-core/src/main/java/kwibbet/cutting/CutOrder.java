package kwibbet.cutting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.IntStream;

import org.jspecify.annotations.Nullable;

import kwibbet.cutting.Bar.Kind;
import kwibbet.measure.Length;

/**
 * What has been cut so far, and at which settings. Whatever can be cut at a setting is cut at it: to leave it would only ask for
 * the same setting again.
 */
final class CutOrder {

    /**
     * Something taken off a bar.
     *
     * @param setting the number of the setting, from 0
     * @param bar the bar
     * @param kind the pieces taken off, or −1 for the waste
     * @param times how often the blade comes down on the bar
     * @param fromEnd whether what stays is at the fence and what is taken falls off at the other end
     */
    record Off(int setting, int bar, int kind, int times, boolean fromEnd) {}

    private static final int WASTE = -1;

    /**
     * The bars, with the widths of their kinds at hand: they are looked up millions of times.
     *
     * @param bars the bars
     * @param widths in ticks, by bar and kind
     * @param numbers of the widths, the same for the same width
     * @param different how many different widths there are
     * @param counts how many there are of a kind, by bar and kind
     * @param edges which bars have an edge that is cut off first
     * @param wastes in ticks, by bar
     * @param mark how far the marks of the fence are apart, in ticks
     */
    @SuppressWarnings("ArrayRecordComponent") // never compared, never given away
    private record Stocked(
            List<Bar> bars,
            long[][] widths,
            int[][] numbers,
            int different,
            int[][] counts,
            boolean[] edges,
            long[] wastes,
            long mark) {
        static Stocked of(List<Bar> bars, Length mark) {
            Map<Long, Integer> known = new HashMap<>();
            long[][] widths = new long[bars.size()][];
            int[][] numbers = new int[bars.size()][];
            int[][] counts = new int[bars.size()][];
            boolean[] edges = new boolean[bars.size()];
            for (int bar = 0; bar < widths.length; bar++) {
                widths[bar] = bars.get(bar).kinds().stream()
                        .mapToLong(kind -> kind.width().toTicks())
                        .toArray();
                numbers[bar] = Arrays.stream(widths[bar])
                        .mapToInt(width -> known.computeIfAbsent(width, first -> known.size()))
                        .toArray();
                counts[bar] =
                        bars.get(bar).kinds().stream().mapToInt(Kind::count).toArray();
                edges[bar] = bars.get(bar).hasEdge();
            }
            long[] wastes =
                    bars.stream().mapToLong(bar -> bar.waste().toTicks()).toArray();
            return new Stocked(List.copyOf(bars), widths, numbers, known.size(), counts, edges, wastes, mark.toTicks());
        }
    }

    /**
     * Something that was done, and what was done before: orders that go on from one share what was done until then.
     *
     * @param what what was done
     * @param before what was done before
     * @param size how much in all
     * @param <T> what kind of thing
     */
    private record Done<T>(T what, @Nullable Done<T> before, int size) {

        static <T> Done<T> more(T what, @Nullable Done<T> before) {
            return new Done<>(what, before, sizeOf(before) + 1);
        }

        static int sizeOf(@Nullable Done<?> done) {
            return done == null ? 0 : done.size;
        }

        static <T> List<T> list(@Nullable Done<T> last) {
            List<T> backwards = new ArrayList<>(sizeOf(last));
            for (Done<T> done = last; done != null; done = done.before) {
                backwards.add(done.what);
            }
            Collections.reverse(backwards);
            return backwards;
        }
    }

    private final Stocked stocked;
    private final List<Bar> bars;
    /** A bit for each bar that is at hand. */
    private final long[] atHand;
    /** For each bar, a bit for each kind that is still on it, and the next higher for its waste. */
    private final long[] on;
    /** For each bar, the length of what is still on it. */
    private final long[] left;
    /** For each bar, the traces of all it could be cut at now: most bars at hand are passed over by one look at these. */
    private final long[] traces;

    private @Nullable Done<Off> done;
    private @Nullable Done<Long> settings;

    private CutOrder(
            Stocked stocked,
            long[] atHand,
            long[] on,
            long[] left,
            long[] traces,
            @Nullable Done<Off> done,
            @Nullable Done<Long> settings) {
        this.stocked = stocked;
        this.bars = stocked.bars();
        this.atHand = atHand.clone();
        this.on = on.clone();
        this.left = left.clone();
        this.traces = traces.clone();
        this.done = done;
        this.settings = settings;
    }

    /** Nothing cut yet, whole sheets at hand. */
    static CutOrder begin(List<Bar> bars, List<Integer> sheets, Length mark) {
        long[] on = new long[bars.size()];
        long[] left = new long[bars.size()];
        for (int place = 0; place < on.length; place++) {
            Bar bar = bars.get(place);
            int kinds = bar.kinds().size();
            on[place] = ((1L << kinds) - 1) | (bar.waste().isPositive() ? 1L << kinds : 0);
            left[place] = bar.waste().toTicks();
            for (Kind kind : bar.kinds()) {
                left[place] += kind.count() * kind.width().toTicks();
            }
        }
        long[] none = new long[words(bars.size())];
        CutOrder begin = new CutOrder(Stocked.of(bars, mark), none, on, left, new long[bars.size()], null, null);
        sheets.stream().filter(bar -> bar >= 0).forEach(begin::bring);
        IntStream.range(0, bars.size()).forEach(begin::noteTraces);
        return begin;
    }

    /** Another that goes on from here. */
    CutOrder copy() {
        return new CutOrder(stocked, atHand, on, left, traces, done, settings);
    }

    /** What was set, in order. */
    List<Long> settings() {
        return Done.list(settings);
    }

    /** How often the fence was set. */
    int howOftenSet() {
        return Done.sizeOf(settings);
    }

    List<Off> done() {
        return Done.list(done);
    }

    boolean isFinished() {
        for (long word : atHand) {
            if (word != 0) {
                return false;
            }
        }
        return true;
    }

    /** Words of 64 bits for so many. */
    private static int words(int bits) {
        return (bits + Long.SIZE - 1) / Long.SIZE;
    }

    private boolean isAtHand(int bar) {
        return (atHand[bar / Long.SIZE] & (1L << bar)) != 0;
    }

    private void bring(int bar) {
        atHand[bar / Long.SIZE] |= 1L << bar;
    }

    private void put(int bar) {
        atHand[bar / Long.SIZE] &= ~(1L << bar);
    }

    /**
     * What the fence may be set to next; a setting at which nothing can be cut is not among them.
     *
     * @param most of more than so many only those are given that most can be cut at now
     */
    List<Long> choices(int most) {
        TreeMap<Long, Integer> choices = new TreeMap<>(Comparator.reverseOrder());
        for (int bar = 0; bar < on.length; bar++) {
            if (!isAtHand(bar)) {
                continue;
            }
            if (hasEdge(bar)) {
                choices.merge(width(bar, 0), 1, Integer::sum);
                continue;
            }
            for (int kind = 0; kind < stocked.widths()[bar].length; kind++) {
                if (canBeMeasured(bar, kind)) {
                    choices.merge(width(bar, kind), 1, Integer::sum);
                }
                if (canFallOff(bar, kind)) {
                    choices.merge(left[bar] - width(bar, kind), 1, Integer::sum);
                }
            }
            if (hasWaste(bar)) {
                choices.merge(left[bar] - stocked.wastes()[bar], 1, Integer::sum);
            }
        }
        return choices.size() <= most
                ? List.copyOf(choices.keySet())
                : choices.entrySet().stream()
                        .sorted(Map.Entry.<Long, Integer>comparingByValue().reversed())
                        .limit(most)
                        .map(Map.Entry::getKey)
                        .toList();
    }

    /** This, with everything cut that can be cut at a setting. */
    CutOrder at(long setting) {
        CutOrder next = copy();
        next.cut(setting);
        return next;
    }

    /** Cuts everything that can be cut at a setting; where that is nothing, nothing is set. */
    void cut(long setting) {
        int before = Done.sizeOf(done);
        long trace = trace(setting);
        // Bars stand behind those of their pieces: what is cut off of one is at hand when its turn comes.
        for (int word = atHand.length - 1; word >= 0; word--) {
            long rest = -1;
            for (long bits = atHand[word]; bits != 0; bits = atHand[word] & rest) {
                int bit = Long.SIZE - 1 - Long.numberOfLeadingZeros(bits);
                int bar = word * Long.SIZE + bit;
                while ((traces[bar] & trace) != 0 && isAtHand(bar) && cut(bar, setting)) {
                    // as long as there is something to cut
                }
                rest = (1L << bit) - 1;
            }
        }
        if (Done.sizeOf(done) > before) {
            settings = Done.more(setting, settings);
        }
    }

    private boolean cut(int bar, long setting) {
        if (hasEdge(bar)) {
            boolean isCut = width(bar, 0) == setting;
            if (isCut) {
                take(bar, 0, false);
            }
            return isCut;
        }
        long[] widths = stocked.widths()[bar];
        for (int kind = 0; kind < widths.length; kind++) {
            if (widths[kind] == setting && canBeMeasured(bar, kind)) {
                take(bar, kind, false);
                return true;
            }
        }
        if (hasWaste(bar)) {
            boolean isCut = left[bar] - stocked.wastes()[bar] == setting;
            if (isCut) {
                done = Done.more(new Off(howOftenSet(), bar, WASTE, 1, true), done);
                on[bar] &= ~(1L << widths.length);
                left[bar] = setting;
                free(bar);
            }
            return isCut;
        }
        for (int kind = 0; kind < widths.length; kind++) {
            if (left[bar] - widths[kind] == setting && canFallOff(bar, kind)) {
                take(bar, kind, true);
                return true;
            }
        }
        return false;
    }

    /** One bit of 64 for a setting; two settings may have the same. */
    private static long trace(long setting) {
        return 1L << ((setting * 0x9E37_79B9_7F4A_7C15L) >>> 58); // the golden ratio spreads what is near
    }

    /** Notes what a bar could be cut at as it is now. */
    private void noteTraces(int bar) {
        long[] widths = stocked.widths()[bar];
        long all = hasWaste(bar) ? trace(left[bar] - stocked.wastes()[bar]) : 0;
        for (int kind = 0; kind < widths.length; kind++) {
            if (isOn(bar, kind)) {
                all |= trace(widths[kind]) | trace(left[bar] - widths[kind]);
            }
        }
        traces[bar] = all;
    }

    /** Whether a piece may be cut off by its own width: what there is no mark for is left to the last, where it need not be measured. */
    private boolean canBeMeasured(int bar, int kind) {
        return isOn(bar, kind) && (isMark(width(bar, kind)) || !hasMark(bar));
    }

    private boolean hasMark(int bar) {
        for (int kind = 0; kind < stocked.widths()[bar].length; kind++) {
            if (isOn(bar, kind) && isMark(width(bar, kind))) {
                return true;
            }
        }
        return false;
    }

    /**
     * Whether what stays may be measured instead of the piece. Not where waste stays with it: the piece would be off by whatever
     * the sheet is off. Nor where there is no mark for it, and the piece has one.
     */
    private boolean canFallOff(int bar, int kind) {
        return isOn(bar, kind)
                && !hasWaste(bar)
                && stocked.counts()[bar][kind] == 1
                && left[bar] > width(bar, kind)
                && (isMark(left[bar] - width(bar, kind)) || !isMark(width(bar, kind)));
    }

    private boolean isMark(long width) {
        return width % stocked.mark() == 0;
    }

    private void take(int bar, int kind, boolean fromEnd) {
        Kind taken = bars.get(bar).kinds().get(kind);
        on[bar] &= ~(1L << kind);
        left[bar] -= taken.count() * width(bar, kind);
        // With nothing else on the bar the last one need not be cut off.
        int times = on[bar] == 0 ? taken.count() - 1 : taken.count();
        done = Done.more(new Off(howOftenSet(), bar, kind, times, fromEnd), done);
        if (taken.next() >= 0) {
            bring(taken.next());
        }
        free(bar);
    }

    /** What is left of a bar when one piece or the waste is all that is left needs no cut. */
    private void free(int bar) {
        int kinds = stocked.widths()[bar].length;
        if (on[bar] == 0 || on[bar] == 1L << kinds) {
            put(bar);
            on[bar] = 0;
        } else if (Long.bitCount(on[bar]) == 1) {
            Kind last = bars.get(bar).kinds().get(Long.numberOfTrailingZeros(on[bar]));
            if (last.count() == 1) {
                put(bar);
                on[bar] = 0;
                if (last.next() >= 0) {
                    bring(last.next());
                }
            }
        }
        noteTraces(bar);
    }

    private long width(int bar, int kind) {
        return stocked.widths()[bar][kind];
    }

    private boolean isOn(int bar, int kind) {
        return (on[bar] & (1L << kind)) != 0;
    }

    /** Whether the edge before the first piece is still to be cut off: before that nothing else is. */
    private boolean hasEdge(int bar) {
        return stocked.edges()[bar] && isOn(bar, 0);
    }

    private boolean hasWaste(int bar) {
        return isOn(bar, stocked.widths()[bar].length);
    }

    /** How many different widths are still to be cut: about how many settings are still needed. */
    int widthsLeft() {
        long[] widths = new long[words(stocked.different())];
        for (int bar = 0; bar < on.length; bar++) {
            int[] numbers = stocked.numbers()[bar];
            for (long kinds = on[bar] & ((1L << numbers.length) - 1); kinds != 0; kinds &= kinds - 1) {
                int number = numbers[Long.numberOfTrailingZeros(kinds)];
                widths[number / Long.SIZE] |= 1L << number;
            }
        }
        int left = 0;
        for (long word : widths) {
            left += Long.bitCount(word);
        }
        return left;
    }

    /** How much is still to be cut. */
    int pieces() {
        int pieces = 0;
        for (long kinds : on) {
            pieces += Long.bitCount(kinds);
        }
        return pieces;
    }

    /** Whether both have the same left to cut. */
    boolean isAsFarAs(CutOrder other) {
        return Arrays.equals(atHand, other.atHand) && Arrays.equals(on, other.on);
    }

    /** A number that is the same for orders that are as far. */
    int progressHash() {
        return 31 * Arrays.hashCode(atHand) + Arrays.hashCode(on);
    }
}
