package kwibbet.cutting;

import java.util.Arrays;
import java.util.Random;

import org.ojalgo.matrix.store.R064Store;
import org.ojalgo.optimisation.Optimisation;
import org.ojalgo.optimisation.linear.LinearSolver;

/**
 * The most that some things can be worth together, of which so much may be taken as some limits allow: a linear program, maximize {@code worths · amounts}
 * where {@code uses × amounts ≤ limits} and no amount is below zero.
 *
 * <p>The amounts are those of a solver and may break a limit by a hair; whoever proves something by them scales them down first.
 */
final class PackingProgram {

    /** So many pivots for each row and column are enough where they lead somewhere. */
    private static final int PIVOTS = 20;

    private static final double LEAST_APART = 1e-7;
    private static final double MOST_APART = 1e-4;

    private final double[] worths;
    private final R064Store uses;
    private final R064Store limits;

    /**
     * A program in which nothing is used yet.
     *
     * @param worths what one of each thing is worth
     * @param limits how many limits there are, each 0
     */
    PackingProgram(double[] worths, int limits) {
        this.worths = worths.clone();
        this.uses = R064Store.FACTORY.make(limits, worths.length);
        this.limits = R064Store.FACTORY.make(limits, 1);
    }

    /** Says how much one of a thing uses of a limit. */
    void use(int limit, int thing, double amount) {
        uses.set(limit, thing, amount);
    }

    /** Says how much a limit allows. */
    void limit(int limit, double most) {
        limits.set(limit, 0, most);
    }

    /** What one round of solving goes over, in cells: a pivot goes over all cells, and there are about as many as the smaller side is long. */
    long cells() {
        long rows = limits.countRows();
        return rows * worths.length * Math.min(rows, worths.length);
    }

    /** An answer. */
    @SuppressWarnings("ArrayRecordComponent") // never compared, never given away
    record Answer(double[] amounts, double[] prices, double worth) {

        /** How much is taken of a thing. */
        double amount(int thing) {
            return amounts[thing];
        }

        /** What a little more of a limit would bring. */
        double price(int limit) {
            return prices[limit];
        }
    }

    /**
     * Solves it.
     *
     * @param eachTime is run before each try
     * @throws IllegalStateException when the solver finds no optimum: the program must have one
     */
    Answer solve(Runnable eachTime) {
        eachTime.run();
        LinearSolver solver = solver(limits);
        Optimisation.Result result = solver.solve();
        for (double apart = LEAST_APART; !result.getState().isOptimal() && apart < MOST_APART; apart *= 10) {
            eachTime.run();
            solver = solver(apart(apart));
            result = solver.solve();
        }
        if (!result.getState().isOptimal()) {
            throw new IllegalStateException("the linear program ended " + result.getState());
        }
        double[] amounts = new double[worths.length];
        for (int thing = 0; thing < amounts.length; thing++) {
            amounts[thing] = result.doubleValue(thing);
        }
        double[] prices = new double[(int) limits.countRows()];
        for (int limit = 0; limit < prices.length; limit++) {
            prices[limit] = solver.getDualMultiplier(limit);
        }
        return new Answer(amounts, prices, -result.getValue());
    }

    /** Pivots that lead nowhere can go round for ever where many things are worth the same. */
    private LinearSolver solver(R064Store most) {
        Optimisation.Options options = new Optimisation.Options();
        options.iterations_abort = PIVOTS * (int) (uses.countRows() + uses.countColumns());
        double[] objective = Arrays.stream(worths).map(worth -> 0 - worth).toArray();
        return LinearSolver.newBuilder(objective).inequalities(uses, most).build(options);
    }

    /**
     * Limits moved apart by a hair, so that no two give way at the same time (A. Charnes, Optimality and Degeneracy in Linear Programming,
     * Econometrica 20, 1952).
     */
    private R064Store apart(double hair) {
        Random random = new Random(1);
        R064Store apart = R064Store.FACTORY.make(limits.countRows(), 1);
        for (int row = 0; row < limits.countRows(); row++) {
            apart.set(row, 0, limits.doubleValue(row, 0) * (1 + hair * random.nextDouble()));
        }
        return apart;
    }
}
