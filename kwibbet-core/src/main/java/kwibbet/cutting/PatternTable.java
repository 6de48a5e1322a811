package kwibbet.cutting;

import java.util.List;

import kwibbet.cutting.UsableSheet.Item;
import kwibbet.measure.Length;
import kwibbet.shape.Axis;

/**
 * The most valuable way to cut one sheet.
 *
 * <p>Gilmore and Gomory's recursion (their F(x, y)) over sums of sides, where it can over raster points alone, row by row.
 * Without caps it is exact for edge-to-edge cuts in any number of stages. With caps, a way counts no part more often than its
 * cap; each room keeps only its best way, so what is found can be cut and is good, but is not proven to be the best.
 */
final class PatternTable {

    private static final int FEW_ROOMS = 3_000;
    /** How long things take beside each other, measured by the benchmark of class layouts: nanoseconds. */
    private static final int A_TABLE = 4_000;

    private static final int A_COMPARISON = 2;
    private static final int A_SCARCE_PART = 16;
    private static final int NOTHING = 0;
    private static final int DOWN = 1 << 28;
    private static final int ACROSS = 2 << 28;
    private static final int PLACE = (1 << 28) - 1;

    private final UsableSheet sheet;
    private final List<Item> items;
    private final long[] values;
    private final int[] caps;
    private final boolean capped;
    private final Coarseness coarseness;
    private final long[] xs;
    private final long[] ys;
    private final int[][] restXs;
    private final int[][] restYs;
    /** The parts of which more than their caps would fit. */
    private final int[] scarce;

    private final long[][] best;
    /** Nothing, the place of the item and one, or which way and where the room is cut. */
    private final int[][] choice;
    /** The place of the item and one that is worth most by itself in each room. */
    private final int[][] alone;
    /** How often each part is in the best way of each room; kept only with caps. */
    private final int[][][] counts;
    /** Which scarce parts are in the best way of each room, a bit each. */
    private final long[][] holds;

    private PatternTable(UsableSheet sheet, long[] values, int[] caps, boolean capped, Coarseness coarseness) {
        this.sheet = sheet;
        this.items = sheet.items();
        this.values = values;
        this.caps = caps;
        this.capped = capped;
        this.coarseness = coarseness;
        long[] sumsX = coarseness.xs(sheet);
        long[] sumsY = coarseness.ys(sheet);
        // Two parts of nearly one size need rooms of their own, or with caps only one of them is remembered; a room cut
        // down to the blade's reach has raster points of its own. There every sum is kept.
        boolean limited = sheet.longestCut() < Math.max(sheet.width(), sheet.height());
        boolean every = limited || (capped && sumsX.length * sumsY.length <= FEW_ROOMS);
        xs = every ? sumsX : Positions.raster(sumsX, coarseness.wholeX(sheet));
        ys = every ? sumsY : Positions.raster(sumsY, coarseness.wholeY(sheet));
        restXs = Positions.rests(xs);
        restYs = Positions.rests(ys);
        scarce = capped ? scarce() : new int[0];
        best = new long[xs.length][ys.length];
        choice = new int[xs.length][ys.length];
        alone = new int[xs.length][ys.length];
        counts = new int[scarce.length > 0 ? xs.length : 0][scarce.length > 0 ? ys.length : 0][];
        holds = new long[counts.length][counts.length > 0 ? ys.length : 0];
        for (int i = 0; i < xs.length; i++) {
            placeItems(i);
            cutDown(i, restXs[i]);
            cutAcross(i);
        }
    }

    /** How much work it was, as {@link Budget} counts it. */
    long work() {
        long comparisons = 0;
        for (int[] rests : restXs) {
            comparisons += (long) rests.length * ys.length;
        }
        for (int[] rests : restYs) {
            comparisons += (long) rests.length * xs.length;
        }
        long rooms = (long) xs.length * ys.length;
        return A_TABLE + comparisons * A_COMPARISON + rooms * (items.size() + A_SCARCE_PART * (long) scarce.length);
    }

    /**
     * The best way to cut a sheet, any part as often as it pays; where there are too many positions, a good one.
     *
     * @param sheet the sheet
     * @param values what each part of the job is worth; not negative, and small enough that a sheet full stays in {@code long}
     */
    static PatternTable uncapped(UsableSheet sheet, long[] values) {
        UsableSheet worth = worth(sheet, values);
        return new PatternTable(worth, values, new int[0], false, Coarseness.canBeCut(worth));
    }

    /** A good way to cut a sheet with no part more often than its cap. */
    static PatternTable capped(UsableSheet sheet, long[] values, int[] caps) {
        UsableSheet worth = worth(sheet, values);
        UsableSheet left = worth.withItems(
                worth.items().stream().filter(item -> caps[item.part()] > 0).toList());
        return new PatternTable(left, values, caps, true, Coarseness.canBeCut(left));
    }

    /** No way to cut a sheet is worth more. */
    static long atMost(UsableSheet sheet, long[] values) {
        // A blade that reaches everywhere: with rounded sides its reach could forbid what it really allows.
        UsableSheet worth = worth(sheet, values).withoutLongestCut();
        Coarseness coarseness = Coarseness.cannotBeBeaten(worth);
        return coarseness.loses(worth)
                ? byArea(worth, values)
                : new PatternTable(worth, values, new int[0], false, coarseness).value();
    }

