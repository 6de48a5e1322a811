package kwibbet.layout;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

import kwibbet.layout.PaperPlan.Unplaced;
import kwibbet.layout.PaperPlan.Unplaced.Reason;
import kwibbet.layout.WorkOrder.PaperOrder;
import kwibbet.paper.Paper;
import kwibbet.shape.Size;

/**
 * Plans the sheets of a work order.
 *
 * <p>Several weightings of the parts are each carried through to a full plan; the plan with the fewest sheets, then the
 * fewest different layouts, is kept. The same weightings give the lower bound: if no sheet can hold more than {@code V} worth of
 * parts and all parts together are worth {@code W}, no plan uses fewer than {@code ⌈W/V⌉} sheets. Always correct; not
 * always the minimum, and {@link PaperPlan#isProven()} says when it is.
 */
public final class SheetPlanner {

    private static final Comparator<List<SheetLayout>> FEWER =
            Comparator.<List<SheetLayout>>comparingInt(SheetPlanner::sheets).thenComparingInt(List::size);

    private SheetPlanner() {}

    /** A plan for every paper of the order. */
    public static SheetPlan plan(WorkOrder order) {
        return new SheetPlan(order.papers().stream().map(SheetPlanner::plan).toList(), order.withoutPaper());
    }

    private static PaperPlan plan(PaperOrder order) {
        Paper paper = order.paper();
        List<Unplaced> unplaced = new ArrayList<>();
        List<Wanted> wanted = new ArrayList<>();
        for (Wanted part : order.wanted()) {
            if (part.fitsIn(paper.sheet())) {
                wanted.add(part);
            } else {
                unplaced.add(new Unplaced(part, reason(part, paper.sheet())));
            }
        }
        if (wanted.isEmpty()) {
            return new PaperPlan(paper, order.wanted(), List.of(), 0, unplaced);
        }
        Weighting.Set weightings = Weighting.of(paper.sheet(), wanted);
        List<SheetLayout> layouts = best(paper.sheet(), wanted, weightings);
        return new PaperPlan(paper, order.wanted(), layouts, weightings.sheetsAtLeast(), unplaced);
    }

    private static List<SheetLayout> best(Size sheet, List<Wanted> wanted, Weighting.Set weightings) {
        List<SheetLayout> best = List.of();
        for (Weighting weighting : weightings.all()) {
            List<SheetLayout> tried = new SheetFiller(sheet, wanted, weighting).fill();
            if (best.isEmpty() || FEWER.compare(tried, best) < 0) {
                best = tried;
            }
            if (sheets(best) == weightings.sheetsAtLeast()) {
                return best;
            }
        }
        return best;
    }

    private static int sheets(List<SheetLayout> layouts) {
        return layouts.stream().mapToInt(SheetLayout::copies).sum();
    }

    private static Reason reason(Wanted part, Size sheet) {
        if (part.turning() == Turning.NEITHER) {
            return Reason.GRAIN_AGAINST_PATTERN;
        }
        Size size = part.piece().size();
        return size.fitsIn(sheet) || size.turned().fitsIn(sheet) ? Reason.ONLY_FITS_TURNED : Reason.LARGER_THAN_SHEET;
    }
}
