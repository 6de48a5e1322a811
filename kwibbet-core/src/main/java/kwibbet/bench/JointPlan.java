package kwibbet.bench;

import java.time.Duration;
import java.util.List;
import java.util.OptionalInt;

import kwibbet.card.Card;
import kwibbet.card.Thrift;
import kwibbet.cutting.Budget;
import kwibbet.layout.SheetPlan;
import kwibbet.layout.SheetPlanner;
import kwibbet.layout.WorkOrder;
import kwibbet.paper.PaperShelf;
import kwibbet.tool.Toolbox;

/**
 * The runs of several cards cut together: one cutting day, from the same sheets.
 *
 * @param sheets how the paper is cut
 * @param trim the settings of the trimmer
 * @param apart how many sheets the runs take if each is cut by itself; nothing where leftovers are used up, which runs apart would use twice
 */
public record JointPlan(SheetPlan sheets, TrimPlan trim, OptionalInt apart) {

    /** So long each run is looked at by itself, for comparison. */
    private static final Duration FOR_EACH = Duration.ofMillis(60);

    /**
     * Plans them.
     *
     * @param cards at least one
     * @param shelf the papers
     * @param tools the tools
     * @param thrift what is spared, whatever each run by itself would spare
     * @param budget how long to look for fewer sheets
     */
    public static JointPlan of(List<Card> cards, PaperShelf shelf, Toolbox tools, Thrift thrift, Budget budget) {
        OptionalInt apart = thrift == Thrift.LEFTOVERS_FIRST
                ? OptionalInt.empty()
                : OptionalInt.of(cards.stream()
                        .mapToInt(card -> plan(List.of(card), shelf, tools, thrift, Budget.of(FOR_EACH))
                                .sheets())
                        .sum());
        TrimPlan trim = TrimPlan.of(plan(cards, shelf, tools, thrift, budget), tools.trimmer());
        return new JointPlan(trim.sheets(), trim, apart);
    }

    private static SheetPlan plan(List<Card> cards, PaperShelf shelf, Toolbox tools, Thrift thrift, Budget budget) {
        return SheetPlanner.plan(WorkOrder.of(cards, shelf, tools, thrift), tools.trimmer(), budget);
    }

    /** How many sheets are spared by cutting together; nothing where none are, or where that cannot be compared. */
    public OptionalInt spared() {
        return apart.stream()
                .map(each -> each - sheets.sheets())
                .filter(each -> each > 0)
                .findFirst();
    }
}