    /** What a sheet would be worth if it were cut without waste into what is worth most for its area. */
    private static long byArea(UsableSheet sheet, long[] values) {
        return (long) Math.ceil(sheet.items().stream()
                .mapToDouble(item -> values[item.part()] * (sheet.area() / ((double) item.width() * item.height())))
                .max()
                .orElse(0));
    }

    private static UsableSheet worth(UsableSheet sheet, long[] values) {
        return sheet.withItems(
                sheet.items().stream().filter(item -> values[item.part()] > 0).toList());
    }

    /** Whether its value is the most any way to cut the sheet is worth. */
    boolean isExact() {
        return scarce.length == 0 && coarseness.isExact();
    }

    /** The best single item for each room of one width. Where the blade reaches everywhere, what fits into a narrower room fits here as well. */
    private void placeItems(int i) {
        boolean goesOn = i > 0 && sheet.longestCut() >= Math.max(sheet.width(), sheet.height());
        if (goesOn) {
            System.arraycopy(alone[i - 1], 0, alone[i], 0, ys.length);
            for (int j = 0; j < ys.length; j++) {
                best[i][j] = alone[i][j] == NOTHING
                        ? 0
                        : values[items.get(alone[i][j] - 1).part()];
            }
        }
        for (int k = 0; k < items.size(); k++) {
            Item item = coarseness.room(items.get(k), sheet);
            if (item.width() > xs[i] || (goesOn && item.width() <= xs[i - 1])) {
                continue;
            }
            long value = values[item.part()];
            for (int j = Positions.ceiling(ys, item.height()); j < ys.length; j++) {
                boolean isBetter = value > best[i][j] || (value == best[i][j] && k + 1 < alone[i][j]);
                if (isBetter && sheet.canCut(item, xs[i], ys[j])) {
                    best[i][j] = value;
                    alone[i][j] = k + 1;
                }
            }
        }
        System.arraycopy(alone[i], 0, choice[i], 0, ys.length);
    }

    /** Cuts from top to bottom, for all rooms of one width at once: those are the long runs the processor is fast at. */
    private void cutDown(int i, int[] rests) {
        int end = Positions.floor(ys, sheet.longestCut()) + 1;
        long[] row = best[i];
        for (int k = 1; k < rests.length; k++) {
            cutDown(i, k, rests[k], row, end);
        }
        if (xs[i] > sheet.longestCut()) {
            int reach = Positions.floor(xs, sheet.longestCut());
            cutDown(i, reach, restX(i, reach), row, end);
        }
    }

    private void cutDown(int i, int k, int rest, long[] row, int end) {
        long[] first = best[k];
        long[] second = best[rest];
        for (int j = 1; j < end; j++) {
            if (first[j] + second[j] > row[j]) {
                take(i, j, first[j] + second[j], DOWN | k, k, j, rest, j);
            }
        }
    }

    private void cutAcross(int i) {
        long[] row = best[i];
        for (int j = 0; j < ys.length; j++) {
            if (xs[i] <= sheet.longestCut()) {
                for (int k = 1; k < restYs[j].length; k++) {
                    cutAcross(i, j, k, restYs[j][k], row);
                }
                if (ys[j] > sheet.longestCut()) {
                    int reach = Positions.floor(ys, sheet.longestCut());
                    cutAcross(i, j, reach, restY(j, reach), row);
                }
            }
            if (scarce.length > 0) {
                counts[i][j] = counted(i, j);
                holds[i][j] = held(counts[i][j]);
            }
        }
    }

    private void cutAcross(int i, int j, int k, int rest, long[] row) {
        long value = row[k] + row[rest];
        if (value > row[j]) {
            take(i, j, value, ACROSS | k, i, k, i, rest);
        }
    }

    /** What is left of a room beyond a position; only the smaller half is worked out before. */
    private int restX(int i, int k) {
        return k < restXs[i].length ? restXs[i][k] : Positions.floor(xs, xs[i] - xs[k]);
    }

    private int restY(int j, int k) {
        return k < restYs[j].length ? restYs[j][k] : Positions.floor(ys, ys[j] - ys[k]);
    }

    /** Takes two rooms together if they are worth more than what was found so far, what is beyond a cap not counted. */
    private void take(int i, int j, long value, int how, int i1, int j1, int i2, int j2) {
        long counted = scarce.length > 0 ? withinCaps(value, best[i][j], i1, j1, i2, j2) : value;
        if (counted > best[i][j]) {
            best[i][j] = counted;
            choice[i][j] = how;
        }
    }

    /** The value of two rooms less what is beyond the caps; what is not more than {@code least} need not be exact. */
    private long withinCaps(long value, long least, int i1, int j1, int i2, int j2) {
        long counted = value;
        for (long both = holds[i1][j1] & holds[i2][j2]; both != 0 && counted > least; both &= both - 1) {
            int place = Long.numberOfTrailingZeros(both);
            int part = scarce[place];
            int over = counts[i1][j1][place] + counts[i2][j2][place] - caps[part];
            if (over > 0) {
                counted -= over * values[part];
            }
        }
        return counted;
    }

