package kwibbet.cutting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import java.util.stream.LongStream;

import kwibbet.measure.Length;
import kwibbet.shape.Axis;
import kwibbet.shape.Size;

/**
 * Of plans with the fewest sheets, looks for one that leaves a larger strip of one sheet whole.
 *
 * <p>The strip is taken off the sheet before: the job is planned for all sheets but one and what is left of that one. How wide the strip can be is
 * found by halving; that a job cannot be cut from so little the bound of the search says, mostly at once.
 */
final class LeftoverSearch {

    private static final int MOST_SUMS = 2_000;
    /** Where there are too many sums of sides, as fine as a trimmer is read. */
    private static final long GRID = Length.ofInches(1, 8).toTicks();
    /** What one try may take of the work that is left. */
    private static final double FOR_ONE = 0.3;

    private final Budget budget;
    /** Longer than the id of any stock, and so none of them. */
    private final StockId rest;

    private final Consumer<CuttingPlan> better;
    private CuttingPlan best;

    private LeftoverSearch(CuttingPlan plan, Budget budget, Consumer<CuttingPlan> better) {
        this.best = plan;
        this.rest = new StockId(plan.job().stocks().stream()
                .map(stock -> stock.id().value())
                .collect(Collectors.joining(" ", "what is left of ", "")));
        this.budget = budget;
        this.better = better;
    }

    /**
     * A plan with larger leftovers, or the same.
     *
     * @param plan a plan that cuts every part
     * @param budget how much to look
     * @param better is given each plan that is better than those before
     */
    static CuttingPlan larger(CuttingPlan plan, Budget budget, Consumer<CuttingPlan> better) {
        LeftoverSearch search = new LeftoverSearch(plan, budget, better);
        search.largest().ifPresent(stock -> {
            search.look(stock, Axis.HORIZONTAL);
            search.look(stock, Axis.VERTICAL);
        });
        return search.best;
    }

    /** The largest sheet that is cut. */
    private Optional<Stock> largest() {
        return best.job().stocks().stream()
                .filter(stock -> best.sheetsByStock().containsKey(stock.id()))
                .max(Comparator.comparingDouble(stock -> stock.sheet().area()));
    }

    private void look(Stock stock, Axis axis) {
        boolean reaches = best.job()
                .longestCut()
                .map(longest -> !stock.sheet().across(axis.across()).isLongerThan(longest))
                .orElse(true);
        long[] places = reaches ? places(stock, axis) : new long[0];
        int impossible = -1;
        int known = places.length;
        while (known - impossible > 1 && !budget.isSpent()) {
            int middle = (known + impossible) / 2;
            Optional<CuttingPlan> plan = upTo(stock, axis, Length.ofTicks(places[middle]));
            if (plan.isPresent()) {
                known = middle;
                offer(plan.get());
            } else {
                impossible = middle;
            }
        }
    }

    private void offer(CuttingPlan plan) {
        if (CuttingPlan.BETTER.compare(plan, best) < 0) {
            best = plan;
            better.accept(plan);
        }
    }

    /** Where the strip could be cut off: it is worth keeping and larger than any leftover so far, and what is left is not too little. */
    private long[] places(Stock stock, Axis axis) {
        Size sheet = stock.sheet();
        Length kerf = best.job().kerf();
        double along = sheet.across(axis.across()).toInches();
        double others = best.layouts().stream()
                        .mapToDouble(layout -> layout.copies() * layout.sheet().area())
                        .sum()
                - sheet.area();
        double wanted = best.job().parts().stream()
                .mapToDouble(part -> part.count() * part.size().area())
                .sum();
        double leftNow = largestLeftover();
        Length twice = stock.margin().multipliedBy(2);
        return LongStream.of(sums(stock, axis))
                .filter(sum -> sum > 0)
                .map(sum -> sum + twice.toTicks())
                .filter(at -> {
                    Length strip = sheet.across(axis).minus(Length.ofTicks(at)).minus(kerf);
                    return strip.isPositive()
                            && best.job().keeping().keeps(new Size(strip, sheet.across(axis.across())))
                            && strip.toInches() * along > leftNow
                            && Length.ofTicks(at).toInches() * along + others >= wanted;
                })
                .toArray();
    }

    private double largestLeftover() {
        return best.layouts().stream()
                .flatMap(layout -> layout.offcuts().stream())
                .map(offcut -> offcut.size())
                .filter(best.job().keeping()::keeps)
                .mapToDouble(Size::area)
                .max()
                .orElse(0);
    }

    private long[] sums(Stock stock, Axis axis) {
        long whole = stock.usable().map(usable -> usable.across(axis).toTicks()).orElse(0L);
        long kerf = best.job().kerf().toTicks();
        long[] sides = best.job().parts().stream()
                .flatMap(part -> part.on(stock.id()).ways().stream().map(part::room))
                .mapToLong(room -> room.across(axis).toTicks() + kerf)
                .distinct()
                .toArray();
        return Positions.sums(sides, whole + kerf, MOST_SUMS)
                .map(sums -> LongStream.of(sums).map(sum -> sum - kerf).toArray())
                .orElseGet(() -> LongStream.rangeClosed(1, whole / GRID)
                        .map(step -> step * GRID)
                        .toArray());
    }

    /** A plan for one sheet less and so much of that one. */
    private Optional<CuttingPlan> upTo(Stock stock, Axis axis, Length at) {
        Size sheet = stock.sheet();
        Size left = axis == Axis.VERTICAL ? new Size(at, sheet.height()) : new Size(sheet.width(), at);
        Map<StockId, Integer> used = best.sheetsByStock();
        List<Stock> stocks = new ArrayList<>();
        best.job().stocks().forEach(each -> {
            int sheets = used.getOrDefault(each.id(), 0) - (each.equals(stock) ? 1 : 0);
            stocks.add(new Stock(
                    each.id(),
                    each.sheet(),
                    OptionalInt.of(sheets),
                    each.cents(),
                    each.source(),
                    each.margin(),
                    each.mark()));
        });
        stocks.add(
                new Stock(rest, left, OptionalInt.of(1), stock.cents(), stock.source(), stock.margin(), stock.mark()));
        List<Part> parts = best.job().parts().stream()
                .map(part -> new Part(part.id(), part.size(), part.count(), alsoOnRest(part, stock)))
                .toList();
        CuttingJob job = best.job();
        CuttingJob smaller = new CuttingJob(stocks, parts, job.kerf(), job.longestCut(), job.aim(), job.keeping());
        Budget share = budget.share(FOR_ONE);
        Optional<CuttingPlan> plan = SheetSearch.complete(smaller, share);
        budget.spend(share);
        return plan.map(each -> onWholeSheets(each, stock, axis, at));
    }

    private Map<StockId, Turning> alsoOnRest(Part part, Stock stock) {
        Map<StockId, Turning> from = new HashMap<>(part.from());
        from.put(rest, part.on(stock.id()));
        return from;
    }

    private CuttingPlan onWholeSheets(CuttingPlan plan, Stock stock, Axis axis, Length at) {
        List<SheetLayout> layouts = plan.layouts().stream()
                .map(layout -> layout.stock().equals(rest) ? onWhole(layout, stock, axis, at) : layout)
                .toList();
        return new CuttingPlan(best.job(), layouts, best.missing(), best.proof());
    }

    private static SheetLayout onWhole(SheetLayout layout, Stock stock, Axis axis, Length at) {
        Section whole = Section.split(axis, at, layout.root(), Section.LEFTOVER);
        return new SheetLayout(stock.id(), stock.sheet(), layout.kerf(), layout.copies(), whole);
    }
}
