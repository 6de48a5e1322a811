package kwibbet.cutting;

import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.LongStream;

/** What parts may be taken to be worth before anything is known of how they fit together. */
final class Worths {

    private static final long SHEET = 1_000_000_000L;

    private Worths() {}

    /**
     * By area; by how few fit on a sheet; and between the two, so that large parts and those that leave waste go first.
     *
     * @param mostOnOneSheet for each part, how many come from the sheet that gives the most
     */
    static List<long[]> plain(CuttingTask task, long[] mostOnOneSheet) {
        double largest =
                task.sheets().stream().mapToDouble(UsableSheet::area).max().orElse(1);
        long[] area = task.parts().stream()
                .mapToLong(part -> share(part.size().width().toTicks()
                        * (double) part.size().height().toTicks()
                        / largest))
                .toArray();
        long[] fewest = LongStream.of(mostOnOneSheet)
                .map(most -> SHEET / Math.max(1, most))
                .toArray();
        long[] between = IntStream.range(0, area.length)
                .mapToLong(part -> (area[part] + fewest[part]) / 2)
                .toArray();
        return List.of(area, fewest, between);
    }

    private static long share(double share) {
        return Math.max(1, Math.round(SHEET * share));
    }

    /** For each part, worths of which it alone has one. */
    static List<long[]> alone(CuttingTask task) {
        return IntStream.range(0, task.parts().size())
                .mapToObj(part -> {
                    long[] worths = new long[task.parts().size()];
                    worths[part] = 1;
                    return worths;
                })
                .toList();
    }
}
