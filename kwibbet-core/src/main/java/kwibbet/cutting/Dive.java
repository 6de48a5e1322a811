package kwibbet.cutting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.random.RandomGenerator;

import kwibbet.cutting.MasterProgram.Answer;

/**
 * From fractions of sheets to whole ones: what the master program cuts often is fixed, the program is solved again for the
 * rest with patterns made for the rest, and so on until nothing is wanted.
 *
 * <p>After R. Sadykov, F. Vanderbeck, A. Pessoa, I. Tahiri and E. Uchoa, "Primal heuristics for
 * branch-and-price: the assets of diving methods", INFORMS Journal on Computing 31 (2019), doi:10.1287/ijoc.2018.0822.
 */
final class Dive {

    private static final int ROUNDS = 10;
    private static final double NEARLY = 1e-6;

    private final CuttingTask task;
    private final MasterProgram program;
    private final List<Pattern> pool;
    private final RandomGenerator random;
    private final Budget budget;
    /** From which fraction on a pattern is taken for cut. */
    private double boldness = 0.95;
    /** How much of what is cut more than once is fixed at once. */
    private double share = 1;
    /** Where the last dive has been, its beginning first. */
    private List<Draft> trail;

    /**
     * Dives from the surface.
     *
     * @param task the task
     * @param pool patterns to start from
     * @param random decides between patterns that are cut about as often
     * @param budget when to finish in haste
     */
    Dive(CuttingTask task, List<Pattern> pool, RandomGenerator random, Budget budget) {
        this.task = task;
        this.program = new MasterProgram(task, budget);
        this.pool = new ArrayList<>(pool);
        this.random = random;
        this.budget = budget;
        this.trail = List.of(new Draft(task));
    }

    /**
     * A plan that costs at most {@code most}, if the dive finds one; a plan that leaves parts out only where sheets run out.
     * The first dive starts from nothing, each further one somewhere along the one before.
     */
    Optional<Draft> next(long most) {
        int from = random.nextInt(trail.size());
        Draft draft = from == 0 ? beginning() : trail.get(from).copy();
        List<Draft> been = new ArrayList<>(trail.subList(0, from));
        been.add(draft.copy());
        boolean sunk = false;
        while (!sunk && !draft.isComplete() && draft.hasSheets()) {
            List<Pattern> usable = usable(draft);
            Answer answer = solved(usable, draft);
            sunk = draft.cost() + Math.ceil(answer.cost() - NEARLY) > most;
            Draft filled = draft.copy();
            new Filling(task, lifted(answer.worths(task.precision())), budget).finish(filled, most);
            if (budget.isSpent() || (filled.isComplete() && filled.cost() <= most)) {
                draft = filled;
                break;
            }
            if (!sunk) {
                fix(answer, usable, draft);
                been.add(draft.copy());
            }
        }
        boldness = 0.4 + 0.6 * random.nextDouble();
        share = 0.3 + 0.7 * random.nextDouble();
        trail = been.subList(0, Math.max(1, been.size() - 1));
        return sunk || draft.cost() > most ? Optional.empty() : Optional.of(draft);
    }

    /** With some of the leftovers only: which of them spare a sheet is not known before. */
    private Draft beginning() {
        int[] limits = task.limits();
        for (int sheet = 0; sheet < limits.length; sheet++) {
            if (task.isLeftover(sheet) && random.nextBoolean()) {
                limits[sheet] = random.nextInt(limits[sheet] + 1);
            }
        }
        return new Draft(task, limits);
    }

    private List<Pattern> usable(Draft draft) {
        List<Pattern> usable = new ArrayList<>();
        Set<Yield> seen = new HashSet<>();
        for (Pattern pattern : pool) {
            if (draft.limits()[pattern.sheet()] > 0) {
                Pattern within = pattern.within(draft.wanted(), task);
                if (!within.isEmpty() && seen.add(new Yield(within))) {
                    usable.add(within);
                }
            }
        }
        // One part alone on a sheet, so that there is an answer.
        for (int part = 0; part < task.parts().size(); part++) {
            if (draft.wanted()[part] > 0) {
                alone(part, draft).ifPresent(usable::add);
            }
        }
        return usable;
    }

