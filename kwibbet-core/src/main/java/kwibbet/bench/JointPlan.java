package kwibbet.bench;

import java.util.List;

import kwibbet.card.Card;
import kwibbet.cutting.Budget;
import kwibbet.layout.SheetPlan;
import kwibbet.layout.SheetPlanner;
import kwibbet.layout.WorkOrder;
import kwibbet.paper.PaperShelf;
import kwibbet.tool.Toolbox;

/**
 * The runs of several cards cut together: one cutting day, from the same sheets.
 *
 * @param cards the cards, each with its run
 * @param sheets how the paper is cut
 * @param trim the settings of the trimmer
 * @param apart how many sheets the runs take if each is cut by itself
 */
public record JointPlan(List<Card> cards, SheetPlan sheets, TrimPlan trim, int apart) {

    /** Copies the cards. */
    public JointPlan {
        cards = List.copyOf(cards);
    }

    /**
     * Plans them.
     *
     * @param cards at least one
     * @param shelf the papers
     * @param tools the tools
     * @param budget how long to look for fewer sheets
     * @param apart how many sheets the runs take if each is cut by itself
     */
    public static JointPlan of(List<Card> cards, PaperShelf shelf, Toolbox tools, Budget budget, int apart) {
        WorkOrder order = WorkOrder.of(cards, shelf, tools);
        SheetPlan sheets = SheetPlanner.plan(order, tools.trimmer(), budget);
        TrimPlan trim = TrimPlan.of(sheets, tools.trimmer());
        return new JointPlan(cards, trim.sheets(), trim, apart);
    }

    /** How many sheets are spared by cutting together; below zero where a search for some time found no better. */
    public int spared() {
        return apart - sheets.sheets();
    }
}
