package kwibbet.cutting;

import java.util.Optional;

/** Fills sheet after sheet with the most valuable pattern for what is still wanted. */
final class Filling {

    private final CuttingTask task;
    private final long[] worths;
    private final Budget budget;

    /**
     * A way to fill sheets.
     *
     * @param task the task
     * @param worths what each part is worth; more than zero
     * @param budget what the work is counted on
     */
    Filling(CuttingTask task, long[] worths, Budget budget) {
        this.task = task;
        this.worths = worths;
        this.budget = budget;
    }

    /** Goes on until nothing is wanted, the sheets run out, or it would cost more than {@code most}. */
    void finish(Draft draft, long most) {
        while (!draft.isComplete() && draft.cost() <= most) {
            Optional<Pattern> pattern = best(draft);
            if (pattern.isEmpty()) {
                return;
            }
            draft.add(pattern.get(), Math.max(1, draft.copiesOf(pattern.get())));
        }
    }

    /** The pattern worth most for what its sheet costs. */
    private Optional<Pattern> best(Draft draft) {
        Optional<Pattern> best = Optional.empty();
        double most = 0;
        for (int sheet = 0; sheet < task.sheets().size(); sheet++) {
            if (draft.limits()[sheet] > 0) {
                Pattern pattern = on(sheet, draft);
                double share = pattern.value(worths) / (double) Math.max(1, task.cost(sheet));
                if (share > most) {
                    most = share;
                    best = Optional.of(pattern);
                }
            }
        }
        return best;
    }

    /** The best pattern for a sheet of one stock. */
    Pattern on(int sheet, Draft draft) {
        PatternTable table = PatternTable.capped(task.sheets().get(sheet), worths, draft.wanted());
        budget.spend(table.work());
        Section section = table.section(task.ids());
        Pattern tabled = new Pattern(sheet, task.counts(section), section);
        Pattern fitted = BestFit.on(task, sheet, worths, draft.wanted());
        budget.spend(BestFit.work(fitted));
        return fitted.value(worths) > tabled.value(worths) ? fitted : tabled;
    }
}