    /** At most as many as there are bits; what is beyond a cap of the others is left over in the end. */
    private int[] scarce() {
        return items.stream()
                .filter(item -> sheet.area() / ((double) item.width() * item.height()) >= caps[item.part()] + 1)
                .mapToInt(Item::part)
                .distinct()
                .limit(Long.SIZE)
                .toArray();
    }

    private static long held(int[] counts) {
        long held = 0;
        for (int place = 0; place < counts.length; place++) {
            if (counts[place] > 0) {
                held |= 1L << place;
            }
        }
        return held;
    }

    private int[] counted(int i, int j) {
        int[] counted = new int[scarce.length];
        int place = choice[i][j] & PLACE;
        if (isDown(choice[i][j])) {
            add(counted, counts[place][j], counts[restX(i, place)][j]);
        } else if (isAcross(choice[i][j])) {
            add(counted, counts[i][place], counts[i][restY(j, place)]);
        } else if (place > 0) {
            for (int at = 0; at < scarce.length; at++) {
                counted[at] = scarce[at] == items.get(place - 1).part() ? 1 : 0;
            }
        }
        return counted;
    }

    private void add(int[] sum, int[] one, int[] other) {
        for (int place = 0; place < sum.length; place++) {
            sum[place] = Math.min(caps[scarce[place]], one[place] + other[place]);
        }
    }

    private static boolean isDown(int choice) {
        return (choice & ~PLACE) == DOWN;
    }

    private static boolean isAcross(int choice) {
        return (choice & ~PLACE) == ACROSS;
    }

    /** What the best way to cut the whole sheet is worth. */
    long value() {
        return best[xs.length - 1][ys.length - 1];
    }

    /** The best way to cut the whole sheet; with caps, what is beyond them is left over. */
    Section section(List<PartId> ids) {
        return section(sheet.width(), sheet.height(), ids);
    }

    private Section section(long width, long height, int[] left, List<PartId> ids) {
        int i = Positions.floor(xs, width);
        int j = Positions.floor(ys, height);
        int place = choice[i][j] & PLACE;
        if (best[i][j] == 0 || choice[i][j] == NOTHING) {
            return Section.LEFTOVER;
        }
        // Where the room is too large for the blade but what is wanted of it is not, the waste comes off first.
        if (height > sheet.longestCut() && ys[j] <= sheet.longestCut()) {
            return Section.split(Axis.HORIZONTAL, at(ys[j]), section(width, ys[j], left, ids), Section.LEFTOVER);
        }
        if (width > sheet.longestCut() && xs[i] <= sheet.longestCut()) {
            return Section.split(Axis.VERTICAL, at(xs[i]), section(xs[i], height, left, ids), Section.LEFTOVER);
        }
        if (isDown(choice[i][j])) {
            Section first = section(xs[place], height, left, ids);
            return Section.split(Axis.VERTICAL, at(xs[place]), first, section(width - xs[place], height, left, ids));
        }
        if (isAcross(choice[i][j])) {
            Section first = section(width, ys[place], left, ids);
            return Section.split(Axis.HORIZONTAL, at(ys[place]), first, section(width, height - ys[place], left, ids));
        }
        Item item = items.get(place - 1);
        if (capped && --left[item.part()] < 0) {
            return Section.LEFTOVER;
        }
        return corner(item, width, height, ids);
    }

    /** The part in the left top corner of a room. */
    private Section corner(Item item, long width, long height, List<PartId> ids) {
        Section part = new Section.Filled(ids.get(item.part()), item.turned());
        boolean across = item.height() < height;
        boolean down = item.width() < width;
        if (across && down && !sheet.cutsAcrossFirst(item, width, height)) {
            Section strip = Section.split(Axis.HORIZONTAL, at(item.height()), part, Section.LEFTOVER);
            return Section.split(Axis.VERTICAL, at(item.width()), strip, Section.LEFTOVER);
        }
        Section strip = down ? Section.split(Axis.VERTICAL, at(item.width()), part, Section.LEFTOVER) : part;
        return across ? Section.split(Axis.HORIZONTAL, at(item.height()), strip, Section.LEFTOVER) : strip;
    }

    private Length at(long side) {
        return Length.ofTicks(side - sheet.kerf());
    }

    /** The narrowest part of the sheet, at its full height, that is worth as much as the whole sheet. */
    long narrowest() {
        int i = xs.length - 1;
        while (i > 0 && best[i - 1][ys.length - 1] == value()) {
            i--;
        }
        return xs[i];
    }

    /** The lowest part of the sheet, at its full width, that is worth as much as the whole sheet. */
    long lowest() {
        int j = ys.length - 1;
        while (j > 0 && best[xs.length - 1][j - 1] == value()) {
            j--;
        }
        return ys[j];
    }

    /** The best way to cut a part of the sheet at its left top; with caps, what is beyond them is left over. */
    Section section(long width, long height, List<PartId> ids) {
        return section(width, height, caps.clone(), ids);
    }
}
