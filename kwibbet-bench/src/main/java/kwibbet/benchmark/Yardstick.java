package kwibbet.benchmark;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalLong;

import com.google.ortools.Loader;
import com.google.ortools.linearsolver.MPConstraint;
import com.google.ortools.linearsolver.MPObjective;
import com.google.ortools.linearsolver.MPSolver;
import com.google.ortools.linearsolver.MPVariable;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;

import kwibbet.cutting.CuttingJob;
import kwibbet.cutting.Part;
import kwibbet.cutting.Stock;
import kwibbet.measure.Length;

/**
 * Another way to plan a job, to be compared with: column generation over two-stage patterns (strips, each cut across), its linear programs
 * solved by GLOP, and whole sheets chosen among all patterns found by CP-SAT, both of OR-Tools. Shares no code with the planner.
 *
 * <p>Two stages are fewer than a trimmer can do, so it is a yardstick, not an optimum.
 */
final class Yardstick {

    private static final double SIXTEENTH = Length.TICKS_PER_INCH / 16.0;

    private record Side(int part, int along, int across) {}

    private record Column(int stock, List<Integer> counts) {}

    private final CuttingJob job;
    private final List<Column> columns = new ArrayList<>();

    private Yardstick(CuttingJob job) {
        this.job = job;
    }

    /**
     * The fewest sheets it finds.
     *
     * @param job a job with sides in sixteenths of an inch
     * @param seconds how long CP-SAT may look
     * @return nothing where it finds no plan
     */
    static OptionalLong sheets(CuttingJob job, double seconds) {
        Loader.loadNativeLibraries();
        return new Yardstick(job).solve(seconds);
    }

    private OptionalLong solve(double seconds) {
        int parts = job.parts().size();
        for (int p = 0; p < parts; p++) {
            double[] one = new double[parts];
            one[p] = 1;
            price(one, new double[job.stocks().size()], 0);
        }
        for (int round = 0; round < 400; round++) {
            double[] duals = new double[parts];
            double[] scarce = new double[job.stocks().size()];
            if (!linear(duals, scarce) || !price(duals, scarce, 1 + 1e-7)) {
                break;
            }
        }
        return integer(seconds);
    }

    /** Solves the linear program and fills in the duals; false where it has no answer. */
    private boolean linear(double[] duals, double[] scarce) {
        MPSolver solver = MPSolver.createSolver("GLOP");
        MPConstraint[] rows = new MPConstraint[duals.length];
        for (int p = 0; p < rows.length; p++) {
            rows[p] = solver.makeConstraint(job.parts().get(p).count(), Double.POSITIVE_INFINITY);
        }
        MPConstraint[] limits = new MPConstraint[scarce.length];
        for (int s = 0; s < limits.length; s++) {
            limits[s] = solver.makeConstraint(
                    Double.NEGATIVE_INFINITY, job.stocks().get(s).onHand().orElse(1_000_000));
        }
        MPObjective objective = solver.objective();
        for (Column column : columns) {
            MPVariable copies = solver.makeNumVar(0, Double.POSITIVE_INFINITY, "");
            objective.setCoefficient(copies, 1);
            limits[column.stock].setCoefficient(copies, 1);
            for (int p = 0; p < rows.length; p++) {
                rows[p].setCoefficient(copies, column.counts.get(p));
            }
        }
        objective.setMinimization();
        if (solver.solve() != MPSolver.ResultStatus.OPTIMAL) {
            return false;
        }
        Arrays.setAll(duals, p -> Math.max(0, rows[p].dualValue()));
        Arrays.setAll(scarce, s -> -limits[s].dualValue());
        return true;
    }

    /** Adds the best two-stage pattern of each stock and direction; whether any is worth more than it costs. */
    private boolean price(double[] worths, double[] scarce, double least) {
        boolean better = false;
        for (int s = 0; s < job.stocks().size(); s++) {
            for (boolean upright : new boolean[] {false, true}) {
                better |= price(worths, least == 0 ? 0 : least + scarce[s], s, upright);
            }
        }
        return better;
    }

