package kwibbet.crease;

import java.util.BitSet;
import java.util.List;

/** Which choices for a few pairs of facets go together. */
final class Condition {

    private static final long BOTH_SAME = 0b1001;
    private static final long NOT_ROUND = 0b0111_1110;
    private static final long NOT_INTERLEAVED = notInterleaved();

    private final int[] choices;
    private final long allowed;
    private final BitSet facets;

    private Condition(int[] choices, long allowed, BitSet facets) {
        this.choices = choices;
        this.allowed = allowed;
        this.facets = facets;
    }

    /** The choices, each the number of a pair plus one, negative where the pair is taken the other way round. */
    int[] choices() {
        return choices;
    }

    /** Bit {@code i} is set where the choices may be as the bits of {@code i} say, the first choice being the lowest bit. */
    long allowed() {
        return allowed;
    }

    /** The facets it is about. */
    BitSet facets() {
        return facets;
    }

    /** A choice that is given. */
    static Condition known(int choice, BitSet facets) {
        return new Condition(new int[] {choice}, 0b10, facets);
    }

    /** Both choices are the same. */
    static Condition same(int one, int other, BitSet facets) {
        return new Condition(new int[] {one, other}, BOTH_SAME, facets);
    }

    /** Three choices that lead round do not close a ring: that there are such rings is for facets that share no region. */
    static Condition notRound(int one, int two, int three, BitSet facets) {
        return new Condition(new int[] {one, two, three}, NOT_ROUND, facets);
    }

    /** Two folds at one place: one within the other, or one over the other. */
    static Condition notInterleaved(List<Integer> choices, BitSet facets) {
        return new Condition(choices.stream().mapToInt(Integer::intValue).toArray(), NOT_INTERLEAVED, facets);
    }

    /**
     * For facets a, b folded at one crease and c, d at another, with the choices a over b, c over d, a over c, a over d, b over c,
     * b over d: all that follow from an order of the four in which the folds do not cross.
     */
    private static long notInterleaved() {
        long allowed = 0;
        for (int order = 0; order < 256; order++) {
            int a = order & 3;
            int b = order >> 2 & 3;
            int c = order >> 4 & 3;
            int d = order >> 6 & 3;
            boolean isOrder = a != b && a != c && a != d && b != c && b != d && c != d;
            if (isOrder && isBetween(c, a, b) == isBetween(d, a, b)) {
                allowed |= 1L
                        << (over(a, b)
                                | over(c, d) << 1
                                | over(a, c) << 2
                                | over(a, d) << 3
                                | over(b, c) << 4
                                | over(b, d) << 5);
            }
        }
        return allowed;
    }

    private static int over(int one, int other) {
        return one > other ? 1 : 0;
    }

    private static boolean isBetween(int middle, int one, int other) {
        return middle > one == middle < other;
    }
}
