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

    private static final int LEAST_SIZES = 10;
    private static final int MOST_SIZES = 30;
    private static final int LEAST_PIECES = 100;
    private static final int MOST_PIECES = 1_000;

    /** 12 × 12, letter, 12 × 18, 6 × 6 and legal, in sixteenths. */
    private static final List<Size> SHEETS = List.of(
            sixteenths(192, 192), sixteenths(136, 176), sixteenths(192, 288), sixteenths(96, 96), sixteenths(136, 224));

    /** Finished cards, in sixteenths: standard, 5 × 7, slimline, squares and small ones. */
    private static final List<Size> CARDS = List.of(
            sixteenths(68, 88),
            sixteenths(80, 112),
            sixteenths(64, 144),
            sixteenths(80, 80),
            sixteenths(96, 96),
            sixteenths(48, 80),
            sixteenths(44, 80),
            sixteenths(56, 56),
            sixteenths(68, 68),
            sixteenths(72, 96));

    private ClassJobs() {}

    /**
     * A class job: several cards, each with a base, mats stepped down by a border, strips, an insert and small pieces, and as
     * many of each as there are learners and spares.
     */
    static CuttingJob of(long seed) {
        Random random = new Random(seed);
        List<Stock> stocks = stocks(random);
        int sizes = LEAST_SIZES + random.nextInt(MOST_SIZES - LEAST_SIZES + 1);
        List<Part> parts = new ArrayList<>();
        int pieces = 0;
        while (parts.size() < sizes) {
            Size card = CARDS.get(random.nextInt(CARDS.size()));
            int learners = 6 + random.nextInt(20);
            for (Size part : partsOf(card, random)) {
                boolean again = parts.stream().anyMatch(other -> other.size().equals(part));
                int count = learners * (random.nextInt(4) == 0 ? 2 : 1) + random.nextInt(3);
                if (!again && parts.size() < sizes && pieces + count <= MOST_PIECES) {
                    parts.add(part(parts.size() + 1, part, count, random, stocks));
                    pieces += count;
                }
            }
            if (pieces > MOST_PIECES - 60 && parts.size() >= LEAST_SIZES) {
                break;
            }
        }
        return pieces < LEAST_PIECES ? of(seed + 1_000_003) : CuttingJob.of(stocks, parts);
    }

    private static List<Size> partsOf(Size card, Random random) {
        int width = in16(card.width());
        int height = in16(card.height());
        List<Size> parts = new ArrayList<>();
        boolean topFold = random.nextInt(3) == 0 && 2 * height <= 192;
        parts.add(topFold ? sixteenths(width, 2 * height) : sixteenths(2 * width, height));
        int border = 1 + random.nextInt(4);
        for (int mat = 1 + random.nextInt(3), step = 1; mat > 0; mat--, step++) {
            parts.add(sixteenths(width - 2 * border * step, height - 2 * border * step));
        }
        if (random.nextBoolean()) {
            parts.add(sixteenths(width - 2, height - 2));
        }
        for (int strip = random.nextInt(3); strip > 0; strip--) {
            parts.add(sixteenths(8 + 2 * random.nextInt(12), width));
        }
        for (int small = 1 + random.nextInt(3); small > 0; small--) {
            parts.add(sixteenths(12 + 2 * random.nextInt(20), 12 + 2 * random.nextInt(26)));
        }
        return parts;
    }

    private static int in16(Length length) {
        return (int) (length.toTicks() * 16 / Length.TICKS_PER_INCH);
    }

    /** A job with just so many sizes of part and pieces, of any proportions: harder than what classes ask for. */
    static CuttingJob of(Random random, int sizes, int pieces) {
        List<Stock> stocks = stocks(random);
        // Sides in eighths, or in sixteenths for one job in four.
        int step = random.nextInt(4) == 0 ? 1 : 2;
        int[] counts = split(random, sizes, pieces);
        List<Part> parts = new ArrayList<>();
        for (int number = 1; number <= sizes; number++) {
            int width = (8 + random.nextInt(80)) / step * step;
            int height = (8 + random.nextInt(104)) / step * step;
            parts.add(part(number, sixteenths(width, height), counts[number - 1], random, stocks));
        }
        return CuttingJob.of(stocks, parts);
    }

    private static Part part(int number, Size size, int count, Random random, List<Stock> stocks) {
        Turning turning = random.nextInt(3) == 0 ? Turning.UPRIGHT : Turning.EITHER;
        Map<StockId, Turning> from = new LinkedHashMap<>();
        stocks.forEach(stock -> from.put(stock.id(), turning));
        return new Part(new PartId("part-" + number), size, count, from);
    }

    private static List<Stock> stocks(Random random) {
        int sizes = 1 + random.nextInt(3);
        List<Size> sheets = new ArrayList<>(SHEETS);
        // The first is large enough for every part and can be bought; of the others there may be only so many.
        List<Stock> stocks = new ArrayList<>(List.of(Stock.of(new StockId("stock-1"), sheets.remove(0))));
        for (int stock = 2; stock <= sizes; stock++) {
            Size sheet = sheets.remove(random.nextInt(sheets.size()));
            OptionalInt onHand = random.nextBoolean() ? OptionalInt.of(2 + random.nextInt(10)) : OptionalInt.empty();
            stocks.add(new Stock(new StockId("stock-" + stock), sheet, onHand, 0, Stock.Source.SHELF, Length.ZERO));
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

    private static Size sixteenths(int width, int height) {
        return new Size(Length.ofInches(width, 16), Length.ofInches(height, 16));
    }
}
