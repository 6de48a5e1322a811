package kwibbet.cutting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;

import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.shape.Size;

/** Short words for jobs in tests. */
public final class Jobs {

    private Jobs() {}

    public static Size size(String width, String height) {
        return new Size(Length.parse(width, MeasureSystem.INCH), Length.parse(height, MeasureSystem.INCH));
    }

    public static Stock sheets(String id, String width, String height) {
        return Stock.of(new StockId(id), size(width, height));
    }

    public static Stock sheets(String id, String width, String height, int onHand, long cents) {
        return new Stock(
                new StockId(id), size(width, height), OptionalInt.of(onHand), cents, Stock.Source.SHELF, Length.ZERO);
    }

    /** A part for a stock of each id. */
    public static Part part(String id, Size size, int count, Turning turning, String... stocks) {
        Map<StockId, Turning> from = new LinkedHashMap<>();
        Arrays.stream(stocks).forEach(stock -> from.put(new StockId(stock), turning));
        return new Part(new PartId(id), size, count, from);
    }

    /** Parts of whole units, width, height and count of each in turn, one inch a unit, from one sheet. */
    public static CuttingJob units(int width, int height, Turning turning, int... parts) {
        List<Part> all = new ArrayList<>();
        for (int i = 0; i < parts.length; i += 3) {
            Size size = new Size(Length.ofInches(parts[i]), Length.ofInches(parts[i + 1]));
            all.add(part("part-" + i / 3, size, parts[i + 2], turning, "sheet"));
        }
        Size sheet = new Size(Length.ofInches(width), Length.ofInches(height));
        return CuttingJob.of(List.of(Stock.of(new StockId("sheet"), sheet)), all);
    }
}
