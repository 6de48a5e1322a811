package kwibbet.cutting;

import java.util.Optional;
import java.util.function.ToLongFunction;

import kwibbet.cutting.UsableSheet.Item;

/**
 * How closely a pattern search looks. Where sides add up to too many positions, they are rounded to a grid: up, so that what
 * is found can be cut, or down, so that what is found cannot be beaten.
 */
final class Coarseness {

    /** A search over more positions a side than this takes longer than it is worth. */
    private static final int MOST_POSITIONS = 400;

    private final Optional<long[]> exactX;
    private final Optional<long[]> exactY;
    private final long gridX;
    private final long gridY;
    private final boolean up;

    private Coarseness(UsableSheet sheet, boolean up) {
        exactX = exact(sheet, Item::width, sheet.width());
        exactY = exact(sheet, Item::height, sheet.height());
        gridX = grid(exactX, sheet.width());
        gridY = grid(exactY, sheet.height());
        this.up = up;
    }

    static Coarseness canBeCut(UsableSheet sheet) {
        return new Coarseness(sheet, true);
    }

    static Coarseness cannotBeBeaten(UsableSheet sheet) {
        return new Coarseness(sheet, false);
    }

    private static long grid(Optional<long[]> exact, long whole) {
        return exact.isPresent() ? 1 : whole / MOST_POSITIONS + 1;
    }

    private static Optional<long[]> exact(UsableSheet sheet, ToLongFunction<Item> side, long whole) {
        return Positions.sums(sheet.items().stream().mapToLong(side).toArray(), whole, MOST_POSITIONS);
    }

    /** Whether no side is rounded. */
    boolean isExact() {
        return gridX == 1 && gridY == 1;
    }

    /** Whether a side is rounded down to nothing. */
    boolean loses(UsableSheet sheet) {
        return sheet.items().stream().anyMatch(item -> item.width() < gridX || item.height() < gridY);
    }

    /** Sums of sides from left to right: where a cut from top to bottom need be made. */
    long[] xs(UsableSheet sheet) {
        return exactX.orElseGet(() -> sums(sheet, item -> room(item, sheet).width(), wholeX(sheet)));
    }

    /** Sums of sides from top to bottom. */
    long[] ys(UsableSheet sheet) {
        return exactY.orElseGet(() -> sums(sheet, item -> room(item, sheet).height(), wholeY(sheet)));
    }

    long wholeX(UsableSheet sheet) {
        return whole(sheet.width(), gridX);
    }

    long wholeY(UsableSheet sheet) {
        return whole(sheet.height(), gridY);
    }

    private static long[] sums(UsableSheet sheet, ToLongFunction<Item> side, long whole) {
        long[] sides = sheet.items().stream().mapToLong(side).toArray();
        return Positions.sums(sides, whole, Integer.MAX_VALUE)
                .orElseThrow(() -> new IllegalStateException("positions without a limit are always found"));
    }

    private long whole(long side, long grid) {
        return up ? side : side / grid * grid;
    }

    /** The item as large as it is taken to be. */
    Item room(Item item, UsableSheet sheet) {
        return isExact()
                ? item
                : new Item(
                        item.part(),
                        item.turned(),
                        rounded(item.width(), gridX, sheet.width()),
                        rounded(item.height(), gridY, sheet.height()));
    }

    /** Never beyond the sheet, which the part itself does not reach beyond either. */
    private long rounded(long side, long grid, long whole) {
        if (grid == 1) {
            return side;
        }
        return up ? Math.min(whole, (side + grid - 1) / grid * grid) : side / grid * grid;
    }
}
