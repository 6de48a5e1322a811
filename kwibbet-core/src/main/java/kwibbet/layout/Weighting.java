package kwibbet.layout;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

import kwibbet.shape.Size;

/**
 * What each part is worth when sheets are filled.
 *
 * @param values one a part, in the order of the parts; not negative
 */
record Weighting(List<Long> values) {

    /** Worth of a whole sheet where a part is worth its share of one. */
    private static final long SHEET = 1_000_000_000_000L;

    /**
     * The weightings to try, and the bound they prove.
     *
     * @param all the weightings
     * @param sheetsAtLeast no plan uses fewer sheets
     */
    record Set(List<Weighting> all, int sheetsAtLeast) {}

    static Set of(Size sheet, List<Wanted> parts) {
        List<Long> mostOnOneSheet =
                parts.stream().map(part -> mostOnOneSheet(sheet, part)).toList();
        Weighting area =
                new Weighting(parts.stream().map(part -> share(part, sheet)).toList());
        Weighting fewest =
                new Weighting(mostOnOneSheet.stream().map(most -> SHEET / most).toList());
        // Between the two: large parts and parts that leave much waste first.
        Weighting between = new Weighting(IntStream.range(0, parts.size())
                .mapToObj(i -> Math.addExact(area.values.get(i), fewest.values.get(i)) / 2)
                .toList());
        long atLeast = 1;
        for (int i = 0; i < parts.size(); i++) {
            atLeast = Math.max(atLeast, ceilDiv(parts.get(i).count(), mostOnOneSheet.get(i)));
        }
        List<Weighting> all = List.of(area, fewest, between);
        for (Weighting weighting : all) {
            atLeast = Math.max(atLeast, weighting.bound(sheet, parts));
        }
        return new Set(all, Math.toIntExact(atLeast));
    }

    private static long share(Wanted part, Size sheet) {
        return Math.max(1, Math.round(SHEET * (part.piece().size().area() / sheet.area())));
    }

    private static long mostOnOneSheet(Size sheet, Wanted part) {
        Optional<PatternFinder> finder = PatternFinder.of(sheet, List.of(part), List.of(1L));
        return finder.map(PatternFinder::value).orElseGet(() -> byArea(part, sheet));
    }

    /** More than can be cut, where too many positions forbid the exact count. */
    private static long byArea(Wanted part, Size sheet) {
        return (long) Math.ceil(sheet.area() / part.piece().size().area());
    }

    private long bound(Size sheet, List<Wanted> parts) {
        long total = 0;
        for (int i = 0; i < parts.size(); i++) {
            total = Math.addExact(
                    total, Math.multiplyExact(values.get(i), (long) parts.get(i).count()));
        }
        Optional<PatternFinder> finder = PatternFinder.of(sheet, parts, values);
        return finder.isEmpty() ? 1 : ceilDiv(total, finder.get().value());
    }

    private static long ceilDiv(long dividend, long divisor) {
        return (dividend + divisor - 1) / divisor;
    }
}
