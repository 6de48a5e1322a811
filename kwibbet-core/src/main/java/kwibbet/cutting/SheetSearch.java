package kwibbet.cutting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.CompletableFuture;
import java.util.function.Consumer;

import kwibbet.cutting.CuttingPlan.Missing;
import kwibbet.cutting.CuttingPlan.Missing.Reason;
import kwibbet.cutting.CuttingPlan.Proof;
import kwibbet.cutting.MasterProgram.Answer;
import kwibbet.shape.Size;

/**
 * Finds how a job is cut with the least sheets, and how few there can be.
 *
 * <p>In this order: sheets are filled by plain worths of the parts, which often proves itself; then column generation gives
 * worths that no weighting by hand would find, and with them the bound; then dives turn fractions into whole sheets until the
 * bound is reached or the budget is spent. Always a correct plan; {@link CuttingPlan#isProven()} says when none is better.
 */
public final class SheetSearch {

    private static final double NEARLY = 1e-6;

    /** The share of the budget that may go into patterns when the bound is already as high as it will be. */
    private static final double FOR_PATTERNS = 0.3;

    /** Of all sheets that are needed at least, less than this share may be left over for sheets without waste to be of use. */
    private static final double LITTLE_WASTE = 0.01;

    /** The share of the budget that may go into sheets without waste. */
    private static final double FOR_WASTELESS = 0.5;

    /** The share of what is left of the budget in the end that may go into fewer layouts. */
    private static final double FOR_LAYOUTS = 0.05;

    private static final int MOST_DIVES = 4_000;
    /** Where only a plan for every part is of use, the bound mostly says at once that there is none. */
    private static final int DIVES_FOR_ALL = 30;

    /** So much work until two divers tell each other what they found. */
    private static final long A_ROUND = 20_000_000;

    private final CuttingTask task;
    private final Budget budget;
    private final Consumer<CuttingPlan> better;
    private final Finish finish;
    private final List<Missing> impossible;
    private final List<Pattern> pool = new ArrayList<>();
    private long costAtLeast;
    private int sheetsAtLeast;
    private Optional<CuttingPlan> best = Optional.empty();
    private Optional<Draft> bestDraft = Optional.empty();
    private long bestCost = Long.MAX_VALUE;
    private double bestMissing = Double.MAX_VALUE;
    /** Whether a plan that leaves parts out is of no use. */
    private boolean needsAll;
    /** Whether there are not sheets enough for every part. */
    private boolean isShort;

    private SheetSearch(CuttingJob job, Budget budget, Consumer<CuttingPlan> better) {
        this.task = CuttingTask.of(job);
        this.budget = budget;
        this.better = better;
        this.finish = new Finish(task);
        this.impossible = Shortfall.impossible(job);
    }

    /**
     * Plans a job.
     *
     * @param job what is cut
     * @param budget how much to look; a first plan is made in any case
     * @return the best plan found
     */
    public static CuttingPlan plan(CuttingJob job, Budget budget) {
        return plan(job, budget, plan -> {});
    }

    /**
     * Plans a job and tells of every better plan as it is found.
     *
     * @param job what is cut
     * @param budget how much to look; a first plan is made in any case
     * @param better is given each plan that is better than those before
     * @return the best plan found
     */
    public static CuttingPlan plan(CuttingJob job, Budget budget, Consumer<CuttingPlan> better) {
        return new SheetSearch(job, budget, better).run();
    }

    /**
     * As {@link #plan(CuttingJob, Budget, Consumer)}, and of plans with the fewest sheets one with larger leftovers, fewer layouts and fewer distances to set, as
     * far as the time allows.
     */
    public static CuttingPlan refined(CuttingJob job, Budget budget, Consumer<CuttingPlan> better) {
        SheetSearch search = new SheetSearch(job, budget, better);
        CuttingPlan fewest = search.run();
        if (!fewest.isProven() || !fewest.missing().isEmpty()) {
            return fewest;
        }
        return search.inFewWays(LeftoverSearch.larger(search.tidied(), budget, better));
    }

    private CuttingPlan inFewWays(CuttingPlan plan) {
        Budget share = budget.share(FOR_LAYOUTS);
        CuttingPlan fewer = LayoutSearch.fewest(task, plan, this::finished, share);
        budget.spend(share);
        return fewer;
    }

