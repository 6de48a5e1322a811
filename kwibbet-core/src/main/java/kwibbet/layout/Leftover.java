package kwibbet.layout;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

import kwibbet.cutting.SheetCount;
import kwibbet.shape.Rect;
import kwibbet.shape.Size;

/**
 * What is left of the sheets of one layout, in one place.
 *
 * @param size how large it is
 * @param count how many of it there are in the run
 * @param isKept whether it is worth keeping
 * @param fits what else could be cut from one of it, most of it first; only for what is worth keeping
 */
public record Leftover(Size size, int count, boolean isKept, List<Fit> fits) {

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

    /** What is left of a layout, the largest first. */
    public static List<Leftover> of(SheetPlan.Lettered sheet) {
        List<Leftover> all = new ArrayList<>();
        for (Size size :
                sheet.layout().offcuts().stream().map(Rect::size).distinct().toList()) {
            long places = sheet.layout().offcuts().stream()
                    .filter(offcut -> offcut.size().equals(size))
                    .count();
            boolean kept = sheet.plan().cutting().job().keeping().keeps(size);
            int count = Math.toIntExact(places * sheet.layout().copies());
            all.add(new Leftover(size, count, kept, kept ? fits(sheet, size) : List.of()));
        }
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
