package kwibbet.cutting;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import kwibbet.shape.Rect;

/**
 * How a job is cut.
 *
 * @param job what was asked
 * @param layouts the sheets, those cut alike together
 * @param missing what is not cut
 * @param proof what no plan does better
 */
public record CuttingPlan(CuttingJob job, List<SheetLayout> layouts, List<Missing> missing, Proof proof) {

    /**
     * What is proven of plans that cut as much.
     *
     * @param sheets none uses fewer sheets
     * @param isFewest whether none reaches the aim better than this one
     * @param layouts none that reaches the aim as well has fewer different layouts
     */
    public record Proof(int sheets, boolean isFewest, int layouts) {

        /** Nothing is proven yet. */
        public static final Proof NONE = new Proof(0, false, 1);

        /** So many sheets; nothing is said of layouts. */
        public static Proof of(int sheets, boolean isFewest) {
            return new Proof(sheets, isFewest, 1);
        }

        private Proof and(Proof other, int ofSheets, boolean reachAlike) {
            return new Proof(
                    Math.min(ofSheets, Math.max(sheets, other.sheets)),
                    isFewest || (reachAlike && other.isFewest),
                    reachAlike ? Math.max(layouts, other.layouts) : layouts);
        }
    }

    /** Fewer parts left out, then the job's aim. */
    public static final Comparator<CuttingPlan> SPARING =
            Comparator.comparingDouble(CuttingPlan::areaMissing).thenComparingLong(CuttingPlan::counted);

    /** As {@link #SPARING}, then larger leftovers, then fewer different layouts, then fewer distances to set, then fewer cuts. */
    public static final Comparator<CuttingPlan> BETTER = SPARING.thenComparing(
                    Comparator.comparingDouble(CuttingPlan::reusable).reversed())
            .thenComparingInt(plan -> plan.layouts().size())
            .thenComparingLong(CuttingPlan::distances)
            .thenComparingInt(plan -> plan.layouts().stream()
                    .mapToInt(layout -> layout.cuts().size())
                    .sum());

    /**
     * Parts that are not cut.
     *
     * @param part which
     * @param count how many
     * @param reason why
     */
    public record Missing(Part part, int count, Reason reason) {

        /** Why a part is not cut. */
        public enum Reason {
            NO_STOCK,
            NO_SHEETS_ON_HAND,
            LARGER_THAN_SHEET,
            ONLY_FITS_TURNED,
            GRAIN_AGAINST_PATTERN,
            CUT_TOO_LONG,
            NOT_ENOUGH_SHEETS
        }
    }

    /** Copies the lists. */
    public CuttingPlan {
        layouts = List.copyOf(layouts);
        missing = List.copyOf(missing);
    }

    /** This plan or another of the same job, whichever is better, with what both prove. */
    public CuttingPlan orBetter(CuttingPlan other) {
        int sparing = SPARING.compare(this, other);
        boolean isOther = sparing > 0 || (sparing == 0 && BETTER.compare(other, this) < 0);
        CuttingPlan best = isOther ? other : this;
        // Of plans that leave parts out each bound is for what that plan cuts.
        boolean comparable = missing.isEmpty() && other.missing.isEmpty();
        return comparable
                ? new CuttingPlan(
                        best.job,
                        best.layouts,
                        best.missing,
                        best.proof.and((isOther ? this : other).proof, best.sheets(), sparing == 0))
                : best;
    }

    /** The same with its layouts put another way. */
    public CuttingPlan withLayouts(List<SheetLayout> others) {
        return new CuttingPlan(job, others, missing, proof);
    }

    /** The same, of which it is known that no plan as good has fewer layouts than that. */
    CuttingPlan withLayoutsAtLeast(int least) {
        return new CuttingPlan(job, layouts, missing, new Proof(proof.sheets, proof.isFewest, least));
    }

    /** No plan that cuts as much uses fewer sheets. */
    public int sheetsAtLeast() {
        return proof.sheets;
    }

    /** Whether no plan that cuts as much reaches the aim better. */
    public boolean isProven() {
        return proof.isFewest;
    }

    /** How many sheets are cut. */
    public int sheets() {
        return layouts.stream().mapToInt(SheetLayout::copies).sum();
    }

    /** How many sheets of each stock are cut. */
    public Map<StockId, Integer> sheetsByStock() {
        return layouts.stream()
                .collect(Collectors.groupingBy(SheetLayout::stock, Collectors.summingInt(SheetLayout::copies)));
    }

    /** What the sheets cost, in hundredths, as far as prices are known. */
    public long cents() {
        return layouts.stream()
                .mapToLong(layout -> Math.multiplyExact(stock(layout).cents(), (long) layout.copies()))
                .sum();
    }

    private Stock stock(SheetLayout layout) {
        return job.stocks().stream()
                .filter(stock -> stock.id().equals(layout.stock()))
                .findFirst()
                .orElseThrow(() -> new IllegalStateException(
                        "the job has no stock " + layout.stock().value()));
    }

    private long counted() {
        return layouts.stream()
                .mapToLong(layout -> job.aim().costOf(stock(layout)) * layout.copies())
                .sum();
    }

    private double areaMissing() {
        return missing.stream()
                .mapToDouble(each -> each.count() * each.part().size().area())
                .sum();
    }

    /**
     * What the leftovers worth keeping are good for: the sum of their areas squared, so that one counts for more than its two halves. What of them is a margin of
     * the sheet is good for nothing.
     */
    double reusable() {
        return layouts.stream()
                .mapToDouble(layout -> layout.copies()
                        * withinMargins(layout)
                                .map(Rect::size)
                                .filter(job.keeping()::keeps)
                                .mapToDouble(size -> size.area() * size.area())
                                .sum())
                .sum();
    }

    private Stream<Rect> withinMargins(SheetLayout layout) {
        Rect within = Rect.atOrigin(layout.sheet()).grown(stock(layout).margin().negated());
        return layout.offcuts().stream().flatMap(offcut -> offcut.shared(within).stream());
    }

    /** How many different distances there are between cuts and the edges they are measured from. */
    private long distances() {
        return layouts.stream()
                .flatMap(layout -> layout.cuts().stream())
                .map(SheetLayout.Cut::setting)
                .distinct()
                .count();
    }

    /** The share of the paper that becomes wanted parts, 0 to 1; 0 when no sheet is cut. */
    public double usedShare() {
        double paper = layouts.stream()
                .mapToDouble(layout -> layout.copies() * layout.sheet().area())
                .sum();
        double used = layouts.stream()
                .mapToDouble(layout -> layout.copies()
                        * layout.placements().stream()
                                .mapToDouble(
                                        placement -> placement.area().size().area())
                                .sum())
                .sum();
        return paper == 0 ? 0 : used / paper;
    }

    /** How many of a part come out of all sheets. */
    public int cutOf(PartId part) {
        return layouts.stream()
                .mapToInt(layout -> layout.copies() * layout.counts().getOrDefault(part, 0))
                .sum();
    }
}
