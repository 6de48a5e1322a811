package kwibbet.cutting;

import java.util.List;

/**
 * What can be used of a sheet of one stock, as the search sees it: every side in ticks with a kerf added, so that sides add
 * up as if the blade took nothing away.
 *
 * @param stock the place of the stock in the job
 * @param width left to right
 * @param height top to bottom
 * @param kerf what the blade takes away
 * @param longestCut no cut is longer; the kerf added
 * @param items the parts that fit, each way round they may lie
 */
record UsableSheet(int stock, long width, long height, long kerf, long longestCut, List<Item> items) {

    /**
     * A part one way round.
     *
     * @param part the place of the part in the job
     * @param turned whether it lies a quarter turned
     * @param width left to right, kerf added
     * @param height top to bottom, kerf added
     */
    record Item(int part, boolean turned, long width, long height) {}

    UsableSheet {
        items = List.copyOf(items);
    }

    UsableSheet withItems(List<Item> others) {
        return new UsableSheet(stock, width, height, kerf, longestCut, others);
    }

    UsableSheet withoutLongestCut() {
        return new UsableSheet(stock, width, height, kerf, Long.MAX_VALUE, items);
    }

    double area() {
        return (double) width * height;
    }

    /** Whether an item can be cut out of a room of that size without too long a cut. */
    boolean canCut(Item item, long roomWidth, long roomHeight) {
        boolean across = item.height < roomHeight;
        boolean down = item.width < roomWidth;
        if (across && down) {
            return acrossFirst(item, roomWidth) || downFirst(item, roomHeight);
        }
        return (!across || roomWidth <= longestCut) && (!down || roomHeight <= longestCut);
    }

    private boolean acrossFirst(Item item, long roomWidth) {
        return roomWidth <= longestCut && item.height <= longestCut;
    }

    private boolean downFirst(Item item, long roomHeight) {
        return roomHeight <= longestCut && item.width <= longestCut;
    }

    /** Whether the first cut goes across, so that the larger leftover stays whole where both ways can be cut. */
    boolean cutsAcrossFirst(Item item, long roomWidth, long roomHeight) {
        if (!acrossFirst(item, roomWidth) || !downFirst(item, roomHeight)) {
            return acrossFirst(item, roomWidth);
        }
        return (roomHeight - item.height) * (double) roomWidth >= (roomWidth - item.width) * (double) roomHeight;
    }
}
