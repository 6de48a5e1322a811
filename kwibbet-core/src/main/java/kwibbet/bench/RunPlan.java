package kwibbet.bench;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import kwibbet.card.Card;
import kwibbet.card.Copies;
import kwibbet.card.RunLine;
import kwibbet.cutting.Budget;
import kwibbet.cutting.PartId;
import kwibbet.layout.KnownPlans;
import kwibbet.layout.SheetPlan;
import kwibbet.layout.SheetPlanner;
import kwibbet.layout.Thrift;
import kwibbet.layout.WorkOrder;
import kwibbet.making.Making;
import kwibbet.making.Way;
import kwibbet.paper.PaperShelf;
import kwibbet.press.PressPlan;
import kwibbet.tool.Hand;
import kwibbet.tool.Toolbox;

/**
 * Everything worked out for a run, of one card or of several cut together; what pages, prints and files show.
 *
 * @param lines its cards, each with its copies; at least one, the pieces of several named apart
 * @param shelf the papers it was planned with
 * @param tools the tools it was planned for
 * @param order the pieces by paper
 * @param planned how the paper is cut, as it was planned: what is kept of the run, since all the rest follows from it
 * @param bench the steps
 */
public record RunPlan(
        List<RunLine> lines, PaperShelf shelf, Toolbox tools, WorkOrder order, SheetPlan planned, BenchPlan bench) {

    /** So much a page looks for fewer sheets while somebody waits for it. */
    private static final Duration AT_ONCE = Duration.ofMillis(20);

    /** Copies the list. */
    public RunPlan {
        lines = List.copyOf(lines);
    }

    /** Works out the run of one card, with the sheets that are found at once. */
    public static RunPlan of(RunLine line, PaperShelf shelf, Thrift thrift, Toolbox tools) {
        return of(List.of(line), shelf, thrift, tools, KnownPlans.NONE);
    }

    /**
     * Works out a run, its cards cut from the same sheets, with those that are found at once.
     *
     * @param lines its cards, at least one
     * @param shelf the papers
     * @param thrift what is spared
     * @param tools the tools
     * @param known what was planned before
     */
    public static RunPlan of(List<RunLine> lines, PaperShelf shelf, Thrift thrift, Toolbox tools, KnownPlans known) {
        return of(lines, shelf, thrift, tools, new KnownLists(known, FenceOrders.NONE), Map.of());
    }

    /**
     * Works out what is left to do of a run of which a part is cut.
     *
     * @param lines its cards, at least one
     * @param shelf the papers
     * @param thrift what is spared
     * @param tools the tools
     * @param known what was worked out before
     * @param cut how many of each piece are cut, by its name in the run
     */
    public static RunPlan of(
            List<RunLine> lines,
            PaperShelf shelf,
            Thrift thrift,
            Toolbox tools,
            KnownLists known,
            Map<PartId, Integer> cut) {
        List<RunLine> apart = RunLine.apart(lines);
        PressPlan press = PressPlan.of(apart, tools);
        WorkOrder order = WorkOrder.of(apart, shelf, thrift, press).less(cut);
        SheetPlan sheets = SheetPlanner.plan(order, tools.trimmer(), known.sheets(), Budget.about(AT_ONCE));
        PressList list = PressList.of(cards(apart), press, tools.hand());
        return new RunPlan(apart, shelf, tools, order, sheets, BenchPlan.of(apart, sheets, tools, list, known.fence()));
    }

    private static List<Card> cards(List<RunLine> lines) {
        return lines.stream().map(RunLine::card).toList();
    }

    /** Its cards. */
    public List<Card> cards() {
        return cards(lines);
    }

    /** How the paper is cut, every piece where it is cut off. */
    public SheetPlan sheets() {
        return bench.trim().sheets();
    }

    /** The same run with its sheets cut in another way. */
    public RunPlan withSheets(SheetPlan other) {
        return new RunPlan(
                lines, shelf, tools, order, other, BenchPlan.of(lines, other, tools, bench.press(), FenceOrders.NONE));
    }

    /** The same run, its sheets and all, for a maker of that hand. */
    public RunPlan forHand(Hand hand) {
        if (tools.hand() == hand) {
            return this;
        }
        Toolbox other = tools.withHand(hand);
        PressList press = PressList.of(cards(), bench.press().plan(), hand);
        FenceOrders same = bench.trim().orders();
        return new RunPlan(lines, shelf, other, order, planned, BenchPlan.of(lines, planned, other, press, same));
    }

    /** The card of a run of one. */
    public Card card() {
        return lines.get(0).card();
    }

    /** How many are made of the card of a run of one. */
    public Copies copies() {
        return lines.get(0).copies();
    }

    /** How one of the cards is made. */
    public Making makeOf(Card one, Way way) {
        return Making.of(one, bench.press().plan(), way);
    }

    /** What the sheets of the run cost, in hundredths; nothing where the price of one of them is not known. */
    public Optional<Long> cents() {
        boolean known = sheets().papers().stream().allMatch(paper -> paper.order().sizes().stream()
                .allMatch(size -> size.cents() > 0 || paper.sheetsOf(size) == 0));
        return known
                ? Optional.of(sheets().papers().stream()
                        .mapToLong(paper -> paper.cutting().cents())
                        .sum())
                : Optional.empty();
    }

    /** What the paper of one card of the run costs, to two places; nothing where a price is not known. */
    public Optional<BigDecimal> paperOfOneCard() {
        return cents().map(cents ->
                BigDecimal.valueOf(cents, 2).divide(BigDecimal.valueOf(copies().cards()), 2, RoundingMode.HALF_UP));
    }
}
