package kwibbet.bench;

import java.time.Duration;
import java.util.List;
import java.util.OptionalInt;

import kwibbet.card.RunLine;
import kwibbet.cutting.Budget;
import kwibbet.layout.KnownPlans;
import kwibbet.layout.SheetPlan;
import kwibbet.layout.SheetPlanner;
import kwibbet.layout.Thrift;
import kwibbet.layout.WorkOrder;
import kwibbet.paper.PaperShelf;
import kwibbet.tool.Toolbox;

/**
 * The runs of several cards, cut from the same sheets, scored and pressed together.
 *
 * @param run the run
 * @param apart how many sheets the runs take if each is cut by itself; nothing where leftovers are used up, which runs apart would use twice
 */
public record JointPlan(RunPlan run, OptionalInt apart) {

    /** So much each run is looked at by itself, for comparison. */
    private static final Duration FOR_EACH = Duration.ofMillis(60);

    /**
     * Plans them.
     *
     * @param lines the cards of the run, at least one
     * @param shelf the papers
     * @param thrift what is spared
     * @param tools the tools
     * @param known what was planned before
     * @param budget how much to look for fewer sheets and larger leftovers
     */
    public static JointPlan of(
            List<RunLine> lines, PaperShelf shelf, Thrift thrift, Toolbox tools, KnownPlans known, Budget budget) {
        OptionalInt apart = thrift == Thrift.LEFTOVERS_FIRST
                ? OptionalInt.empty()
                : OptionalInt.of(lines.stream()
                        .mapToInt(line -> sheets(line, shelf, thrift, tools, known))
                        .sum());
        RunPlan run = RunPlan.of(lines, shelf, thrift, tools, known);
        SheetPlan refined = SheetPlanner.refine(run.order(), tools.trimmer(), known, budget, better -> {});
        return new JointPlan(run.withSheets(run.planned().orBetter(refined)), apart);
    }

    private static int sheets(RunLine line, PaperShelf shelf, Thrift thrift, Toolbox tools, KnownPlans known) {
        WorkOrder order = WorkOrder.of(line, shelf, thrift, tools);
        return SheetPlanner.plan(order, tools.trimmer(), known, Budget.about(FOR_EACH))
                .sheets();
    }

    /** How many sheets are spared by cutting together; nothing where none are, or where that cannot be compared. */
    public OptionalInt spared() {
        return apart.stream()
                .map(each -> each - run.sheets().sheets())
                .filter(each -> each > 0)
                .findFirst();
    }
}
