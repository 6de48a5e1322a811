package kwibbet.crease;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;

import kwibbet.crease.Overlaps.Pair;

/**
 * Which of two facets that overlap lies nearer to the viewer, the first facet of the pattern lying with its up face to them.
 *
 * <p>Three facets that do not all share a region may lie over each other in a ring, so this is not an order of all.
 */
public final class LayerOrder {

    private final byte[][] above;

    private LayerOrder(byte[][] above) {
        this.above = above;
    }

    static LayerOrder of(int facets, OrderConditions conditions, byte[] values) {
        byte[][] above = new byte[facets][facets];
        for (int i = 0; i < values.length; i++) {
            Pair pair = conditions.pair(i);
            above[pair.one()][pair.other()] = values[i];
            above[pair.other()][pair.one()] = (byte) -values[i];
        }
        return new LayerOrder(above);
    }

    static LayerOrder of(byte[][] above) {
        return new LayerOrder(above);
    }

    /** Whether one overlaps the other and lies over it. */
    public boolean isAbove(int one, int other) {
        return above[one][other] > 0;
    }

    /** More than zero where one lies over the other, less where under, zero where they do not overlap. */
    public int compare(int one, int other) {
        return above[one][other];
    }

    /** Of each facet, those that overlap it and lie over it; or under it. */
    List<BitSet> beyond(boolean over) {
        List<BitSet> beyond = new ArrayList<>();
        for (byte[] row : above) {
            BitSet facets = new BitSet(row.length);
            for (int other = 0; other < row.length; other++) {
                facets.set(other, over ? row[other] < 0 : row[other] > 0);
            }
            beyond.add(facets);
        }
        return beyond;
    }

    /** How many facets it is about. */
    public int size() {
        return above.length;
    }

    /** Facets so that each comes after those it lies over, as far as no ring goes against that. */
    public List<Integer> fromBelow() {
        List<Integer> sorted = new ArrayList<>();
        boolean[] done = new boolean[above.length];
        while (sorted.size() < above.length) {
            int next = -1;
            int fewest = Integer.MAX_VALUE;
            for (int i = 0; i < above.length; i++) {
                int under = done[i] ? fewest : openUnder(i, done);
                if (under < fewest) {
                    fewest = under;
                    next = i;
                }
            }
            done[next] = true;
            sorted.add(next);
        }
        return sorted;
    }

    private int openUnder(int facet, boolean[] done) {
        int under = 0;
        for (int i = 0; i < above.length; i++) {
            if (!done[i] && above[facet][i] > 0) {
                under++;
            }
        }
        return under;
    }
}
