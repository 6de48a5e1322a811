package kwibbet.cutting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

import kwibbet.cutting.UsableSheet.Item;
import kwibbet.measure.Length;
import kwibbet.shape.Axis;

/**
 * Fills one sheet part after part, each into the corner of the free room it fits best. A table of rooms remembers one way for each room, and where
 * there are few of each part the same parts are in all of them; this way every part is used once.
 *
 * <p>After the guillotine algorithms of J. Jylänki, "A thousand ways to pack the bin" (2010), cited from memory.
 */
final class BestFit {

    private static final int WAYS = 3;
    /** Nanoseconds, measured as those of {@link PatternTable}. */
    private static final int A_WAY = 4_000;

    private static final int A_ROOM = 60;

    private final UsableSheet sheet;
    private final List<PartId> ids;
    private final int[] counts;
    private final List<Room> free = new ArrayList<>();

    /** A room of a sheet: free, filled, or cut in two. */
    private static final class Room {
        private final long width;
        private final long height;
        private Optional<Item> item = Optional.empty();
        private Optional<Cut> cut = Optional.empty();

        Room(long width, long height) {
            this.width = width;
            this.height = height;
        }
    }

    private record Cut(Axis axis, Room first, Room second) {}

    private record Fit(Room room, Item item) {
        /** How much narrower the narrower of the two rests is than the room. */
        long slack() {
            return Math.min(room.width - item.width(), room.height - item.height());
        }

        double area() {
            return (double) room.width * room.height;
        }
    }

    private BestFit(UsableSheet sheet, List<PartId> ids, int parts) {
        this.sheet = sheet;
        this.ids = ids;
        this.counts = new int[parts];
    }

    /**
     * The most valuable of some ways to fill a sheet.
     *
     * @param task the task
     * @param place the place of the stock among those of the task
     * @param worths what each part is worth
     * @param wanted no part more often than that
     */
    static Pattern on(CuttingTask task, int place, long[] worths, int[] wanted) {
        UsableSheet sheet = task.sheets().get(place);
        Comparator<Item> byArea = Comparator.comparingDouble(item -> -(double) item.width() * item.height());
        Comparator<Item> byLength = Comparator.comparingLong(item -> -Math.max(item.width(), item.height()));
        Comparator<Item> byWorth = Comparator.comparingLong(item -> -worths[item.part()]);
        return List.of(byArea, byLength, byWorth).stream()
                .map(order -> new BestFit(sheet, task.ids(), wanted.length).filled(place, order, wanted))
                .max(Comparator.comparingLong(pattern -> pattern.value(worths)))
                .orElseThrow(() -> new IllegalStateException("three orders are tried"));
    }

    /** How much work it was to find a pattern, as {@link Budget} counts it: each part was tried in each room that was free. */
    static long work(Pattern found) {
        long placed = found.pieces();
        return WAYS * (A_WAY + A_ROOM * placed * placed);
    }

    private Pattern filled(int place, Comparator<Item> order, int[] wanted) {
        Room whole = new Room(sheet.width(), sheet.height());
        free.add(whole);
        List<Item> items = sheet.items().stream().sorted(order).toList();
        for (Item item : items) {
            boolean fits = true;
            while (fits && counts[item.part()] < wanted[item.part()]) {
                Optional<Fit> fit = best(items, item.part());
                fit.ifPresent(this::place);
                fits = fit.isPresent();
            }
        }
        return new Pattern(place, counts, section(whole));
    }

    /** Where a part fits best, whichever way round. */
    private Optional<Fit> best(List<Item> items, int part) {
        Optional<Fit> best = Optional.empty();
        for (Item item : items) {
            if (item.part() != part) {
                continue;
            }
            for (Room room : free) {
                boolean fits = item.width() <= room.width
                        && item.height() <= room.height
                        && sheet.canCut(item, room.width, room.height);
                Fit fit = new Fit(room, item);
                if (fits && (best.isEmpty() || isBetter(fit, best.get()))) {
                    best = Optional.of(fit);
                }
            }
        }
        return best;
    }

    private static boolean isBetter(Fit one, Fit other) {
        return one.slack() < other.slack() || (one.slack() == other.slack() && one.area() < other.area());
    }

    private void place(Fit fit) {
        Room room = fit.room;
        Item item = fit.item;
        free.remove(room);
        counts[item.part()]++;
        if (sheet.cutsAcrossFirst(item, room.width, room.height)) {
            fill(cut(cut(room, Axis.HORIZONTAL, item.height()), Axis.VERTICAL, item.width()), item);
        } else {
            fill(cut(cut(room, Axis.VERTICAL, item.width()), Axis.HORIZONTAL, item.height()), item);
        }
    }

    private static void fill(Room room, Item item) {
        room.item = Optional.of(item);
    }

    /** Cuts a room, if there is anything beyond the cut, and gives what is before it. */
    private Room cut(Room room, Axis axis, long at) {
        long whole = axis == Axis.VERTICAL ? room.width : room.height;
        if (at == whole) {
            return room;
        }
        Room first = axis == Axis.VERTICAL ? new Room(at, room.height) : new Room(room.width, at);
        Room second = axis == Axis.VERTICAL ? new Room(whole - at, room.height) : new Room(room.width, whole - at);
        room.cut = Optional.of(new Cut(axis, first, second));
        free.add(second);
        return first;
    }

    private Section section(Room room) {
        if (room.cut.isPresent()) {
            Cut cut = room.cut.get();
            long at = cut.axis == Axis.VERTICAL ? cut.first.width : cut.first.height;
            return Section.split(cut.axis, Length.ofTicks(at - sheet.kerf()), section(cut.first), section(cut.second));
        }
        return room.item
                .<Section>map(item -> new Section.Filled(ids.get(item.part()), item.turned()))
                .orElse(Section.LEFTOVER);
    }
}