    private boolean price(double[] worths, double least, int stock, boolean upright) {
        Stock sheets = job.stocks().get(stock);
        int length =
                sixteenths(upright ? sheets.sheet().height() : sheets.sheet().width());
        int depth = sixteenths(upright ? sheets.sheet().width() : sheets.sheet().height());
        List<Side> sides = sides(sheets, upright);
        int[] depths = sides.stream()
                .mapToInt(Side::across)
                .filter(each -> each <= depth)
                .distinct()
                .sorted()
                .toArray();
        double[] stripWorth = new double[depths.length];
        List<List<Integer>> strips = new ArrayList<>();
        for (int d = 0; d < depths.length; d++) {
            int across = depths[d];
            List<Side> lying = sides.stream()
                    .filter(side -> side.across <= across && side.along <= length)
                    .toList();
            double[] values =
                    lying.stream().mapToDouble(side -> worths[side.part]).toArray();
            int[] widths = lying.stream().mapToInt(Side::along).toArray();
            int[] chosen = new int[length + 1];
            stripWorth[d] = knapsack(length, widths, values, chosen);
            List<Integer> strip = new ArrayList<>(java.util.Collections.nCopies(worths.length, 0));
            for (int place : taken(length, widths, chosen)) {
                strip.set(lying.get(place).part, strip.get(lying.get(place).part) + 1);
            }
            strips.add(strip);
        }
        int[] chosen = new int[depth + 1];
        double value = knapsack(depth, depths, stripWorth, chosen);
        if (value <= least) {
            return false;
        }
        List<Integer> counts = new ArrayList<>(java.util.Collections.nCopies(worths.length, 0));
        for (int place : taken(depth, depths, chosen)) {
            for (int p = 0; p < worths.length; p++) {
                counts.set(p, counts.get(p) + strips.get(place).get(p));
            }
        }
        columns.add(new Column(stock, counts));
        return true;
    }

    private List<Side> sides(Stock stock, boolean upright) {
        List<Side> sides = new ArrayList<>();
        for (int p = 0; p < job.parts().size(); p++) {
            Part part = job.parts().get(p);
            for (boolean turned : part.on(stock.id()).ways()) {
                int width = sixteenths(part.room(turned).width());
                int height = sixteenths(part.room(turned).height());
                sides.add(upright ? new Side(p, height, width) : new Side(p, width, height));
            }
        }
        return sides;
    }

    private static int sixteenths(Length length) {
        return (int) Math.round(length.toTicks() / SIXTEENTH);
    }

    /** The best filling of a length, any item as often as it pays; the item that ends at each place, or −1. */
    private static double knapsack(int whole, int[] lengths, double[] values, int[] chosen) {
        double[] best = new double[whole + 1];
        Arrays.fill(chosen, -1);
        for (int at = 1; at <= whole; at++) {
            best[at] = best[at - 1];
            for (int i = 0; i < lengths.length; i++) {
                if (lengths[i] <= at && best[at - lengths[i]] + values[i] > best[at] + 1e-12) {
                    best[at] = best[at - lengths[i]] + values[i];
                    chosen[at] = i;
                }
            }
        }
        return best[whole];
    }

    private static List<Integer> taken(int whole, int[] lengths, int[] chosen) {
        List<Integer> taken = new ArrayList<>();
        int at = whole;
        while (at > 0) {
            if (chosen[at] < 0) {
                at--;
            } else {
                taken.add(chosen[at]);
                at -= lengths[chosen[at]];
            }
        }
        return taken;
    }

    private OptionalLong integer(double seconds) {
        CpModel model = new CpModel();
        Map<Column, IntVar> copies = new HashMap<>();
        for (Column column : columns) {
            long most = Math.min(
                    job.pieces(), job.stocks().get(column.stock).onHand().orElse(1_000_000));
            copies.computeIfAbsent(column, each -> model.newIntVar(0, most, ""));
        }
        for (int p = 0; p < job.parts().size(); p++) {
            LinearExprBuilder cut = LinearExpr.newBuilder();
            int part = p;
            copies.forEach((column, variable) -> cut.addTerm(variable, column.counts.get(part)));
            model.addGreaterOrEqual(cut, job.parts().get(p).count());
        }
        for (int s = 0; s < job.stocks().size(); s++) {
            if (job.stocks().get(s).onHand().isPresent()) {
                LinearExprBuilder used = LinearExpr.newBuilder();
                int stock = s;
                copies.forEach((column, variable) -> used.addTerm(variable, column.stock == stock ? 1 : 0));
                model.addLessOrEqual(used, job.stocks().get(s).onHand().getAsInt());
            }
        }
        model.minimize(LinearExpr.sum(copies.values().toArray(IntVar[]::new)));
        CpSolver solver = new CpSolver();
        solver.getParameters().setMaxTimeInSeconds(seconds).setNumWorkers(2);
        CpSolverStatus status = solver.solve(model);
        return status == CpSolverStatus.OPTIMAL || status == CpSolverStatus.FEASIBLE
                ? OptionalLong.of(Math.round(solver.objectiveValue()))
                : OptionalLong.empty();
    }
}
