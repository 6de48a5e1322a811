package kwibbet.bench;

import java.time.Duration;
import java.util.List;
import java.util.OptionalInt;

import kwibbet.card.Card;
import kwibbet.card.Thrift;
import kwibbet.cutting.Budget;
import kwibbet.layout.KnownPlans;
import kwibbet.layout.SheetPlan;
import kwibbet.layout.SheetPlanner;
import kwibbet.layout.WorkOrder;
import kwibbet.paper.PaperShelf;
import kwibbet.press.PressPlan;
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
     * @param cards at least one
     * @param shelf the papers
     * @param tools the tools
     * @param thrift what is spared, whatever each run by itself would spare
     * @param known what was planned before
     * @param budget how much to look for fewer sheets and larger leftovers
     */
    public static JointPlan of(
            List<Card> cards, PaperShelf shelf, Toolbox tools, Thrift thrift, KnownPlans known, Budget budget) {
        OptionalInt apart = thrift == Thrift.LEFTOVERS_FIRST
                ? OptionalInt.empty()
                : OptionalInt.of(cards.stream()
                        .mapToInt(card -> sheets(card, shelf, tools, thrift, known))
                        .sum());
        RunPlan run = RunPlan.of(cards, shelf, tools, thrift, known);
        SheetPlan refined = SheetPlanner.refine(run.order(), tools.trimmer(), known, budget, better -> {});
        return new JointPlan(run.withSheets(run.planned().orBetter(refined)), apart);
    }

    private static int sheets(Card card, PaperShelf shelf, Toolbox tools, Thrift thrift, KnownPlans known) {
        List<Card> alone = List.of(card);
        WorkOrder order = WorkOrder.of(alone, shelf, thrift, PressPlan.of(alone, tools));
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
