package kwibbet.cutting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;

import kwibbet.cutting.Bar.Kind;

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

    private final List<Bar> bars;
    private final BitSet atHand;
    /** For each bar, a bit for each kind that is still on it, and the next higher for its waste. */
    private final long[] on;

    private final List<Off> done;
    private final int settings;

    private CutOrder(List<Bar> bars, BitSet atHand, long[] on, List<Off> done, int settings) {
        this.bars = bars;
        this.atHand = (BitSet) atHand.clone();
        this.on = on.clone();
        this.done = new ArrayList<>(done);
        this.settings = settings;
    }

    /** Nothing cut yet, whole sheets at hand. */
    static CutOrder begin(List<Bar> bars, List<Integer> sheets) {
        long[] on = new long[bars.size()];
        for (int bar = 0; bar < on.length; bar++) {
            int kinds = bars.get(bar).kinds().size();
            on[bar] = ((1L << kinds) - 1) | (bars.get(bar).waste().isPositive() ? 1L << kinds : 0);
        }
        BitSet atHand = new BitSet();
        sheets.stream().filter(bar -> bar >= 0).forEach(atHand::set);
        return new CutOrder(bars, atHand, on, List.of(), 0);
    }

    List<Off> done() {
        return done;
    }

    boolean isFinished() {
        return atHand.isEmpty();
    }

    /** What the fence may be set to next; a setting at which nothing can be cut is not among them. */
    List<Long> choices() {
        TreeSet<Long> choices = new TreeSet<>();
        for (int bar = atHand.nextSetBit(0); bar >= 0; bar = atHand.nextSetBit(bar + 1)) {
            long left = left(bar);
            List<Kind> kinds = bars.get(bar).kinds();
            for (int kind = 0; kind < kinds.size(); kind++) {
                if (isOn(bar, kind)) {
                    choices.add(width(bar, kind));
                    if (canFallOff(bar, kind)) {
                        choices.add(left - width(bar, kind));
                    }
                }
            }
            if (hasWaste(bar)) {
                choices.add(left - bars.get(bar).waste().toTicks());
            }
        }
        return new ArrayList<>(choices.descendingSet());
    }

    /** This, with everything cut that can be cut at a setting. */
    CutOrder at(long setting) {
        CutOrder next = new CutOrder(bars, atHand, on, done, settings + 1);
        boolean cut = true;
        while (cut) {
            cut = false;
            for (int bar = next.atHand.nextSetBit(0); bar >= 0; bar = next.atHand.nextSetBit(bar + 1)) {
                cut |= next.cut(bar, setting);
            }
        }
        return next;
    }

    private boolean cut(int bar, long setting) {
        int kinds = bars.get(bar).kinds().size();
        for (int kind = 0; kind < kinds; kind++) {
            if (isOn(bar, kind) && width(bar, kind) == setting) {
                take(bar, kind, false);
                return true;
            }
        }
        if (hasWaste(bar) && left(bar) - bars.get(bar).waste().toTicks() == setting) {
            done.add(new Off(settings - 1, bar, WASTE, 1, true));
            on[bar] &= ~(1L << kinds);
            free(bar);
            return true;
        }
        for (int kind = 0; kind < kinds; kind++) {
            if (canFallOff(bar, kind) && left(bar) - width(bar, kind) == setting) {
                take(bar, kind, true);
                return true;
            }
        }
        return false;
    }

    /**
     * Whether what stays may be measured instead of the piece. Not where waste stays with it: the piece would be off by whatever
     * the sheet is off.
     */
    private boolean canFallOff(int bar, int kind) {
        return isOn(bar, kind)
                && !hasWaste(bar)
                && bars.get(bar).kinds().get(kind).count() == 1
                && left(bar) > width(bar, kind);
    }

    private void take(int bar, int kind, boolean fromEnd) {
        Kind taken = bars.get(bar).kinds().get(kind);
        on[bar] &= ~(1L << kind);
        // With nothing else on the bar the last one need not be cut off.
        int times = on[bar] == 0 ? taken.count() - 1 : taken.count();
        done.add(new Off(settings - 1, bar, kind, times, fromEnd));
        if (taken.next() >= 0) {
            atHand.set(taken.next());
        }
        free(bar);
    }

    /** What is left of a bar when one piece or the waste is all that is left needs no cut. */
    private void free(int bar) {
        int kinds = bars.get(bar).kinds().size();
        if (on[bar] == 0 || on[bar] == 1L << kinds) {
            atHand.clear(bar);
            on[bar] = 0;
        } else if (Long.bitCount(on[bar]) == 1) {
            Kind last = bars.get(bar).kinds().get(Long.numberOfTrailingZeros(on[bar]));
            if (last.count() == 1) {
                atHand.clear(bar);
                on[bar] = 0;
                if (last.next() >= 0) {
                    atHand.set(last.next());
                }
            }
        }
    }

    /** The length of what is still on a bar. */
    private long left(int bar) {
        long left = hasWaste(bar) ? bars.get(bar).waste().toTicks() : 0;
        List<Kind> kinds = bars.get(bar).kinds();
        for (int kind = 0; kind < kinds.size(); kind++) {
            if (isOn(bar, kind)) {
                left += kinds.get(kind).count() * width(bar, kind);
            }
        }
        return left;
    }

    private long width(int bar, int kind) {
        return bars.get(bar).kinds().get(kind).width().toTicks();
    }

    private boolean isOn(int bar, int kind) {
        return (on[bar] & (1L << kind)) != 0;
    }

    private boolean hasWaste(int bar) {
        return isOn(bar, bars.get(bar).kinds().size());
    }

    /** How many different widths are still to be cut: about how many settings are still needed. */
    int widthsLeft() {
        Set<Long> widths = new HashSet<>();
        for (int bar = 0; bar < on.length; bar++) {
            for (int kind = 0; kind < bars.get(bar).kinds().size(); kind++) {
                if (isOn(bar, kind)) {
                    widths.add(width(bar, kind));
                }
            }
        }
        return widths.size();
    }

    /** How much is still to be cut. */
    int pieces() {
        return Arrays.stream(on).mapToInt(Long::bitCount).sum();
    }

    /** Whether both have the same left to cut. */
    boolean isAsFarAs(CutOrder other) {
        return atHand.equals(other.atHand) && Arrays.equals(on, other.on);
    }

    /** A number that is the same for orders that are as far. */
    int progressHash() {
        return 31 * atHand.hashCode() + Arrays.hashCode(on);
    }
}
