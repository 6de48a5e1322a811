package kwibbet.cutting;

import java.util.Arrays;

/** One way to cut one sheet of a stock. */
final class Pattern {

    private final int sheet;
    private final int[] counts;
    private final Section section;

    /**
     * A pattern.
     *
     * @param sheet the place of the stock among those of the task
     * @param counts how often each part comes out of it
     * @param section how it is cut
     */
    Pattern(int sheet, int[] counts, Section section) {
        this.sheet = sheet;
        this.counts = counts.clone();
        this.section = section;
    }

    int sheet() {
        return sheet;
    }

    int count(int part) {
        return counts[part];
    }

    /** How many parts come out of it. */
    int pieces() {
        return Arrays.stream(counts).sum();
    }

    Section section() {
        return section;
    }

    boolean isEmpty() {
        return Arrays.stream(counts).allMatch(count -> count == 0);
    }

    /** How often the whole pattern can be cut without making more than is wanted. */
    int wholeCopies(int[] wanted) {
        int copies = Integer.MAX_VALUE;
        for (int part = 0; part < counts.length; part++) {
            if (counts[part] > 0) {
                copies = Math.min(copies, wanted[part] / counts[part]);
            }
        }
        return copies;
    }

    /** The same with no part more often than it is wanted; what is beyond is left over. */
    Pattern within(int[] wanted, CuttingTask task) {
        if (wholeCopies(wanted) > 0) {
            return this;
        }
        int[] left = wanted.clone();
        Section pruned = task.pruned(section, left);
        return new Pattern(sheet, task.counts(pruned), pruned);
    }

    /** What the parts are worth. */
    long value(long[] values) {
        long value = 0;
        for (int part = 0; part < counts.length; part++) {
            value += counts[part] * values[part];
        }
        return value;
    }

    /** Takes the parts of {@code copies} sheets from what is wanted. */
    void takeFrom(int[] wanted, int copies) {
        for (int part = 0; part < counts.length; part++) {
            wanted[part] -= counts[part] * copies;
        }
    }

    /** Whether the same parts come from the same stock. */
    boolean yieldsLike(Pattern other) {
        return sheet == other.sheet && Arrays.equals(counts, other.counts);
    }

    int yieldHash() {
        return 31 * sheet + Arrays.hashCode(counts);
    }
}
