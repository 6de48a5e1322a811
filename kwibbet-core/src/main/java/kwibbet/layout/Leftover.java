package kwibbet.layout;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

import kwibbet.cutting.SheetCount;
import kwibbet.shape.Rect;
import kwibbet.shape.Size;

/**
 * What is left of the sheets of one layout, in one place.
 *
 * @param size how large it is
 * @param asCut its size as it comes off the sheet, with any edge a printer left bare
 * @param count how many of it there are in the run
 * @param isKept whether it is worth keeping
 * @param fits what else could be cut from one of it, most of it first; only for what is worth keeping
 */
public record Leftover(Size size, Size asCut, int count, boolean isKept, List<Fit> fits) {

    private static final int MOST_FITS = 2;

    /**
     * A part of the run that could be cut from it once more.
     *
     * @param part which
     * @param count how many from one leftover
     */
    public record Fit(CutPart part, int count) {}

    /** Copies the list. */
    public Leftover {
        fits = List.copyOf(fits);
    }

    /** Whether a bare edge is cut off before it is kept. */
    public boolean hasBareEdge() {
        return !size.equals(asCut);
    }

    /** What is left of a layout, the largest first; what a printer has left bare is not counted, nor what is bare all over. */
    public static List<Leftover> of(SheetPlan.Lettered sheet) {
        record Come(Size size, Size asCut) {}
        Map<Come, Integer> places = new LinkedHashMap<>();
        for (Rect offcut : sheet.layout().offcuts()) {
            sheet.printed()
                    .within(offcut)
                    .ifPresent(good -> places.merge(new Come(good.size(), offcut.size()), 1, Integer::sum));
        }
        List<Leftover> all = new ArrayList<>();
        places.forEach((each, onOne) -> {
            boolean kept = sheet.plan().cutting().job().keeping().keeps(each.size);
            int count = Math.multiplyExact(onOne, sheet.layout().copies());
            all.add(new Leftover(each.size, each.asCut, count, kept, kept ? fits(sheet, each.size) : List.of()));
        });
        all.sort(Comparator.comparingDouble((Leftover leftover) -> leftover.size.area())
                .reversed());
        return all;
    }

    private static List<Fit> fits(SheetPlan.Lettered sheet, Size size) {
        List<Fit> fits = new ArrayList<>();
        for (CutPart part : sheet.plan().order().parts()) {
            SheetCount count = SheetCount.of(part.blank(), size);
            int most = part.first().turnings().values().stream()
                            .allMatch(turning -> turning.ways().size() == 2)
                    ? count.count(count.best())
                    : count.count(SheetCount.Way.UPRIGHT);
            if (most > 0) {
                fits.add(new Fit(part, most));
            }
        }
        fits.sort(
                Comparator.comparingDouble((Fit fit) -> fit.part.blank().area()).reversed());
        return fits.subList(0, Math.min(MOST_FITS, fits.size()));
    }
}
