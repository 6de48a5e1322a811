package kwibbet.cutting;

import java.util.Arrays;
import java.util.BitSet;
import java.util.Optional;
import java.util.stream.LongStream;

/**
 * Where along one side of a sheet a cut need be made.
 *
 * <p>A cut need only be made at sums of sides (Herz; Beasley's normal positions), and of these only at the largest sum that
 * lies within what some sum leaves of the side (raster points, after G. Scheithauer and J. Terno, "The G4-heuristic for the
 * pallet loading problem", Journal of the Operational Research Society 47 (1996), cited from memory). The raster
 * points of a part of the side are raster points of the whole: the largest sum within ⟨W − y⟩ less x is the largest within W − (y + x).
 */
final class Positions {

    private Positions() {}

    /**
     * The sums of sides up to a whole, ascending, 0 included; nothing when there are more than {@code most}.
     *
     * @param sides what lies along it
     * @param whole its length
     * @param most the largest number of sums that is looked at
     */
    static Optional<long[]> sums(long[] sides, long whole, int most) {
        long unit = LongStream.of(sides).reduce(0, Positions::commonDivisor);
        if (unit == 0) {
            return Optional.of(new long[] {0});
        }
        int[] steps = LongStream.of(sides)
                .distinct()
                .mapToInt(side -> (int) (side / unit))
                .sorted()
                .toArray();
        int end = (int) (whole / unit); // a side of paper is at most some million ticks
        BitSet sums = new BitSet(end + 1);
        sums.set(0);
        for (int sum = 0, seen = 0; sum >= 0; sum = sums.nextSetBit(sum + 1)) {
            for (int i = 0; i < steps.length && sum + steps[i] <= end; i++) {
                sums.set(sum + steps[i]);
            }
            if (++seen > most) {
                return Optional.empty();
            }
        }
        return Optional.of(sums.stream().mapToLong(place -> place * unit).toArray());
    }

    /** Of the sums of sides within a whole, its raster points. */
    static long[] raster(long[] sums, long whole) {
        return LongStream.concat(LongStream.of(0), LongStream.of(sums).map(sum -> sums[floor(sums, whole - sum)]))
                .sorted()
                .distinct()
                .toArray();
    }

    private static long commonDivisor(long a, long b) {
        return b == 0 ? a : commonDivisor(b, a % b);
    }

    /** The place of the largest position that is not more than {@code at}. */
    static int floor(long[] positions, long at) {
        int found = Arrays.binarySearch(positions, at);
        return found >= 0 ? found : -found - 2;
    }

    /** The place of the smallest position that is not less than {@code at}; the length of the array if there is none. */
    static int ceiling(long[] positions, long at) {
        int found = Arrays.binarySearch(positions, at);
        return found >= 0 ? found : -found - 1;
    }

    /** For each position and each smaller one, the place of what is left of the former beyond the latter. */
    static int[][] rests(long[] positions) {
        int[][] rests = new int[positions.length][];
        for (int i = 0; i < positions.length; i++) {
            rests[i] = new int[halves(positions, i)];
            for (int k = 1, rest = i; k < rests[i].length; k++) {
                while (positions[rest] > positions[i] - positions[k]) {
                    rest--;
                }
                rests[i][k] = rest;
            }
        }
        return rests;
    }

    /** One more than the place of the largest position within half of a position: the smaller part is named first. */
    private static int halves(long[] positions, int i) {
        int k = 1;
        while (k < i && 2 * positions[k] <= positions[i]) {
            k++;
        }
        return k;
    }
}
