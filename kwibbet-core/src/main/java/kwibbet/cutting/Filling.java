package kwibbet.cutting;

import java.util.Optional;

/** Fills sheet after sheet with the most valuable pattern for what is still wanted. */
final class Filling {

    private final CuttingTask task;
    private final long[] worths;

    /**
     * A way to fill sheets.
     *
     * @param task the task
     * @param worths what each part is worth; more than zero
     */
    Filling(CuttingTask task, long[] worths) {
        this.task = task;
        this.worths = worths;
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
        Section section = PatternTable.capped(task.sheets().get(sheet), worths, draft.wanted())
                .section(task.ids());
        Pattern tabled = new Pattern(sheet, task.counts(section), section);
        Pattern fitted = BestFit.on(task, sheet, worths, draft.wanted());
        return fitted.value(worths) > tabled.value(worths) ? fitted : tabled;
    }
}
