package kwibbet.cutting;

import java.util.OptionalLong;
import java.util.Random;

import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

class LowerBoundTest {

    /** All numbers of sheets there can be, of up to four sizes: the cheapest that hold enough. */
    private static OptionalLong cheapest(long[] costs, long[] most, int[] limits, int from, long demand) {
        if (demand <= 0) {
            return OptionalLong.of(0);
        }
        if (from == costs.length) {
            return OptionalLong.empty();
        }
        OptionalLong best = OptionalLong.empty();
        for (int sheets = 0; sheets <= limits[from]; sheets++) {
            OptionalLong rest = cheapest(costs, most, limits, from + 1, demand - sheets * most[from]);
            long cost = sheets * costs[from] + rest.orElse(0);
            if (rest.isPresent() && (best.isEmpty() || cost < best.getAsLong())) {
                best = OptionalLong.of(cost);
            }
        }
        return best;
    }

    @Test
    void isTheCheapestOfAllNumbersOfSheets() {
        Random random = new Random(5);
        int none = 0;
        for (int round = 0; round < 2000; round++) {
            int stocks = 1 + random.nextInt(4);
            long[] costs = random.longs(stocks, 1, 12).toArray();
            long[] most = random.longs(stocks, 0, 9).toArray();
            int[] limits = random.ints(stocks, 0, 6).toArray();
            long demand = random.nextInt(40);
            OptionalLong expected = cheapest(costs, most, limits, 0, demand);
            none += expected.isEmpty() ? 1 : 0;
            assertThat(LowerBound.of(costs, most, limits, demand)).isEqualTo(expected);
        }
        assertThat(none).isBetween(200, 1800);
    }

    /** Where there are too many numbers to look at all of them, sheets in fractions still bound them: here 1001 worth at 1/3 each, rounded up. */
    @Test
    void isNeverAboveWhatFractionsOfSheetsCost() {
        int stocks = 40;
        long[] costs = new Random(3).longs(stocks, 1_000_003, 1_000_900).toArray();
        long[] most = new Random(4).longs(stocks, 2_999_000, 3_000_900).toArray();
        int[] limits = new Random(6).ints(stocks, 3, 4).toArray();
        long bound = LowerBound.of(costs, most, limits, 150_000_001).orElseThrow();
        double cheapest = 0;
        for (int s = 0; s < stocks; s++) {
            cheapest = Math.max(cheapest, most[s] / (double) costs[s]);
        }
        assertThat(bound).isBetween((long) (150_000_001 / cheapest), 51 * 1_000_900L);
    }
}
