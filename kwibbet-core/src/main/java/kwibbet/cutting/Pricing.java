package kwibbet.cutting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalLong;

/** What the best pattern of each sheet is worth when parts are worth so much, and what that proves. */
final class Pricing {

    private final CuttingTask task;
    private final long[] most;
    private final long demand;
    private final List<Pattern> patterns = new ArrayList<>();

    /**
     * Finds the best patterns.
     *
     * @param task the task
     * @param worths what each part is worth; not negative
     * @param budget what the work is counted on
     */
    Pricing(CuttingTask task, long[] worths, Budget budget) {
        this.task = task;
        most = new long[task.sheets().size()];
        for (int sheet = 0; sheet < most.length; sheet++) {
            PatternTable table = PatternTable.uncapped(task.sheets().get(sheet), worths);
            budget.spend(table.isExact() ? table.work() : 2 * table.work());
            Section section = table.section(task.ids());
            if (!section.equals(Section.LEFTOVER)) {
                patterns.add(new Pattern(sheet, task.counts(section), section));
            }
            most[sheet] = table.isExact()
                    ? table.value()
                    : PatternTable.atMost(task.sheets().get(sheet), worths);
        }
        long wanted = 0;
        for (int part = 0; part < worths.length; part++) {
            wanted = Math.addExact(wanted, Math.multiplyExact(worths[part], (long)
                    task.parts().get(part).count()));
        }
        demand = wanted;
    }

    /** The best pattern of each sheet that has any. */
    List<Pattern> patterns() {
        return patterns;
    }

    /** What the best pattern of all is worth at most. */
    long most() {
        return Arrays.stream(most).max().orElse(0);
    }

    /** No plan for all parts costs less; nothing when there are not sheets enough for any. */
    OptionalLong costAtLeast() {
        return LowerBound.of(task.costs(), most, task.limits(), demand);
    }

    /** No plan for all parts uses fewer sheets; nothing when there are not sheets enough for any. */
    OptionalLong sheetsAtLeast() {
        long[] ones = new long[most.length];
        Arrays.fill(ones, 1);
        return LowerBound.of(ones, most, task.limits(), demand);
    }
}
