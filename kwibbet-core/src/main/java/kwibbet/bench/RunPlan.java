package kwibbet.bench;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import kwibbet.card.Card;
import kwibbet.card.Thrift;
import kwibbet.cutting.Budget;
import kwibbet.cutting.PartId;
import kwibbet.layout.KnownPlans;
import kwibbet.layout.SheetPlan;
import kwibbet.layout.SheetPlanner;
import kwibbet.layout.WorkOrder;
import kwibbet.paper.PaperShelf;
import kwibbet.press.PressPlan;
import kwibbet.tool.Hand;
import kwibbet.tool.Toolbox;

/**
 * Everything worked out for a run, of one card or of several cut together; what pages, prints and files show.
 *
 * @param cards the cards; at least one, the pieces of several named apart
 * @param shelf the papers it was planned with
 * @param tools the tools it was planned for
 * @param order the pieces by paper
 * @param planned how the paper is cut, as it was planned: what is kept of the run, since all the rest follows from it
 * @param bench the steps
 */
public record RunPlan(
        List<Card> cards, PaperShelf shelf, Toolbox tools, WorkOrder order, SheetPlan planned, BenchPlan bench) {

    /** So much a page looks for fewer sheets while somebody waits for it. */
    private static final Duration AT_ONCE = Duration.ofMillis(20);

    /** Copies the list. */
    public RunPlan {
        cards = List.copyOf(cards);
    }

    /** Works out the run of a card, with the sheets that are found at once. */
    public static RunPlan of(Card card, PaperShelf shelf, Toolbox tools) {
        return of(card, shelf, tools, KnownPlans.NONE);
    }

    /** Works out the run of a card, with the sheets that are known, or found at once. */
    public static RunPlan of(Card card, PaperShelf shelf, Toolbox tools, KnownPlans known) {
        return of(List.of(card), shelf, tools, card.design().run().thrift(), known);
    }

    /**
     * Works out the runs of some cards, cut from the same sheets, with those that are found at once.
     *
     * @param cards at least one
     * @param shelf the papers
     * @param tools the tools
     * @param thrift what is spared, whatever each run by itself would spare
     * @param known what was planned before
     */
    public static RunPlan of(List<Card> cards, PaperShelf shelf, Toolbox tools, Thrift thrift, KnownPlans known) {
        return of(cards, shelf, tools, thrift, known, Map.of());
    }

    /**
     * Works out what is left to do of the runs of some cards of which a part is cut.
     *
     * @param cards at least one
     * @param shelf the papers
     * @param tools the tools
     * @param thrift what is spared, whatever each run by itself would spare
     * @param known what was planned before
     * @param cut how many of each piece are cut, by its name in the run
     */
    public static RunPlan of(
            List<Card> cards,
            PaperShelf shelf,
            Toolbox tools,
            Thrift thrift,
            KnownPlans known,
            Map<PartId, Integer> cut) {
        List<Card> apart = Card.apart(cards);
        PressPlan press = PressPlan.of(apart, tools);
        WorkOrder order = WorkOrder.of(apart, shelf, thrift, press).less(cut);
        SheetPlan sheets = SheetPlanner.plan(order, tools.trimmer(), known, Budget.about(AT_ONCE));
        return of(apart, shelf, tools, order, sheets, PressList.of(apart, press, tools.hand()));
    }

    private static RunPlan of(
            List<Card> cards, PaperShelf shelf, Toolbox tools, WorkOrder order, SheetPlan sheets, PressList press) {
        BenchPlan bench = BenchPlan.of(cards, sheets, tools, press);
        return new RunPlan(cards, shelf, tools, order, sheets, bench);
    }

    /** How the paper is cut, every piece where it is cut off. */
    public SheetPlan sheets() {
        return bench.trim().sheets();
    }

    /** The same run with its sheets cut in another way. */
    public RunPlan withSheets(SheetPlan other) {
        return of(cards, shelf, tools, order, other, bench.press());
    }

    /** The same run, its sheets and all, for a maker of that hand. */
    public RunPlan forHand(Hand hand) {
        if (tools.hand() == hand) {
            return this;
        }
        Toolbox other = tools.withHand(hand);
        return of(
                cards,
                shelf,
                other,
                order,
                planned,
                PressList.of(cards, bench.press().plan(), hand));
    }

    /** The card of a run of one. */
    public Card card() {
        return cards.get(0);
    }

    /** How one of the cards is made, step by step. */
    public List<MakeStep> makeOf(Card one) {
        return MakeStep.of(one, bench.press());
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
        return cents().map(cents -> BigDecimal.valueOf(cents, 2)
                .divide(BigDecimal.valueOf(card().design().run().cards()), 2, RoundingMode.HALF_UP));
    }
}
