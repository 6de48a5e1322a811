package kwibbet.benchmark;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;

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
import kwibbet.card.Join;
import kwibbet.card.Materials;
import kwibbet.card.Piece;
import kwibbet.card.PieceId;
import kwibbet.card.RunLine;
import kwibbet.card.Side;
import kwibbet.card.base.Bases;
import kwibbet.card.base.Starts;
import kwibbet.card.feature.Beginnings;
import kwibbet.card.feature.Features;
import kwibbet.making.Does;
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

/** Orders of making, both ways, against CP-SAT given the same waits and the same aim, a second each; and how long the order of large cards takes. */
public final class MakingOrders {

    private static final int JOBS = 120;
    /** A move weighs more than all changes of tool, a change of tool more than all turns, a turn more than all jumps. */
    private static final long TURN = 1 << 6;

    private static final long TOOL = TURN << 6;
    private static final long MOVE = TOOL << 6;

    private static final Materials MATERIALS = new Materials(Stock.SHELF, Graduation.SIXTEENTHS);

    private MakingOrders() {}

    /** Prints both in one run. */
    public static void main(String[] arguments) {
        Loader.loadNativeLibraries();
        for (Way way : Way.values()) {
            compare(way);
        }
        for (int additions : new int[] {24, 80}) {
            List<Double> large = new ArrayList<>();
            int steps = 0;
            int proven = 0;
            for (int seed = 0; large.size() < 12; seed++) {
                Optional<Job> job = Job.of(seed, additions);
                if (job.isPresent()) {
                    Making making = job.get().timed(large.size() % 2 == 0 ? Way.BATCH : Way.ONE, large);
                    steps = Math.max(steps, making.steps().size());
                    proven += making.cost().isProven() ? 1 : 0;
                }
            }
            print("cards of " + additions + " things, up to " + steps + " steps, " + proven + " proven", large);
        }
    }

    private static void compare(Way way) {
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
            Making making = job.get().timed(way, times);
            Making.Count counted = making.cost().counted();
            long ours = MOVE * counted.moves() + TOOL * counted.tools() + TURN * counted.turns() + counted.jumps();
            proven += making.cost().isProven() ? 1 : 0;
            Optional<Long> other = new Yardstick(making).best();
            if (other.isPresent()) {
                theirs++;
                worse += ours > other.get() ? 1 : 0;
                better += ours < other.get() ? 1 : 0;
            }
        }
        System.out.printf(
                "%d cards %s: %d proven, CP-SAT answers %d in 1 s: worse than it %d, better %d%n",
                JOBS, way.words(), proven, theirs, worse, better);
        print("all of them", times);
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