    /** Patterns that yield the same are one. */
    private record Yield(Pattern pattern) {
        @Override
        public boolean equals(Object other) {
            return other instanceof Yield yield && pattern.yieldsLike(yield.pattern);
        }

        @Override
        public int hashCode() {
            return pattern.yieldHash();
        }
    }

    private Optional<Pattern> alone(int part, Draft draft) {
        long[] worths = new long[task.parts().size()];
        worths[part] = 1;
        for (int sheet = 0; sheet < task.sheets().size(); sheet++) {
            if (draft.limits()[sheet] > 0) {
                Pattern pattern = new Filling(task, worths, budget).on(sheet, draft);
                if (!pattern.isEmpty()) {
                    return Optional.of(pattern);
                }
            }
        }
        return Optional.empty();
    }

    /** Solves the program, with new patterns for the rest as long as they help; {@code usable} takes them in. */
    private Answer solved(List<Pattern> usable, Draft draft) {
        Answer answer = program.solve(usable, draft.wanted(), draft.limits());
        for (int round = 0; round < ROUNDS && !budget.isSpent(); round++) {
            List<Pattern> better = better(answer, draft);
            if (better.isEmpty()) {
                break;
            }
            usable.addAll(better);
            pool.addAll(better);
            answer = program.solve(usable, draft.wanted(), draft.limits());
        }
        return answer;
    }

    private List<Pattern> better(Answer answer, Draft draft) {
        long[] worths = answer.worths(task.precision());
        List<Pattern> better = new ArrayList<>();
        for (int sheet = 0; sheet < task.sheets().size(); sheet++) {
            if (draft.limits()[sheet] > 0) {
                Pattern pattern = new Filling(task, worths, budget).on(sheet, draft);
                if (pattern.value(worths) > answer.dearness(task, sheet) * task.precision() * (1 + NEARLY)) {
                    better.add(pattern);
                }
            }
        }
        return better;
    }

    private record Choice(Pattern pattern, double copies) {}

    private void fix(Answer answer, List<Pattern> usable, Draft draft) {
        List<Choice> choices = new ArrayList<>();
        for (int place = 0; place < usable.size(); place++) {
            if (answer.copies(place) > NEARLY) {
                choices.add(new Choice(usable.get(place), answer.copies(place)));
            }
        }
        choices.sort(Comparator.comparingDouble(Choice::copies).reversed());
        boolean fixed = false;
        for (Choice choice : choices) {
            fixed |= take(choice, Math.floor(share * choice.copies + NEARLY), draft);
        }
        for (Choice choice : fixed ? List.<Choice>of() : choices) {
            fixed |= choice.copies >= boldness && take(choice, 1, draft);
        }
        if (!fixed) {
            takeOne(answer, choices, draft);
        }
    }

    private static boolean take(Choice choice, double copies, Draft draft) {
        int times = (int) Math.min(copies, draft.copiesOf(choice.pattern));
        if (times > 0) {
            draft.add(choice.pattern, times);
        }
        return times > 0;
    }

    /** Of the patterns cut most often, one. */
    private void takeOne(Answer answer, List<Choice> choices, Draft draft) {
        Optional<Choice> chosen = choices.stream()
                .filter(choice -> draft.copiesOf(choice.pattern) > 0)
                .max(Comparator.comparingDouble(choice -> choice.copies + 0.15 * random.nextDouble()));
        if (chosen.isPresent()) {
            draft.add(chosen.get().pattern, 1);
        } else {
            new Filling(task, lifted(answer.worths(task.precision())), budget).finish(draft, draft.cost());
        }
    }

    /** Every part worth something, so that none is left behind. */
    private long[] lifted(long[] worths) {
        long[] lifted = worths.clone();
        for (int part = 0; part < lifted.length; part++) {
            lifted[part] += 1 + Math.round(1e3 * task.parts().get(part).size().area());
        }
        return lifted;
    }
}
