package kwibbet.bench;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Duration;
import java.util.Optional;

import kwibbet.card.Card;
import kwibbet.cutting.Budget;
import kwibbet.layout.SheetPlan;
import kwibbet.layout.SheetPlanner;
import kwibbet.layout.WorkOrder;
import kwibbet.paper.PaperShelf;
import kwibbet.press.PressPlan;
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

    /** So long a page may wait for fewer sheets. */
    private static final Duration AT_ONCE = Duration.ofMillis(20);

    /** Works it out, with the sheets that are found at once. */
    public static RunPlan of(Card card, PaperShelf shelf, Toolbox tools) {
        PressPlan press = PressPlan.of(card, tools.press(), tools.dies());
        WorkOrder order = WorkOrder.of(card, shelf, press);
        SheetPlan sheets = SheetPlanner.plan(order, tools.trimmer(), Budget.of(AT_ONCE));
        return of(card, shelf, tools, order, sheets, PressList.of(card, press, tools.hand()));
    }

    private static RunPlan of(
            Card card, PaperShelf shelf, Toolbox tools, WorkOrder order, SheetPlan sheets, PressList press) {
        BenchPlan bench = BenchPlan.of(card, sheets, tools, press);
        return new RunPlan(card, shelf, tools, order, bench.trim().sheets(), bench);
    }

    /** The same run with its sheets cut in another way. */
    public RunPlan withSheets(SheetPlan other) {
        return of(card, shelf, tools, order, other, bench.press());
    }

    /** What the sheets of the run cost, in hundredths; nothing where the price of one of them is not known. */
    public Optional<Long> cents() {
        boolean known = sheets.papers().stream().allMatch(paper -> paper.order().sizes().stream()
                .allMatch(size -> size.cents() > 0 || paper.sheetsOf(size) == 0));
        return known
                ? Optional.of(sheets.papers().stream()
                        .mapToLong(paper -> paper.cutting().cents())
                        .sum())
                : Optional.empty();
    }

    /** What the paper of one card of the run costs, to two places; nothing where a price is not known. */
    public Optional<BigDecimal> paperOfOneCard() {
        return cents().map(cents -> BigDecimal.valueOf(cents, 2)
                .divide(BigDecimal.valueOf(card.design().run().cards()), 2, RoundingMode.HALF_UP));
    }
}
