package kwibbet.layout;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import java.util.stream.IntStream;

import kwibbet.measure.Length;
import kwibbet.shape.Axis;
import kwibbet.shape.Size;

/**
 * The most valuable way to cut one sheet, any part as often as it pays.
 *
 * <p>Gilmore and Gomory's recursion (their F(x, y)) over Beasley's normal positions: a cut need only be made at sums of part
 * sides. Exact for edge-to-edge cuts in any number of stages.
 */
final class PatternFinder {

    /** Above this many positions a side the table would no longer be answered at once. */
    private static final int MOST_POSITIONS = 260;

    private record Item(Wanted wanted, boolean turned, long width, long height, long value) {}

    private final List<Item> items;
    private final long[] xs;
    private final long[] ys;
    private final long[][] best;
    /** The chosen item, or −1 for none, where no cut pays more. */
    private final int[][] item;
    /** The index of the chosen cut: positive in {@code xs}, negative in {@code ys}, 0 for none. */
    private final int[][] cut;

    private PatternFinder(List<Item> items, long[] xs, long[] ys) {
        this.items = items;
        this.xs = xs;
        this.ys = ys;
        best = new long[xs.length][ys.length];
        item = new int[xs.length][ys.length];
        cut = new int[xs.length][ys.length];
        for (int i = 0; i < xs.length; i++) {
            for (int j = 0; j < ys.length; j++) {
                solve(i, j);
            }
        }
    }

    /**
     * Works the table out, or gives up where it would be too large.
     *
     * @param sheet the size of the sheet
     * @param parts the parts that may be cut
     * @param values what each is worth, in the order of {@code parts}; not negative, and small enough that a sheet full
     *     of them stays within {@code long}
     */
    static Optional<PatternFinder> of(Size sheet, List<Wanted> parts, List<Long> values) {
        List<Item> items = IntStream.range(0, parts.size())
                .boxed()
                .flatMap(i -> parts.get(i).turning().ways().stream()
                        .filter(turned -> parts.get(i).room(turned).fitsIn(sheet))
                        .map(turned -> item(parts.get(i), turned, values.get(i))))
                .toList();
        Optional<long[]> xs = positions(
                items.stream().mapToLong(Item::width).toArray(), sheet.width().toTicks());
        Optional<long[]> ys = positions(
                items.stream().mapToLong(Item::height).toArray(), sheet.height().toTicks());
        return xs.isEmpty() || ys.isEmpty()
                ? Optional.empty()
                : Optional.of(new PatternFinder(items, xs.get(), ys.get()));
    }

    private static Item item(Wanted wanted, boolean turned, long value) {
        Size room = wanted.room(turned);
        return new Item(wanted, turned, room.width().toTicks(), room.height().toTicks(), value);
    }

    /** Every sum of sides up to the length of the sheet, ascending, 0 included. */
    private static Optional<long[]> positions(long[] sides, long most) {
        TreeSet<Long> sums = new TreeSet<>(List.of(0L));
        for (Long sum = 0L; sum != null; sum = sums.higher(sum)) {
            for (long side : sides) {
                if (sum + side <= most) { // both are sides of paper, far from the range of long
                    sums.add(sum + side);
                }
            }
            if (sums.size() > MOST_POSITIONS) {
                return Optional.empty();
            }
        }
        return Optional.of(sums.stream().mapToLong(Long::longValue).toArray());
    }

    private void solve(int i, int j) {
        item[i][j] = -1;
        for (int k = 0; k < items.size(); k++) {
            Item candidate = items.get(k);
            if (candidate.width <= xs[i] && candidate.height <= ys[j] && candidate.value > best[i][j]) {
                best[i][j] = candidate.value;
                item[i][j] = k;
            }
        }
        // As the first part grows the rest shrinks, so one pointer walks down where a search would start anew.
        for (int k = 1, rest = i; k < i && 2 * xs[k] <= xs[i]; k++) {
            while (xs[rest] > xs[i] - xs[k]) {
                rest--;
            }
            long value = best[k][j] + best[rest][j];
            if (value > best[i][j]) {
                best[i][j] = value;
                cut[i][j] = k;
            }
        }
        for (int k = 1, rest = j; k < j && 2 * ys[k] <= ys[j]; k++) {
            while (ys[rest] > ys[j] - ys[k]) {
                rest--;
            }
            long value = best[i][k] + best[i][rest];
            if (value > best[i][j]) {
                best[i][j] = value;
                cut[i][j] = -k;
            }
        }
    }

    private static int floor(long[] positions, long at) {
        int found = Arrays.binarySearch(positions, at);
        return found >= 0 ? found : -found - 2;
    }

    /** What the best way to cut the sheet is worth. */
    long value() {
        return best[xs.length - 1][ys.length - 1];
    }

    /** The best way to cut the sheet. */
    Section pattern(Size sheet) {
        return section(sheet.width().toTicks(), sheet.height().toTicks());
    }

    private Section section(long width, long height) {
        int i = floor(xs, width);
        int j = floor(ys, height);
        if (best[i][j] == 0) {
            return Section.LEFTOVER;
        }
        int k = cut[i][j];
        if (k > 0) {
            return Section.split(
                    Axis.VERTICAL, Length.ofTicks(xs[k]), section(xs[k], height), section(width - xs[k], height));
        }
        if (k < 0) {
            return Section.split(
                    Axis.HORIZONTAL, Length.ofTicks(ys[-k]), section(width, ys[-k]), section(width, height - ys[-k]));
        }
        Item part = items.get(item[i][j]);
        return Corner.of(part.wanted, part.turned, width, height);
    }
}
