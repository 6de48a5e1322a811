package kwibbet.benchmark;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;

import kwibbet.cutting.CuttingJob;
import kwibbet.cutting.Part;
import kwibbet.cutting.PartId;
import kwibbet.cutting.Stock;
import kwibbet.cutting.StockId;
import kwibbet.cutting.Turning;
import kwibbet.measure.Length;
import kwibbet.shape.Size;

/**
 * Jobs of which the fewest sheets are known: six to ten sheets, each cut up without waste into six to ten pieces by random cuts from edge to edge, each sheet one to three
 * times. Many sizes and few of each.
 */
final class WastelessJobs {

    private static final int LEAST_SIDE = 8;

    private WastelessJobs() {}

    /**
     * A job.
     *
     * @param job what is cut
     * @param sheets how many sheets it was cut from
     */
    record Known(CuttingJob job, int sheets) {}

    /** The same seed gives the same job for ever; sides in sixteenths of an inch, or in eighths. */
    static Known of(long seed) {
        Random random = new Random(seed);
        int step = 1 + random.nextInt(2);
        int width = 192;
        int height = random.nextBoolean() ? 192 : 288;
        Turning turning = random.nextInt(3) == 0 ? Turning.UPRIGHT : Turning.EITHER;
        StockId id = new StockId("sheet");
        Map<List<Integer>, Integer> counts = new LinkedHashMap<>();
        int sheets = 0;
        for (int kind = 6 + random.nextInt(5); kind > 0; kind--) {
            int copies = 1 + random.nextInt(3);
            sheets += copies;
            for (List<Integer> piece : cutUp(width, height, 6 + random.nextInt(5), step, random)) {
                counts.merge(piece, copies, Integer::sum);
            }
        }
        List<Part> parts = new ArrayList<>();
        counts.forEach((sides, count) -> parts.add(new Part(
                new PartId("part-" + parts.size()),
                new Size(Length.ofInches(sides.get(0), 16), Length.ofInches(sides.get(1), 16)),
                count,
                Map.of(id, turning))));
        Size sheet = new Size(Length.ofInches(width, 16), Length.ofInches(height, 16));
        return new Known(CuttingJob.of(List.of(Stock.of(id, sheet)), parts), sheets);
    }

    /** Cuts the largest piece again until there are so many. */
    private static List<List<Integer>> cutUp(int width, int height, int pieces, int step, Random random) {
        List<List<Integer>> cut = new ArrayList<>(List.of(List.of(width, height)));
        while (cut.size() < pieces) {
            List<Integer> piece = cut.remove(random.nextInt(cut.size()));
            boolean across = random.nextBoolean();
            int side = piece.get(across ? 1 : 0);
            if (side < 2 * LEAST_SIDE + 2 * step) {
                cut.add(piece);
                continue;
            }
            int at = (LEAST_SIDE + random.nextInt(side - 2 * LEAST_SIDE)) / step * step;
            cut.add(across ? List.of(piece.get(0), at) : List.of(at, piece.get(1)));
            cut.add(across ? List.of(piece.get(0), side - at) : List.of(side - at, piece.get(1)));
        }
        return cut;
    }
}
