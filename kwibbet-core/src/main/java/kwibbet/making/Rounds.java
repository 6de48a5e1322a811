package kwibbet.making;

import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.stream.IntStream;

/**
 * How often something has to be taken up again: where one operation with it comes before another without it, and that before a third with it, it is put down in
 * between, in every order. The longest such chain bounds from below how often each thing is taken up.
 */
final class Rounds {

    private static final int NOTHING = -1;

    /** What each operation takes, by number. */
    private final int[] group;
    /** For each of these numbers and each operation, how often it is taken up on a chain that starts there. */
    private final int[][] times;
    /** For each of these numbers, the operations that start a chain with it, the longest first. */
    private final int[][] most;

    /**
     * What a list of operations needs.
     *
     * @param group what each takes, by number from 0
     * @param waiting what comes before what
     */
    Rounds(int[] group, Waiting waiting) {
        int size = group.length;
        int groups = Arrays.stream(group).max().orElse(NOTHING) + 1;
        int[] lastFirst = waiting.lastFirst();
        int[][] chains = new int[groups][size];
        for (int at = 0; at < size; at++) {
            int here = lastFirst[at];
            for (int later = 0; later < at; later++) {
                int then = lastFirst[later];
                if (waiting.isBefore(here, then)) {
                    for (int each = 0; each < groups; each++) {
                        boolean isAgain = group[here] == each && group[then] != each;
                        chains[each][here] = Math.max(chains[each][here], chains[each][then] + (isAgain ? 1 : 0));
                    }
                }
            }
            chains[group[here]][here] = Math.max(1, chains[group[here]][here]);
        }
        int[][] longest = new int[groups][];
        for (int each = 0; each < groups; each++) {
            int[] of = chains[each];
            longest[each] = IntStream.range(0, size)
                    .filter(here -> of[here] > 0)
                    .boxed()
                    .sorted(Comparator.comparingInt(here -> -of[here]))
                    .mapToInt(Integer::intValue)
                    .toArray();
        }
        this.group = group;
        this.times = chains;
        this.most = longest;
    }

    /**
     * How often something else is taken up at least, till nothing is left.
     *
     * @param rest what is still to be done
     * @param inHand what is in hand, or -1
     */
    int least(BitSet rest, int inHand) {
        int least = 0;
        for (int each = 0; each < most.length; each++) {
            int all = longest(each, rest, false);
            // What is in hand goes on, unless something else comes first.
            least += each == inHand ? Math.max(all - 1, longest(each, rest, true)) : all;
        }
        return inHand == NOTHING && least > 0 ? least - 1 : least;
    }

    private int longest(int each, BitSet rest, boolean withoutItFirst) {
        for (int here : most[each]) {
            if (rest.get(here) && !(withoutItFirst && group[here] == each)) {
                return times[each][here];
            }
        }
        return 0;
    }
}
