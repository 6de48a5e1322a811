package kwibbet.cutting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

import kwibbet.cutting.CuttingPlan.Missing;
import kwibbet.cutting.CuttingPlan.Missing.Reason;
import kwibbet.shape.Size;

/** Why parts cannot be cut, and what can be said of a plan that leaves some out. */
final class Shortfall {

    private Shortfall() {}

    /** The parts that no stock can give. */
    static List<Missing> impossible(CuttingJob job) {
        List<Missing> missing = new ArrayList<>();
        for (Part part : job.parts()) {
            if (part.count() > 0 && job.stocks().stream().noneMatch(stock -> CuttingTask.canCut(job, part, stock))) {
                missing.add(new Missing(part, part.count(), reason(job, part)));
            }
        }
        return missing;
    }

    private static Reason reason(CuttingJob job, Part part) {
        List<Stock> stocks = job.stocks().stream()
                .filter(stock -> part.from().containsKey(stock.id()))
                .toList();
        if (stocks.isEmpty()) {
            return Reason.NO_STOCK;
        }
        if (stocks.stream().allMatch(stock -> stock.onHand().orElse(1) == 0)) {
            return Reason.NO_SHEETS_ON_HAND;
        }
        if (stocks.stream().allMatch(stock -> part.on(stock.id()) == Turning.NEITHER)) {
            return Reason.GRAIN_AGAINST_PATTERN;
        }
        if (stocks.stream()
                .anyMatch(stock -> fits(part, stock, part.on(stock.id()).ways()))) {
            return Reason.CUT_TOO_LONG;
        }
        return stocks.stream().anyMatch(stock -> fits(part, stock, Turning.EITHER.ways()))
                ? Reason.ONLY_FITS_TURNED
                : Reason.LARGER_THAN_SHEET;
    }

    private static boolean fits(Part part, Stock stock, List<Boolean> ways) {
        Optional<Size> usable = stock.usable();
        return usable.isPresent()
                && ways.stream().anyMatch(turned -> part.room(turned).fitsIn(usable.get()));
    }

    /** The bound for just those parts that a plan cuts, by plain worths. */
    static int sheetsAtLeast(CuttingPlan plan) {
        CuttingJob job = plan.job();
        List<Part> cut = job.parts().stream()
                .map(part -> part.withCount(plan.cutOf(part.id())))
                .toList();
        CuttingJob fewer =
                new CuttingJob(job.stocks(), cut, job.kerf(), job.longestCut(), Aim.FEWEST_SHEETS, job.keeping());
        CuttingTask task = CuttingTask.of(fewer);
        List<Pricing> alone = priced(task, Worths.alone(task));
        long[] mostOnOneSheet = alone.stream().mapToLong(Pricing::most).toArray();
        return Stream.concat(alone.stream(), priced(task, Worths.plain(task, mostOnOneSheet)).stream())
                .mapToInt(pricing -> Math.toIntExact(pricing.sheetsAtLeast().orElse(0)))
                .max()
                .orElse(0);
    }

    private static List<Pricing> priced(CuttingTask task, List<long[]> worths) {
        return worths.stream()
                .map(each -> new Pricing(task, each, Budget.of(0)))
                .toList();
    }
}