    /** A plan for every part of a job; nothing where there is none, or none was found in time. */
    static Optional<CuttingPlan> complete(CuttingJob job, Budget budget) {
        SheetSearch search = new SheetSearch(job, budget, plan -> {});
        search.needsAll = true;
        CuttingPlan plan = search.run();
        return plan.missing().isEmpty() ? Optional.of(search.tidied()) : Optional.empty();
    }

    private CuttingPlan tidied() {
        bestDraft.ifPresent(draft -> new Tidying(task, new Random(1), budget).from(draft, this::offer));
        return found();
    }

    private CuttingPlan run() {
        if (task.parts().isEmpty()) {
            return new CuttingPlan(task.job(), List.of(), impossible, Proof.of(0, true));
        }
        // Worth one each, the best pattern of a part alone is worth as many as come from a sheet.
        long[] mostOnOneSheet = Worths.alone(task).stream()
                .mapToLong(worths -> price(worths).most())
                .toArray();
        for (long[] worths : Worths.plain(task, mostOnOneSheet)) {
            price(worths);
            fill(worths);
            if (isDone()) {
                return found();
            }
        }
        cutWithoutWaste();
        generate();
        dive();
        return found();
    }

    /** Where hardly any paper may be left over, sheets that leave none are looked for by themselves. */
    private void cutWithoutWaste() {
        double wanted = task.parts().stream()
                .mapToDouble(part -> part.count() * part.size().area())
                .sum();
        for (int sheet = 0; sheet < task.sheets().size() && !isDone(); sheet++) {
            double area = task.stock(sheet).usable().map(Size::area).orElse(0.0);
            double sheets = Math.ceil(wanted / area - NEARLY);
            if (sheets * area - wanted < LITTLE_WASTE * sheets * area) {
                Budget share = budget.share(FOR_WASTELESS);
                Optional<Draft> wasteless = Wasteless.on(task, sheet, share);
                budget.spend(share);
                wasteless.ifPresent(this::offer);
            }
        }
    }

    private CuttingPlan found() {
        return best.map(this::withProof).orElseThrow(() -> new IllegalStateException("a search begins with a plan"));
    }

    private CuttingPlan withProof(CuttingPlan plan) {
        boolean complete = bestMissing == 0;
        int atLeast = complete ? Math.min(sheetsAtLeast, plan.sheets()) : Shortfall.sheetsAtLeast(plan);
        // Of a plan that leaves parts out only the number of sheets is bounded, not what they cost.
        boolean proven = complete ? bestCost == costAtLeast : countsSheets() && atLeast == plan.sheets();
        return new CuttingPlan(plan.job(), plan.layouts(), plan.missing(), Proof.of(atLeast, proven));
    }

    private boolean countsSheets() {
        return task.job().aim() == Aim.FEWEST_SHEETS
                && task.job().stocks().stream().allMatch(stock -> stock.source() == Stock.Source.SHELF);
    }

    private boolean isDone() {
        boolean isFewest = bestMissing == 0 && bestCost <= costAtLeast;
        boolean isEnough = needsAll && (isShort || bestMissing == 0);
        return isFewest || ((isEnough || budget.isSpent()) && best.isPresent());
    }

    /** With leftovers and without: one that spares no sheet is better left in the drawer. */
    private void fill(long[] worths) {
        fill(worths, task.limits());
        if (!Arrays.equals(task.limits(), task.limitsOfShelf())) {
            fill(worths, task.limitsOfShelf());
        }
    }

    private void fill(long[] worths, int[] limits) {
        Draft draft = new Draft(task, limits);
        new Filling(task, worths, budget).finish(draft, Long.MAX_VALUE);
        pool.addAll(draft.patterns());
        offer(draft);
    }

    /** Keeps a draft if it is better than the best so far, and says whether it is. */
    private boolean offer(Draft draft) {
        double missing = draft.areaMissing();
        if (missing > bestMissing || (missing == bestMissing && draft.cost() > bestCost)) {
            return false;
        }
        CuttingPlan plan = finished(draft);
        if (best.isPresent() && CuttingPlan.BETTER.compare(plan, best.get()) >= 0) {
            return false;
        }
        best = Optional.of(plan);
        bestDraft = Optional.of(draft);
        bestCost = draft.cost();
        bestMissing = missing;
        better.accept(withProof(plan));
        return true;
    }

