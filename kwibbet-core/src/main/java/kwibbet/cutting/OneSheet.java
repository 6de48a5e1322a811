package kwibbet.cutting;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import kwibbet.cutting.CuttingPlan.Proof;

/**
 * The most valuable way to cut one sheet.
 *
 * @param plan the sheet
 * @param value what its parts are worth
 */
public record OneSheet(CuttingPlan plan, long value) {

    /**
     * Fills one sheet of whichever stock is best, no part more often than its count. Exact where no count is less than would fit and
     * the sides add up to few enough positions; {@link CuttingPlan#isProven()} says whether it is the most valuable.
     *
     * @param job the stocks and parts
     * @param worths what each part is worth; not negative
     */
    public static OneSheet of(CuttingJob job, Map<PartId, Long> worths) {
        CuttingTask task = CuttingTask.ofEach(job);
        long[] values =
                task.ids().stream().mapToLong(id -> worths.getOrDefault(id, 0L)).toArray();
        Optional<Pattern> best = Optional.empty();
        long most = 0;
        long atMost = 0;
        for (int sheet = 0; sheet < task.sheets().size(); sheet++) {
            PatternTable table = PatternTable.capped(task.sheets().get(sheet), values, task.demand());
            atMost = Math.max(
                    atMost,
                    table.isExact()
                            ? table.value()
                            : PatternTable.atMost(task.sheets().get(sheet), values));
            if (table.value() > most) {
                most = table.value();
                Section section = table.section(task.ids());
                best = Optional.of(new Pattern(sheet, task.counts(section), section));
            }
        }
        List<SheetLayout> layouts = new ArrayList<>();
        best.ifPresent(pattern -> layouts.add(new Finish(task).layout(pattern, 1)));
        CuttingPlan plan =
                new CuttingPlan(job, layouts, Shortfall.impossible(job), Proof.of(layouts.size(), most == atMost));
        return new OneSheet(plan, most);
    }
}
