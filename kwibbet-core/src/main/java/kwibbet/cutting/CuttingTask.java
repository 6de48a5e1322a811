package kwibbet.cutting;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.LongStream;

import kwibbet.cutting.UsableSheet.Item;
import kwibbet.measure.Length;
import kwibbet.shape.Size;

/** A job as the search sees it: parts and stocks by their places, sides in ticks. Parts that fit no stock are not in it. */
final class CuttingTask {

    /** No limit on how many sheets there are. */
    static final int UNLIMITED = Integer.MAX_VALUE;

    private final CuttingJob job;
    private final Members members;
    private final List<Part> parts;
    private final List<PartId> ids;
    private final Map<PartId, Integer> places = new HashMap<>();
    private final List<UsableSheet> sheets;
    private final long[] costs;

    private CuttingTask(CuttingJob job, Members members, List<UsableSheet> sheets) {
        this.job = job;
        this.members = members;
        this.parts = members.kinds();
        this.ids = parts.stream().map(Part::id).toList();
        this.sheets = sheets;
        ids.forEach(id -> places.put(id, places.size()));
        long[] counted = sheets.stream()
                .mapToLong(sheet -> job.aim().costOf(job.stocks().get(sheet.stock())))
                .toArray();
        BigInteger unit = LongStream.of(counted).mapToObj(BigInteger::valueOf).reduce(BigInteger.ZERO, BigInteger::gcd);
        costs = LongStream.of(counted).map(cost -> cost / unit.longValue()).toArray();
    }

    /** The task with those parts of the job that can be cut at all, parts of one size as one. */
    static CuttingTask of(CuttingJob job) {
        return of(job, Members.together(possible(job)));
    }

    /** The task in which every part is counted for itself. */
    static CuttingTask ofEach(CuttingJob job) {
        return of(job, Members.apart(possible(job)));
    }

    private static List<Part> possible(CuttingJob job) {
        return job.parts().stream()
                .filter(part -> part.count() > 0 && job.stocks().stream().anyMatch(stock -> canCut(job, part, stock)))
                .toList();
    }

    private static CuttingTask of(CuttingJob job, Members members) {
        List<UsableSheet> sheets = new ArrayList<>();
        for (int s = 0; s < job.stocks().size(); s++) {
            usable(job, members.kinds(), s).ifPresent(sheets::add);
        }
        return new CuttingTask(job, members, sheets);
    }

    static boolean canCut(CuttingJob job, Part part, Stock stock) {
        return stock.onHand().orElse(1) > 0
                && part.on(stock.id()).ways().stream().anyMatch(turned -> canCut(job, part.room(turned), stock));
    }

    private static boolean canCut(CuttingJob job, Size room, Stock stock) {
        return stock.usable()
                .filter(usable -> room.fitsIn(usable)
                        && sheet(job, stock, usable, 0)
                                .canCut(
                                        item(job, 0, false, room),
                                        side(job, usable.width().toTicks()),
                                        side(job, usable.height().toTicks())))
                .isPresent();
    }

    private static Optional<UsableSheet> usable(CuttingJob job, List<Part> parts, int place) {
        Stock stock = job.stocks().get(place);
        List<Item> items = new ArrayList<>();
        for (int p = 0; p < parts.size(); p++) {
            Part part = parts.get(p);
            for (boolean turned : part.on(stock.id()).ways()) {
                boolean twice = turned
                        && part.size().width().equals(part.size().height())
                        && !items.isEmpty()
                        && items.get(items.size() - 1).part() == p;
                if (canCut(job, part.room(turned), stock) && !twice) {
                    items.add(item(job, p, turned, part.room(turned)));
                }
            }
        }
        return items.isEmpty() || stock.onHand().orElse(1) == 0
                ? Optional.empty()
                : stock.usable().map(usable -> sheet(job, stock, usable, place).withItems(items));
    }

    private static UsableSheet sheet(CuttingJob job, Stock stock, Size usable, int place) {
        long longest = job.longestCut().map(cut -> side(job, cut.toTicks())).orElse(Long.MAX_VALUE);
        // Where the blade reaches across neither side, no cut can be made at all.
        Length shorter = Length.min(stock.sheet().width(), stock.sheet().height());
        boolean reachable = side(job, shorter.toTicks()) <= longest;
        return new UsableSheet(
                place,
                side(job, usable.width().toTicks()),
                side(job, usable.height().toTicks()),
                job.kerf().toTicks(),
                reachable ? longest : 0,
                List.of());
    }

    private static long side(CuttingJob job, long ticks) {
        return ticks + job.kerf().toTicks(); // sides of paper, far from the range of long
    }

    private static Item item(CuttingJob job, int part, boolean turned, Size room) {
        return new Item(
                part,
                turned,
                side(job, room.width().toTicks()),
                side(job, room.height().toTicks()));
    }

    CuttingJob job() {
        return job;
    }

    /** Tells parts apart that are cut as one. */
    Members members() {
        return members;
    }

    /** The parts, those that differ in nothing but their name as one, in the order in which they are counted. */
    List<Part> parts() {
        return parts;
    }

    List<PartId> ids() {
        return ids;
    }

    /** The stocks that some part can be cut from. */
    List<UsableSheet> sheets() {
        return sheets;
    }

    Stock stock(int sheet) {
        return job.stocks().get(sheets.get(sheet).stock());
    }

    /** What a sheet counts for, in the largest unit of which all sheets count whole ones. */
    long cost(int sheet) {
        return costs[sheet];
    }

    long[] costs() {
        return costs.clone();
    }

    /** In what units worths are given where they must be whole numbers: so many for each unit of cost. */
    long precision() {
        long dearest = LongStream.of(costs).max().orElse(1);
        return Math.max(1_000, 1_000_000_000L / dearest);
    }

    /** How many sheets of each stock there are. */
    int[] limits() {
        int[] limits = new int[sheets.size()];
        for (int s = 0; s < limits.length; s++) {
            limits[s] = stock(s).onHand().orElse(UNLIMITED);
        }
        return limits;
    }

    /** Whether a stock is one of leftovers, which can also be left where they are. */
    boolean isLeftover(int sheet) {
        return stock(sheet).source() == Stock.Source.DRAWER;
    }

    /** How many sheets of each stock there are if no leftover is touched. */
    int[] limitsOfShelf() {
        int[] limits = limits();
        for (int s = 0; s < limits.length; s++) {
            limits[s] = isLeftover(s) ? 0 : limits[s];
        }
        return limits;
    }

    /** How many of each part are wanted. */
    int[] demand() {
        return parts.stream().mapToInt(Part::count).toArray();
    }

    /** How often each part is in a section. */
    int[] counts(Section section) {
        int[] counts = new int[parts.size()];
        count(section, counts);
        return counts;
    }

    /** A section with no more of each part than is left, which is taken from {@code left}. */
    Section pruned(Section section, int[] left) {
        if (section instanceof Section.Filled filled) {
            return --left[places.getOrDefault(filled.part(), -1)] >= 0 ? filled : Section.LEFTOVER;
        }
        if (section instanceof Section.Split split) {
            Section first = pruned(split.first(), left);
            return Section.split(split.axis(), split.at(), first, pruned(split.second(), left));
        }
        return section;
    }

    private void count(Section section, int[] counts) {
        if (section instanceof Section.Filled filled) {
            counts[places.getOrDefault(filled.part(), -1)]++;
        } else if (section instanceof Section.Split split) {
            count(split.first(), counts);
            count(split.second(), counts);
        }
    }
}
