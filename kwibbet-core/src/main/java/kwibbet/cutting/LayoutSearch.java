package kwibbet.cutting;

import java.util.Arrays;
import java.util.Comparator;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.IntStream;

/**
 * Of plans with the fewest sheets of one stock, looks for one that is cut in fewer ways, and says in how few any such plan could be.
 *
 * <p>How many sheets are cut in each way is tried through, the fewest ways first; then, part after part, how many of it are on a sheet of each way, so that all
 * sheets together give as many as are wanted; what does not fit on one sheet ({@link Boxes}) is given up. Where nothing is left to try, no plan of so many
 * sheets has so few layouts.
 */
final class LayoutSearch {

    /** Work for how often one part is on a sheet of each way. */
    private static final int A_SHARE = 60;
    /** Work for one way to share out the sheets. */
    private static final int A_SPLIT = 300;
    /** Areas are whole numbers that a double may hold less exactly. */
    private static final double ROUNDING = 1e-9;
    /** So many plans of the fewest ways are looked at for large leftovers. */
    private static final int MOST_PLANS = 60;

    private final CuttingTask task;
    private final UsableSheet sheet;
    private final Function<Draft, CuttingPlan> finish;
    private final Budget budget;
    private final Boxes boxes;
    /** The large parts first: they leave the least to try. */
    private final int[] order;

    private final int[] demand;
    /** Of each part, kerf and all. */
    private final double[] areas;

    private CuttingPlan best;
    private int plans;

    private LayoutSearch(CuttingTask task, CuttingPlan plan, Function<Draft, CuttingPlan> finish, Budget budget) {
        this.task = task;
        this.sheet = task.sheets().get(0);
        this.finish = finish;
        this.budget = budget;
        this.boxes = new Boxes(sheet, task.ids(), budget);
        this.best = plan;
        this.order = IntStream.range(0, task.parts().size())
                .boxed()
                .sorted(Comparator.comparingDouble(
                        part -> -task.parts().get(part).size().area()))
                .mapToInt(Integer::intValue)
                .toArray();
        this.demand = task.demand();
        this.areas = new double[demand.length];
        sheet.items().forEach(item -> areas[item.part()] = (double) item.width() * item.height());
    }

    /**
     * The plan with what is proven of its layouts, or one that is better.
     *
     * @param task the task, whose parts can all be cut
     * @param plan a plan of it with the fewest sheets; of more than one stock it is given back
     * @param finish makes a plan of a draft
     * @param budget how much to look
     */
    static CuttingPlan fewest(CuttingTask task, CuttingPlan plan, Function<Draft, CuttingPlan> finish, Budget budget) {
        return task.sheets().size() == 1 && !plan.layouts().isEmpty()
                ? new LayoutSearch(task, plan, finish, budget).run()
                : plan;
    }

    private CuttingPlan run() {
        int ways = 1;
        while (ways < best.layouts().size() && !isIn(ways)) {
            ways++;
        }
        return best.withLayoutsAtLeast(ways);
    }

    /** Whether all can be cut in so many ways, as far as that is known. */
    private boolean isIn(int ways) {
        int[] copies = new int[ways];
        split(copies, 0, best.sheets(), best.sheets());
        return plans > 0 || budget.isSpent();
    }

    /** Every way to share out the sheets, none of them more than those before. */
    private void split(int[] copies, int way, int left, int most) {
        int others = copies.length - way - 1;
        if (others == 0) {
            if (left <= most) {
                copies[way] = left;
                budget.spend(A_SPLIT);
                new Sharing(copies).share(0);
            }
            return;
        }
        for (int count = Math.min(most, left - others); count * (others + 1) >= left && !isOver(); count--) {
            copies[way] = count;
            split(copies, way + 1, left - count, count);
        }
    }

    private boolean isOver() {
        return budget.isSpent() || plans >= MOST_PLANS;
    }

    /** How often each part is on a sheet of each way. */
    private final class Sharing {

        private final int[] copies;
        private final int[][] counts;
        private final double[] room;

        Sharing(int[] copies) {
            this.copies = copies;
            this.counts = new int[copies.length][task.parts().size()];
            this.room = new double[copies.length];
            Arrays.fill(room, sheet.area());
        }

        /** From the {@code at}th part on. */
        void share(int at) {
            if (at == order.length) {
                offer();
                return;
            }
            share(at, 0, demand[order[at]]);
        }

        private void share(int at, int way, int left) {
            budget.spend(A_SHARE);
            if (isOver()) {
                return;
            }
            int part = order[at];
            double area = areas[part];
            int most = Math.min(left / copies[way], (int) (room[way] / area + ROUNDING));
            boolean isLast = way + 1 == copies.length;
            int least = isLast ? (left + copies[way] - 1) / copies[way] : 0;
            for (int count = most; count >= least && !isOver(); count--) {
                counts[way][part] = count;
                boolean isUsual = !isLast || count * copies[way] == left;
                if (isUsual && !isMirrored(at, way) && (count == 0 || boxes.fit(counts[way]))) {
                    room[way] -= count * area;
                    if (isLast) {
                        share(at + 1);
                    } else {
                        share(at, way + 1, left - count * copies[way]);
                    }
                    room[way] += count * area;
                }
            }
            counts[way][part] = 0;
        }

        /** Of two ways with as many sheets the one with more of the first part that is not on both as often comes first. */
        private boolean isMirrored(int at, int way) {
            if (way == 0 || copies[way] != copies[way - 1]) {
                return false;
            }
            for (int i = 0; i <= at; i++) {
                int more = counts[way][order[i]] - counts[way - 1][order[i]];
                if (more != 0) {
                    return more > 0;
                }
            }
            return false;
        }

        private void offer() {
            plans++;
            if (sheet.longestCut() < Math.max(sheet.width(), sheet.height())) {
                return; // boxes know nothing of how long a cut is
            }
            Draft draft = new Draft(task);
            for (int way = 0; way < copies.length; way++) {
                Optional<Section> section = boxes.section(counts[way]);
                if (section.isEmpty()) {
                    return;
                }
                draft.add(new Pattern(0, counts[way], section.get()), copies[way]);
            }
            CuttingPlan plan = finish.apply(draft);
            if (CuttingPlan.BETTER.compare(plan, best) < 0) {
                best = best.withLayouts(plan.layouts());
            }
        }
    }
}
