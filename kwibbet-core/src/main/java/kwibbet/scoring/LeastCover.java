package kwibbet.scoring;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * The fewest sets that together hold everything, exactly, by branch and bound; of as few, those that weigh least.
 *
 * <p>Branches on the thing that is in the fewest sets; the bound counts things of which no two are in one set.
 */
final class LeastCover {

    /** One more set always weighs more than the heaviest sets instead of lighter ones. */
    static final long ONE_SET = 1L << 40;

    private static final int MOST_LOOKS = 200_000;

    /**
     * A set.
     *
     * @param holds a bit for each thing in it
     * @param weight what it weighs besides being one more set; less than {@link #ONE_SET} over the most sets there can be
     */
    record Choice(long holds, long weight) {}

    /** For each thing, the sets it is in, the fullest first. */
    private final List<List<Choice>> in = new ArrayList<>();

    private final long[] neighbours;
    private List<Choice> best = List.of();
    private long least = Long.MAX_VALUE;
    private int looks;

    /**
     * Finds it.
     *
     * @param things how many things there are, at most 64
     * @param all the sets; each thing is in one at least
     */
    LeastCover(int things, List<Choice> all) {
        neighbours = new long[things];
        for (int thing = 0; thing < things; thing++) {
            in.add(new ArrayList<>());
        }
        for (Choice choice : undominated(all)) {
            for (long left = choice.holds; left != 0; left &= left - 1) {
                int thing = Long.numberOfTrailingZeros(left);
                neighbours[thing] |= choice.holds;
                in.get(thing).add(choice);
            }
        }
        look(things == Long.SIZE ? -1L : (1L << things) - 1, 0, new ArrayList<>());
    }

    /** A set that lies within one that weighs no more is never needed. */
    private static List<Choice> undominated(List<Choice> all) {
        Map<Long, Choice> lightest = new HashMap<>();
        all.forEach(choice ->
                lightest.merge(choice.holds, choice, (one, other) -> other.weight < one.weight ? other : one));
        List<Choice> ordered = new ArrayList<>(lightest.values());
        ordered.sort(Comparator.<Choice>comparingInt(choice -> -Long.bitCount(choice.holds))
                .thenComparingLong(Choice::weight)
                .thenComparingLong(Choice::holds));
        List<Choice> kept = new ArrayList<>();
        for (Choice choice : ordered) {
            if (kept.stream()
                    .noneMatch(larger -> (choice.holds & ~larger.holds) == 0 && larger.weight <= choice.weight)) {
                kept.add(choice);
            }
        }
        return kept;
    }

    private void look(long left, long weight, List<Choice> taken) {
        if (left == 0) {
            if (weight < least) {
                least = weight;
                best = List.copyOf(taken);
            }
            return;
        }
        if (++looks > MOST_LOOKS || weight + apart(left) * ONE_SET >= least) {
            return;
        }
        for (Choice choice : in.get(rarest(left))) {
            taken.add(choice);
            look(left & ~choice.holds, weight + ONE_SET + choice.weight, taken);
            taken.remove(taken.size() - 1);
        }
    }

    private int rarest(long left) {
        int rarest = Long.numberOfTrailingZeros(left);
        for (long rest = left; rest != 0; rest &= rest - 1) {
            int thing = Long.numberOfTrailingZeros(rest);
            if (in.get(thing).size() < in.get(rarest).size()) {
                rarest = thing;
            }
        }
        return rarest;
    }

    /** So many things are left of which no two are in one set. */
    private int apart(long left) {
        int apart = 0;
        for (long rest = left; rest != 0; apart++) {
            rest &= ~neighbours[Long.numberOfTrailingZeros(rest)];
        }
        return apart;
    }

    /** The sets. */
    List<Choice> best() {
        return best;
    }

    /** No cover has fewer sets. */
    int atLeast(int things) {
        return looks <= MOST_LOOKS ? best.size() : apart(things == Long.SIZE ? -1L : (1L << things) - 1);
    }
}
