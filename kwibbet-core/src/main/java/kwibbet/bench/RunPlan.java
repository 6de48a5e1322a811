package kwibbet.bench;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Optional;

import kwibbet.card.Card;
import kwibbet.layout.SheetPlan;
import kwibbet.layout.SheetPlanner;
import kwibbet.layout.WorkOrder;
import kwibbet.paper.PaperShelf;
import kwibbet.tool.Toolbox;

/**
 * Everything worked out for one run of a card; what pages, prints and files show.
 *
 * @param card the card
 * @param shelf the papers it was planned with
 * @param tools the tools it was planned for
 * @param order the pieces by paper
 * @param sheets how the paper is cut
 * @param bench the steps
 */
public record RunPlan(Card card, PaperShelf shelf, Toolbox tools, WorkOrder order, SheetPlan sheets, BenchPlan bench) {

    /** Works it out. */
    public static RunPlan of(Card card, PaperShelf shelf, Toolbox tools) {
        WorkOrder order = WorkOrder.of(card, shelf);
        SheetPlan sheets = SheetPlanner.plan(order);
        return new RunPlan(card, shelf, tools, order, sheets, BenchPlan.of(card, sheets, tools));
    }

    /** What the sheets of the run cost, in hundredths; nothing where the price of one of them is not known. */
    public Optional<Long> cents() {
        boolean known = sheets.papers().stream().allMatch(paper -> paper.paper().cents() > 0);
        return known
                ? Optional.of(sheets.papers().stream()
                        .mapToLong(
                                paper -> (long) paper.sheets() * paper.paper().cents())
                        .sum())
                : Optional.empty();
    }

    /** What the paper of one card of the run costs, to two places; nothing where a price is not known. */
    public Optional<BigDecimal> paperOfOneCard() {
        return cents().map(cents ->
                BigDecimal.valueOf(cents, 2).divide(BigDecimal.valueOf(order.cards()), 2, RoundingMode.HALF_UP));
    }
}
