package kwibbet.layout;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Consumer;

import kwibbet.cutting.Aim;
import kwibbet.cutting.Budget;
import kwibbet.cutting.CuttingJob;
import kwibbet.cutting.CuttingPlan;
import kwibbet.cutting.Keeping;
import kwibbet.cutting.Part;
import kwibbet.cutting.PartId;
import kwibbet.cutting.SheetSearch;
import kwibbet.cutting.Stock;
import kwibbet.cutting.StockId;
import kwibbet.cutting.Turning;
import kwibbet.layout.WorkOrder.PaperOrder;
import kwibbet.measure.Length;
import kwibbet.paper.Offcut;
import kwibbet.paper.Paper;
import kwibbet.paper.PaperId;
import kwibbet.shape.Size;
import kwibbet.tool.Trimmer;

/**
 * Plans the sheets of a work order.
 *
 * <p>The size of a paper that was chosen can be bought, its other sizes are used as far as there are any. No cut is planned that is
 * longer than the trimmer's, unless a sheet is too large for it both ways: such a sheet is cut with a knife first.
 */
public final class SheetPlanner {

    private SheetPlanner() {}

    /**
     * A plan for every paper of the order, with the fewest sheets that are found; of what was planned before, that plan.
     *
     * @param order what is wanted
     * @param trimmer what it is cut with
     * @param known what was planned before
     * @param budget how much to look, the same for each paper
     */
    public static SheetPlan plan(WorkOrder order, Trimmer trimmer, KnownPlans known, Budget budget) {
        Map<PaperId, PaperPlan> plans = new LinkedHashMap<>();
        Iterator<Budget> shares = shares(order, budget);
        for (PaperOrder paper : order.papers()) {
            CuttingJob job = job(paper, trimmer);
            Budget share = shares.next();
            CuttingPlan plan = known.of(job).map(KnownPlans.Known::plan).orElseGet(() -> SheetSearch.plan(job, share));
            plans.put(paper.paper().id(), new PaperPlan(paper, plan, bleeds(paper, trimmer)));
        }
        return together(order, plans);
    }

    /**
     * As {@link #plan}, and where the fewest sheets are found larger leftovers, fewer layouts and fewer distances to set. What is final already is
     * not looked for again.
     *
     * @param order what is wanted
     * @param trimmer what it is cut with
     * @param known what was planned before
     * @param budget how much to look, the same for each paper
     * @param better is given each better plan, once there is one for each paper
     */
    public static SheetPlan refine(
            WorkOrder order, Trimmer trimmer, KnownPlans known, Budget budget, Consumer<SheetPlan> better) {
        Map<PaperId, PaperPlan> plans = new LinkedHashMap<>();
        Iterator<Budget> shares = shares(order, budget);
        for (PaperOrder paper : order.papers()) {
            CuttingJob job = job(paper, trimmer);
            Budget share = shares.next();
            CuttingPlan plan = known.of(job)
                    .filter(KnownPlans.Known::isFinal)
                    .map(KnownPlans.Known::plan)
                    .orElseGet(() -> SheetSearch.refined(job, share, found -> {
                        plans.put(paper.paper().id(), new PaperPlan(paper, found, bleeds(paper, trimmer)));
                        if (plans.size() == order.papers().size()) {
                            better.accept(together(order, plans));
                        }
                    }));
            budget.spend(share);
            plans.put(paper.paper().id(), new PaperPlan(paper, plan, bleeds(paper, trimmer)));
        }
        return together(order, plans);
    }

    /** As much for each, whatever was planned before: so the plan of a paper does not hang on what is known of the others. */
    private static Iterator<Budget> shares(WorkOrder order, Budget budget) {
        return order.papers().stream()
                .map(paper -> budget.share(1.0 / order.papers().size()))
                .toList()
                .iterator();
    }

    private static SheetPlan together(WorkOrder order, Map<PaperId, PaperPlan> plans) {
        return new SheetPlan(List.copyOf(plans.values()), order.withoutPaper());
    }

