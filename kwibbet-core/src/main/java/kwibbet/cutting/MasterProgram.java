package kwibbet.cutting;

import java.util.Arrays;
import java.util.List;
import java.util.Random;

import org.ojalgo.matrix.store.R064Store;
import org.ojalgo.optimisation.Optimisation;
import org.ojalgo.optimisation.linear.LinearSolver;

/**
 * How often each of some patterns is best cut if sheets could be cut by halves and thirds, and what a part is worth then.
 *
 * <p>The program is solved from its dual, in which a pattern is a row: the most all parts together can be worth while no
 * sheet holds more than it costs. Its multipliers say how often each pattern is cut.
 */
final class MasterProgram {

    /** A part that must be left out costs more than the dearest sheets it could ever need alone. */
    private static final double LEFT_OUT = 4;

    /** Nanoseconds, measured as those of {@link PatternTable}. */
    private static final int A_PROGRAM = 60_000;

    private static final int A_CELL = 24;

    /** So many pivots for each row and column are enough where they lead somewhere. */
    private static final int PIVOTS = 20;

    private static final double LEAST_APART = 1e-7;
    private static final double MOST_APART = 1e-4;

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

    /** Pivots that lead nowhere can go round for ever where many patterns cost the same. */
    private static LinearSolver solver(double[] objective, R064Store body, R064Store most) {
        Optimisation.Options options = new Optimisation.Options();
        options.iterations_abort = PIVOTS * (int) (body.countRows() + body.countColumns());
        return LinearSolver.newBuilder(objective).inequalities(body, most).build(options);
    }

    /**
     * Costs moved apart by a hair, so that no two rows give way at the same time (A. Charnes, Optimality and Degeneracy in Linear Programming,
     * Econometrica 20, 1952). Worths prove bounds whatever they are, so nothing hangs on the hair.
     */
    private static R064Store apart(R064Store most, double hair) {
        Random random = new Random(1);
        R064Store apart = R064Store.FACTORY.make(most.countRows(), 1);
        for (int row = 0; row < most.countRows(); row++) {
            apart.set(row, 0, most.doubleValue(row, 0) * (1 + hair * random.nextDouble()));
        }
        return apart;
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
        double[] objective = new double[parts + sheets];
        double dearest = 1;
        for (int p = 0; p < parts; p++) {
            objective[p] = -wanted[p];
        }
        for (int s = 0; s < sheets; s++) {
            objective[parts + s] = limits[s] < CuttingTask.UNLIMITED ? limits[s] : 0;
            dearest = Math.max(dearest, (double) task.cost(s));
        }
        int rows = patterns.size() + (limited ? parts : 0);
        R064Store body = R064Store.FACTORY.make(rows, parts + sheets);
        R064Store most = R064Store.FACTORY.make(rows, 1);
        for (int row = 0; row < patterns.size(); row++) {
            Pattern pattern = patterns.get(row);
            for (int p = 0; p < parts; p++) {
                if (pattern.count(p) > 0) {
                    body.set(row, p, pattern.count(p));
                }
            }
            if (limits[pattern.sheet()] < CuttingTask.UNLIMITED) {
                body.set(row, parts + pattern.sheet(), -1);
            }
            most.set(row, 0, (double) task.cost(pattern.sheet()));
        }
        for (int p = 0; limited && p < parts; p++) {
            body.set(patterns.size() + p, p, 1);
            most.set(patterns.size() + p, 0, LEFT_OUT * dearest);
        }
        // A pivot goes over all cells, and there are about as many as the smaller side is long.
        budget.spend(A_PROGRAM + (long) A_CELL * rows * (parts + sheets) * Math.min(rows, parts + sheets));
        LinearSolver solver = solver(objective, body, most);
        Optimisation.Result result = solver.solve();
        for (double apart = LEAST_APART; !result.getState().isOptimal() && apart < MOST_APART; apart *= 10) {
            budget.spend((long) A_CELL * rows * (parts + sheets) * Math.min(rows, parts + sheets));
            solver = solver(objective, body, apart(most, apart));
            result = solver.solve();
        }
        if (!result.getState().isOptimal()) {
            throw new IllegalStateException("the master program ended " + result.getState());
        }
        double[] copies = new double[patterns.size()];
        for (int row = 0; row < copies.length; row++) {
            copies[row] = solver.getDualMultiplier(row);
        }
        double[] worths = new double[parts];
        for (int p = 0; p < parts; p++) {
            worths[p] = result.doubleValue(p);
        }
        double[] scarcities = new double[sheets];
        for (int s = 0; s < sheets; s++) {
            scarcities[s] = result.doubleValue(parts + s);
        }
        return new Answer(copies, worths, scarcities, -result.getValue());
    }
}
