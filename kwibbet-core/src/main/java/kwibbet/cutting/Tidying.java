package kwibbet.cutting;

import java.util.function.Predicate;
import java.util.random.RandomGenerator;

/**
 * Makes a plan better in what comes after the fewest sheets: larger leftovers, fewer layouts, fewer settings. Some sheets are taken apart and filled anew,
 * the last of them with what is left; what is better is kept, until nothing better comes of many tries.
 *
 * <p>After G. Schrimpf, J. Schneider, H. Stamm-Wilbrandt and G. Dueck, "Record breaking optimization results using the ruin and recreate
 * principle", Journal of Computational Physics 159 (2000), doi:10.1006/jcph.1999.6413.
 */
final class Tidying {

    private static final int TRIES_IN_VAIN = 40;
    private static final int MOST_LAYOUTS = 3;

    private final CuttingTask task;
    private final RandomGenerator random;
    private final Budget budget;

    /**
     * Tidies plans of a task.
     *
     * @param task the task
     * @param random what is taken apart, and in which order it is filled
     * @param budget when to stop
     */
    Tidying(CuttingTask task, RandomGenerator random, Budget budget) {
        this.task = task;
        this.random = random;
        this.budget = budget;
    }

    /**
     * Goes on from a complete plan.
     *
     * @param isBetter is offered each plan that costs no more, and says whether it is better than all before
     */
    void from(Draft complete, Predicate<Draft> isBetter) {
        Draft best = complete;
        for (int vain = 0; vain < TRIES_IN_VAIN && !budget.isSpent(); vain++) {
            Draft other = best.copy();
            takeApart(other);
            new Filling(task, worths(), budget).finish(other, best.cost());
            if (other.isComplete() && other.cost() <= best.cost() && isBetter.test(other)) {
                best = other;
                vain = -1;
            }
        }
    }

    private void takeApart(Draft draft) {
        for (int count = 1 + random.nextInt(MOST_LAYOUTS);
                count > 0 && !draft.patterns().isEmpty();
                count--) {
            int place = random.nextInt(draft.patterns().size());
            draft.remove(place, random.nextBoolean() ? draft.copies(place) : 1);
        }
    }

    /** By area, more or less: what is large is placed first. */
    private long[] worths() {
        return task.parts().stream()
                .mapToLong(part -> Math.round(1e6 * part.size().area() * (0.8 + 0.4 * random.nextDouble())))
                .map(worth -> Math.max(1, worth))
                .toArray();
    }
}
