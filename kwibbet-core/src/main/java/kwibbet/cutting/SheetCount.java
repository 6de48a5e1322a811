package kwibbet.cutting;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;

import kwibbet.measure.Length;
import kwibbet.shape.Size;

/**
 * How many of one part a single sheet gives: the everyday question.
 *
 * @param counts how many, each way
 * @param layouts how the sheet is cut, each way that gives any
 */
public record SheetCount(Map<Way, Integer> counts, Map<Way, SheetLayout> layouts) {

    private static final StockId SHEET = new StockId("sheet");
    private static final PartId PART = new PartId("part");

    /** How the parts lie. */
    public enum Way {
        UPRIGHT("upright", Turning.UPRIGHT),
        TURNED("turned", Turning.TURNED),
        MIXED("mixed", Turning.EITHER);

        private final String words;
        private final Turning turning;

        Way(String words, Turning turning) {
            this.words = words;
            this.turning = turning;
        }

        /** What makers call it. */
        public String words() {
            return words;
        }
    }

    /** Copies the maps. */
    public SheetCount {
        counts = new EnumMap<>(counts);
        layouts = layouts.isEmpty() ? Map.of() : new EnumMap<>(layouts);
    }

    /** Counts a part on a sheet. */
    public static SheetCount of(Size part, Size sheet) {
        return of(part, Stock.of(SHEET, sheet), Length.ZERO);
    }

    /**
     * Counts a part on a sheet of a stock.
     *
     * @param part its size
     * @param stock the sheet, its margin left out
     * @param kerf what the blade takes away
     */
    public static SheetCount of(Size part, Stock stock, Length kerf) {
        Map<Way, Integer> counts = new EnumMap<>(Way.class);
        Map<Way, SheetLayout> layouts = new EnumMap<>(Way.class);
        for (Way way : Way.values()) {
            CuttingJob any = CuttingJob.of(
                    List.of(stock), List.of(new Part(PART, part, Integer.MAX_VALUE, Map.of(stock.id(), way.turning))));
            CuttingJob job =
                    new CuttingJob(any.stocks(), any.parts(), kerf, any.longestCut(), any.aim(), any.keeping());
            OneSheet best = OneSheet.of(job, Map.of(PART, 1L));
            counts.put(way, (int) best.value());
            best.plan().layouts().forEach(layout -> layouts.put(way, layout));
        }
        return new SheetCount(counts, layouts);
    }

    /** How many, a way. */
    public int count(Way way) {
        return counts.getOrDefault(way, 0);
    }

    /** The way that gives most; of as many, the plainest. */
    public Way best() {
        Way best = Way.UPRIGHT;
        for (Way way : Way.values()) {
            if (count(way) > count(best)) {
                best = way;
            }
        }
        return best;
    }
}
