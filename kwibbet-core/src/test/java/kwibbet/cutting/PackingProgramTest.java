package kwibbet.cutting;

import java.util.Random;

import com.google.ortools.Loader;
import com.google.ortools.linearsolver.MPConstraint;
import com.google.ortools.linearsolver.MPSolver;
import com.google.ortools.linearsolver.MPVariable;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.offset;

/** Programs held against the linear solver of OR-Tools 9 (GLOP), and against what linear programming duality asks of any answer. */
class PackingProgramTest {

    private static final double NEAR = 1e-6;

    /** Things that use 0 to 3 of each limit; many limits and worths are the same, some limits allow nothing. */
    private static final class Sample {
        private final double[] worths;
        private final double[] limits;
        private final double[][] uses;

        Sample(Random random) {
            worths = new double[2 + random.nextInt(20)];
            limits = new double[2 + random.nextInt(30)];
            uses = new double[limits.length][worths.length];
            for (int thing = 0; thing < worths.length; thing++) {
                worths[thing] = 1 + random.nextInt(3);
                uses[thing % limits.length][thing] = 1;
            }
            for (int limit = 0; limit < limits.length; limit++) {
                limits[limit] = random.nextInt(5) == 0 ? 0 : 1 + random.nextInt(2);
                for (int thing = 0; thing < worths.length; thing++) {
                    uses[limit][thing] += random.nextInt(3) == 0 ? 1 + random.nextInt(2) : 0;
                }
            }
        }

        PackingProgram program() {
            PackingProgram program = new PackingProgram(worths, limits.length);
            for (int limit = 0; limit < limits.length; limit++) {
                program.limit(limit, limits[limit]);
                for (int thing = 0; thing < worths.length; thing++) {
                    program.use(limit, thing, uses[limit][thing]);
                }
            }
            return program;
        }

        /** The same, by the other solver. */
        double elsewhere() {
            MPSolver solver = MPSolver.createSolver("GLOP");
            MPVariable[] amounts = solver.makeNumVarArray(worths.length, 0, Double.POSITIVE_INFINITY);
            for (int limit = 0; limit < limits.length; limit++) {
                MPConstraint most = solver.makeConstraint(Double.NEGATIVE_INFINITY, limits[limit]);
                for (int thing = 0; thing < worths.length; thing++) {
                    most.setCoefficient(amounts[thing], uses[limit][thing]);
                }
            }
            for (int thing = 0; thing < worths.length; thing++) {
                solver.objective().setCoefficient(amounts[thing], worths[thing]);
            }
            solver.objective().setMaximization();
            assertThat(solver.solve()).isEqualTo(MPSolver.ResultStatus.OPTIMAL);
            return solver.objective().value();
        }
    }

    @BeforeAll
    static void load() {
        Loader.loadNativeLibraries();
    }

    @Test
    void isWorthWhatAnotherSolverFinds() {
        for (int seed = 0; seed < 120; seed++) {
            Sample sample = new Sample(new Random(seed));
            int[] tries = new int[1];
            PackingProgram.Answer answer = sample.program().solve(() -> tries[0]++);
            assertThat(answer.worth()).as("seed %s", seed).isCloseTo(sample.elsewhere(), offset(NEAR));
            assertThat(tries[0]).isPositive();
            keepsTheLimits(sample, answer);
        }
    }

    /** No limit is broken, and prices that pay for every thing come to what all of it is worth: nothing can be worth more. */
    private static void keepsTheLimits(Sample sample, PackingProgram.Answer answer) {
        double paid = 0;
        for (int limit = 0; limit < sample.limits.length; limit++) {
            double used = 0;
            for (int thing = 0; thing < sample.worths.length; thing++) {
                used += sample.uses[limit][thing] * answer.amount(thing);
            }
            assertThat(used).isLessThanOrEqualTo(sample.limits[limit] + NEAR);
            assertThat(answer.price(limit)).isGreaterThanOrEqualTo(-NEAR);
            paid += sample.limits[limit] * answer.price(limit);
        }
        assertThat(paid).isCloseTo(answer.worth(), offset(NEAR));
        for (int thing = 0; thing < sample.worths.length; thing++) {
            double costs = 0;
            for (int limit = 0; limit < sample.limits.length; limit++) {
                costs += sample.uses[limit][thing] * answer.price(limit);
            }
            assertThat(costs).isGreaterThanOrEqualTo(sample.worths[thing] - NEAR);
        }
    }
}
