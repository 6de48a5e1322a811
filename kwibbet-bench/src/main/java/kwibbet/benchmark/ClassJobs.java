package kwibbet.benchmark;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Random;
import java.util.stream.IntStream;

import kwibbet.cutting.CuttingJob;
import kwibbet.cutting.Part;
import kwibbet.cutting.PartId;
import kwibbet.cutting.Stock;
import kwibbet.cutting.StockId;
import kwibbet.cutting.Turning;
import kwibbet.measure.Length;
import kwibbet.shape.Size;

/**
 * Made-up jobs of a class or a kit maker: 10 to 30 sizes of part, 100 to 1000 pieces, one to three sizes of sheet, some parts
 * that may not be turned. The same seed gives the same job for ever.
 */
final class ClassJobs {

    private static final List<Size> SHEETS = List.of(
            inches(12 * 16, 12 * 16), inches(136, 176), inches(12 * 16, 18 * 16), inches(96, 96), inches(136, 224));

    private ClassJobs() {}

    /** The job of a seed. */
    static CuttingJob of(long seed) {
        Random random = new Random(seed);
        int sizes = 10 + random.nextInt(21);
        int pieces = 100 + random.nextInt(901);
        return of(random, sizes, pieces);
    }

    /** A job with just so many sizes of part and pieces. */
    static CuttingJob of(Random random, int sizes, int pieces) {
        List<Stock> stocks = stocks(random);
        Map<StockId, Turning> free = new LinkedHashMap<>();
        Map<StockId, Turning> kept = new LinkedHashMap<>();
        stocks.forEach(stock -> {
            free.put(stock.id(), Turning.EITHER);
            kept.put(stock.id(), Turning.UPRIGHT);
        });
        // Sides in eighths, as cards have them, or in sixteenths for one job in four.
        int step = random.nextInt(4) == 0 ? 1 : 2;
        int[] counts = split(random, sizes, pieces);
        List<Part> parts = new ArrayList<>();
        for (int part = 0; part < sizes; part++) {
            int width = (8 + random.nextInt(80)) / step * step;
            int height = (8 + random.nextInt(104)) / step * step;
            parts.add(new Part(
                    new PartId("part-" + (part + 1)),
                    inches(width, height),
                    counts[part],
                    random.nextInt(3) == 0 ? kept : free));
        }
        return CuttingJob.of(stocks, parts);
    }

    private static List<Stock> stocks(Random random) {
        int sizes = 1 + random.nextInt(3);
        List<Size> sheets = new ArrayList<>(SHEETS);
        // The first is large enough for every part and can be bought; of the others there may be only so many.
        List<Stock> stocks = new ArrayList<>(List.of(Stock.of(new StockId("stock-1"), sheets.remove(0))));
        for (int stock = 2; stock <= sizes; stock++) {
            Size sheet = sheets.remove(random.nextInt(sheets.size()));
            OptionalInt onHand = random.nextBoolean() ? OptionalInt.of(2 + random.nextInt(10)) : OptionalInt.empty();
            stocks.add(new Stock(
                    new StockId("stock-" + stock), sheet, onHand, 0, Stock.Source.SHELF, Length.ZERO));
        }
        return stocks;
    }

    private static int[] split(Random random, int sizes, int pieces) {
        double[] shares = random.doubles(sizes, 0.2, 1).toArray();
        double sum = IntStream.range(0, sizes).mapToDouble(i -> shares[i]).sum();
        return IntStream.range(0, sizes)
                .map(i -> Math.max(1, (int) Math.round(pieces * shares[i] / sum)))
                .toArray();
    }

    private static Size inches(int width, int height) {
        return new Size(Length.ofInches(width, 16), Length.ofInches(height, 16));
    }
}