    static StockId stockOf(Paper size) {
        return new StockId(size.id().value());
    }

    static StockId stockOf(Offcut leftover) {
        return new StockId("leftover " + leftover.id().value());
    }

    private static CuttingJob job(PaperOrder order, Trimmer trimmer) {
        List<Stock> stocks = stocks(order, trimmer);
        Map<PartId, Length> bleeds = bleeds(order, trimmer);
        List<Part> parts = order.parts().stream()
                .map(part -> new Part(
                        part.id(),
                        room(order.cutTo(part, trimmer), Optional.ofNullable(bleeds.get(part.id()))),
                        part.count(),
                        turnings(part.first(), order)))
                .toList();
        Length longest = trimmer.longestCut();
        boolean byKnife = order.sizes().stream()
                .anyMatch(size -> size.sheet().width().isLongerThan(longest)
                        && size.sheet().height().isLongerThan(longest));
        return new CuttingJob(
                stocks,
                parts,
                Length.ZERO,
                byKnife ? Optional.empty() : Optional.of(longest),
                order.thrift() == Thrift.LEAST_COST ? Aim.LEAST_COST : Aim.FEWEST_SHEETS,
                Keeping.USUAL);
    }

    private static Size room(Size cut, Optional<Length> bleed) {
        return bleed.map(each -> each.multipliedBy(2))
                .map(twice -> new Size(cut.width().plus(twice), cut.height().plus(twice)))
                .orElse(cut);
    }

    /** What is cut off each side of parts that are printed past their edges: to the next mark. */
    private static Map<PartId, Length> bleeds(PaperOrder order, Trimmer trimmer) {
        Map<PartId, Length> bleeds = new HashMap<>();
        for (CutPart part : order.parts()) {
            Length bleed = part.first().bleed();
            if (bleed.isPositive()) {
                bleeds.put(part.id(), trimmer.offEdge(bleed));
            }
        }
        return bleeds;
    }

    private static List<Stock> stocks(PaperOrder order, Trimmer trimmer) {
        List<Stock> stocks = new ArrayList<>();
        for (Paper size : order.sizes()) {
            boolean chosen = size.equals(order.paper());
            OptionalInt onHand = chosen ? OptionalInt.empty() : OptionalInt.of(size.onHand());
            stocks.add(new Stock(
                    stockOf(size),
                    size.sheet(),
                    onHand,
                    size.cents(),
                    Stock.Source.SHELF,
                    trimmer.offEdge(size.margin()),
                    mark(size, trimmer)));
        }
        for (Offcut leftover : order.leftovers()) {
            OptionalInt count = OptionalInt.of(leftover.count());
            stocks.add(new Stock(stockOf(leftover), leftover.size(), count, 0, Stock.Source.DRAWER, Length.ZERO));
        }
        return stocks;
    }

    /** What can be used within margins ends at a mark; where it does anyway, and where there is no margin, nothing is said of marks. */
    private static Length mark(Paper size, Trimmer trimmer) {
        Length mark = trimmer.graduation().step();
        boolean isAnyway =
                size.sheet().width().isMultipleOf(mark) && size.sheet().height().isMultipleOf(mark);
        return size.margin().isZero() || isAnyway ? Length.TICK : mark;
    }

    /** A leftover is turned as the sheet it is of; a printer takes whole sheets only. */
    private static Map<StockId, Turning> turnings(Wanted wanted, PaperOrder order) {
        Map<StockId, Turning> turnings = new LinkedHashMap<>();
        wanted.turnings().forEach((paper, turning) -> turnings.put(new StockId(paper.value()), turning));
        List<Offcut> leftovers = wanted.piece().isPrinted() ? List.of() : order.leftovers();
        leftovers.forEach(leftover -> Optional.ofNullable(wanted.turnings().get(leftover.paper()))
                .ifPresent(turning -> turnings.put(stockOf(leftover), turning)));
        return turnings;
    }
}
