package kwibbet.formats.cutting;

import java.time.Duration;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;

import kwibbet.cutting.Aim;
import kwibbet.cutting.CuttingJob;
import kwibbet.cutting.Keeping;
import kwibbet.cutting.Part;
import kwibbet.cutting.PartId;
import kwibbet.cutting.Stock;
import kwibbet.cutting.StockId;
import kwibbet.cutting.Turning;
import kwibbet.formats.json.Misfit;
import kwibbet.formats.json.Reading;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.shape.Size;

import static kwibbet.formats.json.Misfit.require;

/**
 * A request for layouts, as {@code docs/formats.md} describes it.
 *
 * @param job what is cut, with a count beyond any sheet for a part of which there may be as many as it pays
 * @param time how long to look
 * @param worths what each part is worth, where the most valuable sheet is asked for; empty where counts are
 */
public record LayoutRequest(CuttingJob job, Duration time, Map<PartId, Long> worths) {

    private static final int LARGEST = 1_000_000;
    private static final int MOST_STOCKS = 40;
    private static final int MOST_PIECES = 300;
    private static final int MOST_OF_ONE = 1_000_000;
    private static final double LONGEST_SEARCH = 60;
    private static final Length LARGEST_SIDE = Length.ofInches(400);
    private static final long CENTS = 100;

    /** Copies the worths. */
    public LayoutRequest {
        worths = Map.copyOf(worths);
    }

    /** Whether one sheet is filled as valuably as can be, rather than counts made. */
    public boolean isOneSheet() {
        return !worths.isEmpty();
    }

    /** Reads a request, or says what is wrong with it and where. */
    public static Outcome<LayoutRequest> read(String text) {
        return Reading.of(text, LARGEST, LayoutRequest::request);
    }

    private static LayoutRequest request(Reading document) {
        MeasureSystem system = document.at("unit").system();
        List<Stock> stocks = new ArrayList<>();
        Map<StockId, Turning> turnings = new LinkedHashMap<>();
        for (Reading stock : document.at("stock").elements(MOST_STOCKS)) {
            stocks.add(stock(stock, system));
            StockId id = stocks.get(stocks.size() - 1).id();
            boolean up = stock.at("pattern").oneOfOr("none", "none", "up").equals("up");
            require(
                    turnings.put(id, up ? Turning.UPRIGHT : Turning.EITHER) == null,
                    stock.at("id").pointer(),
                    "It stands twice.");
        }
        List<Reading> pieces = document.at("pieces").elements(MOST_PIECES);
        boolean oneSheet = pieces.stream().anyMatch(piece -> piece.at("count").isMissing());
        List<Part> parts = new ArrayList<>();
        Map<PartId, Long> worths = new LinkedHashMap<>();
        Set<PartId> seen = new HashSet<>();
        for (Reading piece : pieces) {
            Part part = part(piece, system, turnings);
            require(seen.add(part.id()), piece.at("id").pointer(), "It stands twice.");
            parts.add(part);
            if (oneSheet) {
                worths.put(part.id(), worth(piece, part));
            }
        }
        Reading cutting = document.at("cutting");
        Length kerf = cutting.at("kerf").notNegative(system, LARGEST_SIDE).orElse(Length.ZERO);
        for (int i = 0; i < stocks.size(); i++) {
            Length margin = stocks.get(i).margin();
            require(
                    margin.isZero() || margin.isLongerThan(kerf),
                    "/stock/" + i + "/margin",
                    "A margin must be wider than the kerf that is cut out of it.");
        }
        Optional<Length> longest = cutting.at("longestCut").isMissing()
                ? Optional.empty()
                : Optional.of(cutting.at("longestCut").positive(system, LARGEST_SIDE));
        Aim aim = document.at("aim").oneOfOr("sheets", "sheets", "cost").equals("cost")
                ? Aim.LEAST_COST
                : Aim.FEWEST_SHEETS;
        double seconds =
                document.at("seconds").isMissing() ? 2 : document.at("seconds").number(0, LONGEST_SEARCH);
        return new LayoutRequest(
                new CuttingJob(stocks, parts, kerf, longest, aim, Keeping.USUAL),
                Duration.ofMillis(Math.round(1_000 * seconds)),
                worths);
    }

    private static Stock stock(Reading stock, MeasureSystem system) {
        OptionalInt onHand = stock.at("onHand").isMissing()
                ? OptionalInt.empty()
                : OptionalInt.of((int) stock.at("onHand").whole(0, MOST_OF_ONE));
        long cents = stock.at("price").isMissing()
                ? 0
                : Math.round(CENTS * stock.at("price").number(0, MOST_OF_ONE));
        return new Stock(
                new StockId(stock.at("id").text()),
                size(stock, system),
                onHand,
                cents,
                Stock.Source.SHELF,
                stock.at("margin").notNegative(system, LARGEST_SIDE).orElse(Length.ZERO));
    }

    private static Part part(Reading piece, MeasureSystem system, Map<StockId, Turning> turnings) {
        int count = piece.at("count").isMissing()
                ? MOST_OF_ONE
                : (int) piece.at("count").whole(0, MOST_OF_ONE);
        boolean keep = piece.at("turning").oneOfOr("any", "any", "keep").equals("keep");
        Map<StockId, Turning> from = new LinkedHashMap<>();
        if (piece.at("stock").isMissing()) {
            from.putAll(turnings);
        } else {
            for (Reading named : piece.at("stock").elements(MOST_STOCKS)) {
                StockId id = new StockId(named.text());
                Turning turning = Optional.ofNullable(turnings.get(id))
                        .orElseThrow(() -> new Misfit(named.pointer(), "There is no stock “" + id.value() + "”."));
                from.put(id, turning);
            }
        }
        from.replaceAll((id, turning) -> keep ? Turning.UPRIGHT : turning);
        return new Part(new PartId(piece.at("id").text()), size(piece, system), count, from);
    }

    /** What a part is worth; its area in thousandths of a square inch where nothing is said. */
    private static long worth(Reading piece, Part part) {
        return piece.at("value").isMissing()
                ? Math.max(1, Math.round(1_000 * part.size().area()))
                : piece.at("value").whole(0, 1_000_000_000);
    }

    private static Size size(Reading reading, MeasureSystem system) {
        return new Size(
                reading.at("width").positive(system, LARGEST_SIDE),
                reading.at("height").positive(system, LARGEST_SIDE));
    }
}