    private CuttingPlan finished(Draft draft) {
        List<SheetLayout> layouts = new ArrayList<>();
        for (int place = 0; place < draft.patterns().size(); place++) {
            layouts.add(finish.layout(draft.patterns().get(place), draft.copies(place)));
        }
        Members.Named named = task.members().named(layouts);
        List<Missing> missing = new ArrayList<>(impossible);
        named.left().forEach((part, count) -> {
            if (count > 0) {
                missing.add(new Missing(part, count, Reason.NOT_ENOUGH_SHEETS));
            }
        });
        return new CuttingPlan(task.job(), named.layouts(), missing, Proof.NONE);
    }

    /** Raises the bounds by what worths prove, and keeps the best patterns. */
    private Pricing price(long[] worths) {
        Pricing pricing = new Pricing(task, worths, budget);
        pool.addAll(pricing.patterns());
        isShort |= pricing.costAtLeast().isEmpty();
        costAtLeast = Math.max(costAtLeast, pricing.costAtLeast().orElse(0));
        sheetsAtLeast =
                Math.max(sheetsAtLeast, Math.toIntExact(pricing.sheetsAtLeast().orElse(0)));
        return pricing;
    }

    /** Column generation: patterns that the worths of the program say are missing, until there are none. */
    private void generate() {
        MasterProgram program = new MasterProgram(task, budget);
        boolean more = true;
        while (more && !isDone()) {
            Answer answer = program.solve(pool, task.demand(), task.limits());
            // Once the bound cannot rise further, more patterns only help the dives: not at the price of all their
            // time.
            if (Math.ceil(answer.cost() - NEARLY) <= costAtLeast && budget.isSpent(FOR_PATTERNS)) {
                return;
            }
            long[] worths = answer.worths(task.precision());
            more = false;
            for (Pattern pattern : price(worths).patterns()) {
                double dear = answer.dearness(task, pattern.sheet()) * task.precision();
                more |= pattern.value(worths) > dear * (1 + NEARLY);
            }
        }
    }

    /**
     * Two divers beside each other. What one finds the other learns after a round: a round ends by the work done in it, and so each knows the same
     * whichever is quicker.
     */
    private void dive() {
        Diver one = new Diver(0);
        Diver other = new Diver(1);
        while (!isDone() && one.hasBreath() && other.hasBreath()) {
            long most = mostToBeat();
            // The second diver has a thread of its own: in a shared pool it would wait behind other searches, or others
            // behind it.
            CompletableFuture<List<Draft>> beside =
                    CompletableFuture.supplyAsync(() -> other.round(most), SheetSearch::beside);
            List<Draft> found = new ArrayList<>(one.round(most));
            found.addAll(beside.join());
            budget.catchUp(one.own);
            budget.catchUp(other.own);
            one.own.catchUp(budget);
            other.own.catchUp(budget);
            found.forEach(this::offer);
        }
    }

    private static void beside(Runnable task) {
        Thread thread = new Thread(task, "sheet-search");
        thread.setDaemon(true);
        thread.start();
    }

    /** Dives again and again. */
    private final class Diver {
        private final Budget own = budget.beside();
        private final Dive dive;
        private int dives;

        Diver(int seed) {
            this.dive = new Dive(task, pool, new Random(seed), own);
        }

        boolean hasBreath() {
            return dives < (needsAll ? DIVES_FOR_ALL : MOST_DIVES);
        }

        /** Each plan of a round that is better than those before. */
        List<Draft> round(long most) {
            List<Draft> found = new ArrayList<>();
            long until = own.spent() + A_ROUND;
            long toBeat = most;
            while (hasBreath() && own.spent() < until && toBeat >= costAtLeast && !own.isSpent()) {
                dives++;
                Optional<Draft> draft = dive.next(toBeat);
                draft.ifPresent(found::add);
                toBeat = draft.filter(Draft::isComplete)
                        .map(complete -> complete.cost() - 1)
                        .orElse(toBeat);
            }
            return found;
        }
    }

    private long mostToBeat() {
        return bestMissing == 0 ? bestCost - 1 : Long.MAX_VALUE;
    }
}
