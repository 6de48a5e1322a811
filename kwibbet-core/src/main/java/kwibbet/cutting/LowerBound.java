package kwibbet.cutting;

import java.util.OptionalLong;
import java.util.stream.IntStream;

/**
 * The least that must be spent on sheets, from worths of parts.
 *
 * <p>Whatever the parts are taken to be worth: if no sheet of stock {@code s} can hold more than {@code V(s)} and all that is wanted is
 * worth {@code D}, then any plan has numbers of sheets with {@code Σ n(s) V(s) ≥ D}, and costs at least as much as the cheapest
 * such numbers (Farley's bound, A. A. Farley, "A note on bounding a class of linear programming problems, including
 * cutting stock problems", Operations Research 38 (1990), doi:10.1287/opre.38.5.922, over whole numbers of limited sheets).
 * All figures are whole numbers, so the bound holds exactly.
 */
final class LowerBound {

    private static final int MOST_LOOKS = 20_000;

    private final long[] costs;
    private final long[] most;
    private final int[] limits;
    private final Integer[] order;
    private long best = Long.MAX_VALUE;
    private int looks;

    private LowerBound(long[] costs, long[] most, int[] limits) {
        this.costs = costs;
        this.most = most;
        this.limits = limits;
        // Cheapest for what it can hold first; 128 bits are not needed, an order is all this is.
        order = IntStream.range(0, costs.length)
                .filter(s -> most[s] > 0 && limits[s] > 0)
                .boxed()
                .sorted((a, b) -> Double.compare(costs[a] / (double) most[a], costs[b] / (double) most[b]))
                .toArray(Integer[]::new);
    }

    /**
     * The least cost; nothing when there are not sheets enough, whatever is cut from them.
     *
     * @param costs what a sheet of each stock costs
     * @param most no sheet of the stock can hold parts worth more
     * @param limits how many there are
     * @param demand what all wanted parts are worth
     */
    static OptionalLong of(long[] costs, long[] most, int[] limits, long demand) {
        LowerBound search = new LowerBound(costs, most, limits);
        double spendable = search.fractional(0, demand);
        if (Double.isInfinite(spendable)) {
            return OptionalLong.empty();
        }
        search.look(0, demand, 0);
        return OptionalLong.of(search.looks < MOST_LOOKS ? search.best : (long) Math.ceil(spendable - 1e-6));
    }

    private void look(int from, long demand, long cost) {
        if (demand <= 0) {
            best = Math.min(best, cost);
            return;
        }
        if (++looks >= MOST_LOOKS || cost + Math.ceil(fractional(from, demand) - 1e-6) >= best) {
            return;
        }
        int sheet = order[from];
        long enough = Math.min(limits[sheet], (demand + most[sheet] - 1) / most[sheet]);
        for (long sheets = enough; sheets >= 0; sheets--) {
            look(from + 1, demand - sheets * most[sheet], cost + sheets * costs[sheet]);
        }
    }

    /** The least cost if sheets could be bought in fractions; infinite when there are not enough. */
    private double fractional(int from, long demand) {
        double cost = 0;
        long left = demand;
        for (int at = from; at < order.length && left > 0; at++) {
            int sheet = order[at];
            double sheets = Math.min(limits[sheet], left / (double) most[sheet]);
            cost += sheets * costs[sheet];
            left -= sheets == limits[sheet] ? Math.multiplyExact(limits[sheet], most[sheet]) : left;
        }
        return left > 0 ? Double.POSITIVE_INFINITY : cost;
    }
}