        Making timed(Way way, List<Double> times) {
            long began = System.nanoTime();
            Making making = Making.of(card, press, way);
            times.add((System.nanoTime() - began) / 1e6);
            return making;
        }
    }

    /**
     * The same objective for CP-SAT: a round through all steps, each at the place after the one before; what waits has a later place.
     *
     * @param making what is compared
     */
    private record Yardstick(Making making) {

        Optional<Long> best() {
            List<Operation> steps = making.steps().stream()
                    .filter(step -> step.does() != Does.DRY)
                    .toList();
            CpModel model = new CpModel();
            LinearExprBuilder cost = LinearExpr.newBuilder();
            IntVar[] places = new IntVar[steps.size()];
            Arrays.setAll(places, i -> model.newIntVar(0, steps.size() - 1L, "place " + i));
            round(model, steps, places, cost);
            for (Wait wait : making.waits()) {
                int before = steps.indexOf(wait.before());
                int after = steps.indexOf(wait.after());
                if (before >= 0 && after >= 0) {
                    model.addLessThan(places[before], places[after]);
                }
            }
            steps.stream()
                    .map(MakingOrders::lying)
                    .distinct()
                    .forEach(piece -> turns(model, steps, piece, places, cost));
            model.minimize(cost);
            CpSolver solver = new CpSolver();
            solver.getParameters().setMaxTimeInSeconds(1).setNumWorkers(2);
            CpSolverStatus status = solver.solve(model);
            return status == CpSolverStatus.OPTIMAL || status == CpSolverStatus.FEASIBLE
                    ? Optional.of(Math.round(solver.objectiveValue()))
                    : Optional.empty();
        }

        private void round(CpModel model, List<Operation> steps, IntVar[] places, LinearExprBuilder cost) {
            CircuitConstraint round = model.addCircuit();
            for (int i = 0; i < steps.size(); i++) {
                round.addArc(0, i + 1, model.newBoolVar("first " + i));
                round.addArc(i + 1, 0, model.newBoolVar("last " + i));
                LinearExprBuilder leaving = LinearExpr.newBuilder();
                for (int j = 0; j < steps.size(); j++) {
                    if (i != j) {
                        BoolVar next = model.newBoolVar(i + " then " + j);
                        round.addArc(i + 1, j + 1, next);
                        model.addEquality(
                                        places[j],
                                        LinearExpr.newBuilder().add(places[i]).add(1))
                                .onlyEnforceIf(next);
                        cost.addTerm(next, change(steps.get(i), steps.get(j)));
                        if (!assembly(steps.get(i)).equals(assembly(steps.get(j)))) {
                            leaving.add(next);
                        }
                    }
                }
                jump(model, steps, i, places, leaving, cost);
            }
        }

        /** It leaves something unfinished unless it is the last step of its assembly. */
        private void jump(
                CpModel model,
                List<Operation> steps,
                int at,
                IntVar[] places,
                LinearExprBuilder leaving,
                LinearExprBuilder cost) {
            BoolVar last = model.newBoolVar("finishes " + at);
            BoolVar jump = model.newBoolVar("jump " + at);
            for (int k = 0; k < steps.size(); k++) {
                if (k != at && assembly(steps.get(k)).equals(assembly(steps.get(at)))) {
                    model.addLessThan(places[k], places[at]).onlyEnforceIf(last);
                }
            }
            model.addLessOrEqual(leaving, LinearExpr.newBuilder().add(jump).add(last));
            cost.addTerm(jump, 1);
        }

        /** A round through the steps of one piece, which lies face up at first. */
        private void turns(CpModel model, List<Operation> steps, Piece piece, IntVar[] places, LinearExprBuilder cost) {
            List<Integer> own = IntStream.range(0, steps.size())
                    .filter(i -> lying(steps.get(i)).equals(piece))
                    .boxed()
                    .toList();
            CircuitConstraint round = model.addCircuit();
            for (int i = 0; i < own.size(); i++) {
                BoolVar first = model.newBoolVar("turned first " + own.get(i));
                round.addArc(0, i + 1, first);
                cost.addTerm(first, steps.get(own.get(i)).face() == Side.UP ? 0 : TURN);
                round.addArc(i + 1, 0, model.newBoolVar("turned last " + own.get(i)));
                for (int j = 0; j < own.size(); j++) {
                    if (i != j) {
                        BoolVar next = model.newBoolVar(own.get(i) + " turned to " + own.get(j));
                        round.addArc(i + 1, j + 1, next);
                        model.addLessThan(places[own.get(i)], places[own.get(j)])
                                .onlyEnforceIf(next);
                        boolean same = steps.get(own.get(i)).face()
                                == steps.get(own.get(j)).face();
                        cost.addTerm(next, same ? 0 : TURN);
                    }
                }
            }
        }

        private long change(Operation one, Operation other) {
            boolean sameTool = one.station() == other.station() && one.tool().equals(other.tool());
            boolean moved = making.way() == Way.BATCH
                    ? one.station() != other.station()
                    : !assembly(one).equals(assembly(other));
            return (moved ? MOVE : 0) + (moved || !sameTool ? TOOL : 0);
        }

        private String assembly(Operation step) {
            return assembly(step.piece().id());
        }

        private String assembly(PieceId piece) {
            Card card = making.card();
            Optional<PieceId> lower = card.join(piece).map(Join::lower).filter(each -> !card.isOfBase(each));
            return lower.map(this::assembly).orElseGet(() -> card.additionOf(piece)
                    .map(addition -> addition.id().value())
                    .orElse("base"));
        }
    }

    private static Piece lying(Operation step) {
        return step.onto().orElse(step.piece());
    }
}
