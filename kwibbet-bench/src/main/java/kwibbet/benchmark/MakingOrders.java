package kwibbet.benchmark;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;

import com.google.ortools.Loader;
import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CircuitConstraint;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;

import kwibbet.card.Addition;
import kwibbet.card.Base;
import kwibbet.card.Card;
import kwibbet.card.CardMaker;
import kwibbet.card.Copies;
import kwibbet.card.Design;
import kwibbet.card.Face;
import kwibbet.card.Feature;
import kwibbet.card.Host;
import kwibbet.card.Materials;
import kwibbet.card.RunLine;
import kwibbet.card.base.Bases;
import kwibbet.card.base.Starts;
import kwibbet.card.feature.Beginnings;
import kwibbet.card.feature.Features;
import kwibbet.making.Making;
import kwibbet.making.Operation;
import kwibbet.making.Wait;
import kwibbet.making.Way;
import kwibbet.measure.Graduation;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.press.PressPlan;
import kwibbet.shape.Size;
import kwibbet.tool.Toolbox;

/** Orders of making in batches against CP-SAT given the same waits and the same aim, a second each; and how long the order of large cards takes. */
public final class MakingOrders {

    private static final int JOBS = 120;
    /** A move weighs more than all changes of tool. */
    private static final int MOVE = 1 << 12;

    private static final Materials MATERIALS = new Materials(Stock.SHELF, Graduation.SIXTEENTHS);

    private MakingOrders() {}

    /** Prints both in one run. */
    public static void main(String[] arguments) {
        Loader.loadNativeLibraries();
        int worse = 0;
        int better = 0;
        int proven = 0;
        int theirs = 0;
        List<Double> times = new ArrayList<>();
        for (int seed = 0; times.size() < JOBS; seed++) {
            Optional<Job> job = Job.of(seed, 4 + seed % 11);
            if (job.isEmpty()) {
                continue;
            }
            Making making = job.get().timed(times);
            long ours = cost(making.steps());
            proven += making.cost().isProven() ? 1 : 0;
            Optional<Long> other = yardstick(making);
            if (other.isPresent()) {
                theirs++;
                worse += ours > other.get() ? 1 : 0;
                better += ours < other.get() ? 1 : 0;
            }
        }
        System.out.printf(
                "%d cards in batches: %d proven, CP-SAT answers %d in 1 s: worse than it %d, better %d%n",
                JOBS, proven, theirs, worse, better);
        print("all of them", times);
        for (int additions : new int[] {24, 80}) {
            List<Double> large = new ArrayList<>();
            int steps = 0;
            for (int seed = 0; large.size() < 12; seed++) {
                Optional<Job> job = Job.of(seed, additions);
                if (job.isPresent()) {
                    steps = Math.max(steps, job.get().timed(large).steps().size());
                }
            }
            print("cards of " + additions + " things, up to " + steps + " steps", large);
        }
    }

    private static void print(String what, List<Double> times) {
        double[] sorted =
                times.stream().mapToDouble(Double::doubleValue).sorted().toArray();
        System.out.printf(
                "%-44s median %7.1f ms, longest %7.1f ms%n",
                what, sorted[sorted.length / 2], Arrays.stream(sorted).max().orElse(0));
    }

    private record Job(Card card, PressPlan press) {

        /** A card of any base with so many things on it, each begun as a maker begins it; nothing where none of that can be made. */
        static Optional<Job> of(int seed, int additions) {
            Random random = new Random(seed);
            Base base = Bases.ALL.get(random.nextInt(Bases.ALL.size()));
            Size size = new Size(Length.ofInches(5), Length.ofInches(7));
            Design design = Design.of(
                    "Job " + seed,
                    MeasureSystem.INCH,
                    base,
                    Starts.sized(base, base.usual(MeasureSystem.INCH).orElse(size), MeasureSystem.INCH),
                    Stock.SHELF.papers().get(0).id());
            if (!(CardMaker.make(design, MATERIALS) instanceof Outcome.Made<Card> plain)) {
                return Optional.empty();
            }
            Card card = plain.value();
            for (int i = 0; i < additions; i++) {
                card = more(card, random).orElse(card);
            }
            return Optional.of(
                    new Job(card, PressPlan.of(List.of(new RunLine(card, new Copies(12, 1))), Toolbox.GENERIC)));
        }

        private static Optional<Card> more(Card card, Random random) {
            List<Face> faces = card.faces();
            List<Addition> there = card.design().additions();
            Host host = !there.isEmpty() && random.nextInt(3) == 0
                    ? new Host.OnPiece(there.get(random.nextInt(there.size())).id())
                    : new Host.OnFace(faces.get(random.nextInt(faces.size())).id());
            Feature feature = Features.ALL.get(random.nextInt(Features.ALL.size()));
            Design design = card.design().settled();
            return CardMaker.make(
                                    design.plus(
                                            design.next(feature, host, Beginnings.of(feature, card, host), Map.of())),
                                    MATERIALS)
                            instanceof Outcome.Made<Card> made
                    ? Optional.of(made.value())
                    : Optional.empty();
        }

        Making timed(List<Double> times) {
            long began = System.nanoTime();
            Making making = Making.of(card, press, Way.BATCH);
            times.add((System.nanoTime() - began) / 1e6);
            return making;
        }
    }

    private static long cost(List<Operation> order) {
        long cost = 0;
        for (int i = 1; i < order.size(); i++) {
            cost += change(order.get(i - 1), order.get(i));
        }
        return cost;
    }

    private static int change(Operation one, Operation other) {
        boolean moved = one.station() != other.station();
        return (moved ? MOVE : 0) + (moved || !one.tool().equals(other.tool()) ? 1 : 0);
    }

    /** A round through all steps and a start, each at the place after the one before; what waits has a later place. */
    private static Optional<Long> yardstick(Making making) {
        List<Operation> steps = making.steps();
        CpModel model = new CpModel();
        CircuitConstraint round = model.addCircuit();
        LinearExprBuilder cost = LinearExpr.newBuilder();
        IntVar[] places = new IntVar[steps.size()];
        Arrays.setAll(places, i -> model.newIntVar(0, steps.size() - 1L, "place " + i));
        for (int i = 0; i < steps.size(); i++) {
            round.addArc(0, i + 1, model.newBoolVar("first " + i));
            round.addArc(i + 1, 0, model.newBoolVar("last " + i));
            for (int j = 0; j < steps.size(); j++) {
                if (i != j) {
                    BoolVar next = model.newBoolVar(i + " then " + j);
                    round.addArc(i + 1, j + 1, next);
                    model.addEquality(
                                    places[j],
                                    LinearExpr.newBuilder().add(places[i]).add(1))
                            .onlyEnforceIf(next);
                    cost.addTerm(next, change(steps.get(i), steps.get(j)));
                }
            }
        }
        for (Wait wait : making.waits()) {
            model.addLessThan(places[steps.indexOf(wait.before())], places[steps.indexOf(wait.after())]);
        }
        model.minimize(cost);
        CpSolver solver = new CpSolver();
        solver.getParameters().setMaxTimeInSeconds(1).setNumWorkers(2);
        CpSolverStatus status = solver.solve(model);
        return status == CpSolverStatus.OPTIMAL || status == CpSolverStatus.FEASIBLE
                ? Optional.of(Math.round(solver.objectiveValue()))
                : Optional.empty();
    }
}
