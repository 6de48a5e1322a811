package kwibbet.cutting;

import java.util.Arrays;
import java.util.List;

/**
 * How often each of some patterns is best cut if sheets could be cut by halves and thirds, and what a part is worth then.
 *
 * <p>The program is solved from its dual, in which a pattern is a row: the most all parts together can be worth while no
 * sheet holds more than it costs ({@link PackingProgram}). Its prices say how often each pattern is cut. Worths prove bounds whatever they are.
 */
final class MasterProgram {

    /** A part that must be left out costs more than the dearest sheets it could ever need alone. */
    private static final double LEFT_OUT = 4;

    /** Nanoseconds, measured as those of {@link PatternTable}. */
    private static final int A_PROGRAM = 60_000;

    private static final long A_CELL = 24;

    private final CuttingTask task;
    private final Budget budget;

    /**
     * Programs of a task.
     *
     * @param task the task
     * @param budget what the work is counted on
     */
    MasterProgram(CuttingTask task, Budget budget) {
        this.task = task;
        this.budget = budget;
    }

    /** An answer. */
    static final class Answer {
        private final double[] copies;
        private final double[] worths;
        private final double[] scarcities;
        private final double cost;

        private Answer(double[] copies, double[] worths, double[] scarcities, double cost) {
            this.cost = cost;
            this.copies = copies;
            this.worths = worths;
            this.scarcities = scarcities;
        }

        /** What all patterns together cost. */
        double cost() {
            return cost;
        }

        /** How often a pattern is cut. */
        double copies(int pattern) {
            return copies[pattern];
        }

        /** What each part is worth, in so many to a unit of cost, rounded down. */
        long[] worths(long precision) {
            return Arrays.stream(worths)
                    .mapToLong(worth -> (long) Math.floor(Math.max(0, worth) * precision))
                    .toArray();
        }

        /** What a sheet costs, with what it counts for there being no more of it. */
        double dearness(CuttingTask task, int sheet) {
            return task.cost(sheet) + scarcities[sheet];
        }
    }

    /**
     * Solves it.
     *
     * @param patterns at least one for each wanted part
     * @param wanted how many of each part
     * @param limits how many sheets of each stock
     * @throws IllegalStateException when the solver finds no optimum, which the patterns rule out
     */
    Answer solve(List<Pattern> patterns, int[] wanted, int[] limits) {
        int parts = wanted.length;
        int sheets = limits.length;
        boolean limited = Arrays.stream(limits).anyMatch(limit -> limit < CuttingTask.UNLIMITED);
        double[] worth = new double[parts + sheets];
        double dearest = 1;
        for (int p = 0; p < parts; p++) {
            worth[p] = wanted[p];
        }
        for (int s = 0; s < sheets; s++) {
            worth[parts + s] = limits[s] < CuttingTask.UNLIMITED ? -limits[s] : 0;
            dearest = Math.max(dearest, (double) task.cost(s));
        }
        int rows = patterns.size() + (limited ? parts : 0);
        PackingProgram program = new PackingProgram(worth, rows);
        for (int row = 0; row < patterns.size(); row++) {
            Pattern pattern = patterns.get(row);
            for (int p = 0; p < parts; p++) {
                if (pattern.count(p) > 0) {
                    program.use(row, p, pattern.count(p));
                }
            }
            if (limits[pattern.sheet()] < CuttingTask.UNLIMITED) {
                program.use(row, parts + pattern.sheet(), -1);
            }
            program.limit(row, (double) task.cost(pattern.sheet()));
        }
        for (int p = 0; limited && p < parts; p++) {
            program.use(patterns.size() + p, p, 1);
            program.limit(patterns.size() + p, LEFT_OUT * dearest);
        }
        budget.spend(A_PROGRAM);
        PackingProgram.Answer answer = program.solve(() -> budget.spend(A_CELL * program.cells()));
        double[] copies = new double[patterns.size()];
        for (int row = 0; row < copies.length; row++) {
            copies[row] = answer.price(row);
        }
        double[] worths = new double[parts];
        for (int p = 0; p < parts; p++) {
            worths[p] = answer.amount(p);
        }
        double[] scarcities = new double[sheets];
        for (int s = 0; s < sheets; s++) {
            scarcities[s] = answer.amount(parts + s);
        }
        return new Answer(copies, worths, scarcities, answer.worth());
    }
}
