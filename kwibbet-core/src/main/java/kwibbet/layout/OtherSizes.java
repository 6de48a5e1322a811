package kwibbet.layout;

import java.time.Duration;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

import kwibbet.cutting.Budget;
import kwibbet.cutting.CuttingJob;
import kwibbet.cutting.CuttingPlan;
import kwibbet.cutting.Part;
import kwibbet.cutting.SheetSearch;
import kwibbet.cutting.Stock;
import kwibbet.cutting.StockId;
import kwibbet.cutting.Turning;
import kwibbet.layout.WorkOrder.PaperOrder;
import kwibbet.paper.Paper;
import kwibbet.paper.PaperShelf;
import kwibbet.paper.SheetSizes;
import kwibbet.shape.Size;
import kwibbet.tool.Trimmer;

/**
 * How many sheets a run would take if its paper came in another size.
 *
 * @param size the size
 * @param plan how the pieces would be cut from it
 */
public record OtherSizes(Size size, CuttingPlan plan) {

    private static final Duration FOR_EACH = Duration.ofMillis(250);

    /**
     * The common sizes and those on the shelf, the chosen one first.
     *
     * @param order what is cut of one paper
     * @param shelf the papers a maker has
     * @param trimmer what it is cut with
     */
    public static List<OtherSizes> of(PaperOrder order, PaperShelf shelf, Trimmer trimmer) {
        Set<Size> sizes = new LinkedHashSet<>(List.of(order.paper().sheet()));
        sizes.addAll(List.of(
                SheetSizes.TWELVE_SQUARE,
                SheetSizes.LETTER,
                SheetSizes.of(SheetSizes.Family.A, 4),
                SheetSizes.of(SheetSizes.Family.A, 3)));
        shelf.papers().stream().map(Paper::sheet).forEach(sizes::add);
        List<OtherSizes> all = new ArrayList<>();
        for (Size size : sizes) {
            all.add(new OtherSizes(size, SheetSearch.plan(job(order, size, trimmer), Budget.about(FOR_EACH))));
        }
        return all;
    }

    private static CuttingJob job(PaperOrder order, Size size, Trimmer trimmer) {
        StockId id = new StockId("sheet");
        List<Part> parts = new ArrayList<>();
        for (CutPart part : order.parts()) {
            Map<StockId, Turning> from = new LinkedHashMap<>();
            from.put(id, part.first().turnings().getOrDefault(order.paper().id(), Turning.EITHER));
            parts.add(new Part(part.id(), order.cutTo(part, trimmer), part.count(), from));
        }
        CuttingJob plain = CuttingJob.of(List.of(Stock.of(id, size)), parts);
        boolean reachable = !size.width().isLongerThan(trimmer.longestCut())
                || !size.height().isLongerThan(trimmer.longestCut());
        return new CuttingJob(
                plain.stocks(),
                plain.parts(),
                plain.kerf(),
                reachable ? Optional.of(trimmer.longestCut()) : Optional.empty(),
                plain.aim(),
                plain.keeping());
    }

    /** Whether every piece can be cut from it. */
    public boolean isPossible() {
        return plan.missing().isEmpty();
    }
}
