package kwibbet.cutting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import kwibbet.cutting.UsableSheet.Item;
import kwibbet.measure.Length;
import kwibbet.shape.Axis;

/**
 * Whether some parts can be cut from one sheet, each as often as it is counted: exactly, whatever is left over.
 *
 * <p>The least boxes of a collection of parts are those of any two collections it falls into, beside or below each other, none of them as large as another both
 * ways. A table of rooms ({@link PatternTable}) remembers one best way a room and may miss that; here every part is in its place, and only few parts can be
 * looked at. How long a cut is does not count.
 *
 * <p>After P. Y. Wang, "Two algorithms for constrained two-dimensional cutting stock problems", Operations Research 31 (1983),
 * doi:10.1287/opre.31.3.573.
 */
final class Boxes {

    /** Work for one pair of boxes put together. */
    private static final int A_PAIR = 12;
    /** Work for looking a collection up. */
    private static final int A_COLLECTION = 80;

    private final UsableSheet sheet;
    private final List<PartId> ids;
    private final Budget budget;
    private final Map<List<Integer>, List<Box>> known = new HashMap<>();

    /**
     * Boxes on one sheet.
     *
     * @param sheet the sheet
     * @param ids what its parts are called, by their places
     * @param budget what is spent of; once it is, nothing more fits
     */
    Boxes(UsableSheet sheet, List<PartId> ids, Budget budget) {
        this.sheet = sheet;
        this.ids = ids;
        this.budget = budget;
    }

    /** A room some parts can be cut out of: one of them, or two boxes beside or below each other. */
    private sealed interface Box {
        long width();

        long height();
    }

    private record One(Item item) implements Box {
        @Override
        public long width() {
            return item.width();
        }

        @Override
        public long height() {
            return item.height();
        }
    }

    private record Two(Axis axis, Box first, Box second, long width, long height) implements Box {
        static Two beside(Box first, Box second) {
            return new Two(
                    Axis.VERTICAL,
                    first,
                    second,
                    first.width() + second.width(),
                    Math.max(first.height(), second.height()));
        }

        static Two below(Box first, Box second) {
            return new Two(
                    Axis.HORIZONTAL,
                    first,
                    second,
                    Math.max(first.width(), second.width()),
                    first.height() + second.height());
        }
    }

    /**
     * Whether they fit.
     *
     * @param counts how often each part is there, by its place
     */
    boolean fit(int[] counts) {
        return Arrays.stream(counts).allMatch(count -> count == 0)
                || !of(counts).isEmpty();
    }

    /** How a whole sheet is cut for them; nothing where they do not fit. */
    Optional<Section> section(int[] counts) {
        return of(counts).stream().findFirst().map(box -> section(box, sheet.width(), sheet.height()));
    }

    private Section section(Box box, long width, long height) {
        if (box instanceof Two two) {
            boolean isBeside = two.axis == Axis.VERTICAL;
            long at = isBeside ? two.first.width() : two.first.height();
            return Section.split(
                    two.axis,
                    Length.ofTicks(at - sheet.kerf()),
                    section(two.first, isBeside ? at : width, isBeside ? height : at),
                    section(two.second, isBeside ? width - at : width, isBeside ? height : height - at));
        }
        Item item = ((One) box).item;
        if (item.width() < width) {
            return Section.split(
                    Axis.VERTICAL,
                    Length.ofTicks(item.width() - sheet.kerf()),
                    section(box, item.width(), height),
                    Section.LEFTOVER);
        }
        return item.height() < height
                ? Section.split(
                        Axis.HORIZONTAL,
                        Length.ofTicks(item.height() - sheet.kerf()),
                        section(box, width, item.height()),
                        Section.LEFTOVER)
                : new Section.Filled(ids.get(item.part()), item.turned());
    }

    private List<Box> of(int[] counts) {
        List<Integer> key = Arrays.stream(counts).boxed().toList();
        List<Box> boxes = known.get(key);
        if (boxes == null) {
            boxes = budget.isSpent() ? List.of() : made(counts);
            known.put(key, boxes);
        }
        return boxes;
    }

    private List<Box> made(int[] counts) {
        budget.spend(A_COLLECTION);
        List<Box> least = new ArrayList<>();
        if (Arrays.stream(counts).sum() == 1) {
            sheet.items().stream().filter(item -> counts[item.part()] == 1).forEach(item -> add(least, new One(item)));
            return least;
        }
        int[] first = new int[counts.length];
        while (next(first, counts)) {
            int[] second = rest(counts, first);
            // Each two collections once.
            if (Arrays.compare(first, second) <= 0 && Arrays.stream(second).anyMatch(count -> count > 0)) {
                join(of(first), of(second), least);
            }
        }
        return least;
    }

    /** The next collection of some of the parts, in the order of numbers whose digits they are; false after the last. */
    private static boolean next(int[] some, int[] counts) {
        for (int part = 0; part < some.length; part++) {
            if (some[part] < counts[part]) {
                some[part]++;
                return true;
            }
            some[part] = 0;
        }
        return false;
    }

    private static int[] rest(int[] counts, int[] some) {
        int[] rest = counts.clone();
        for (int part = 0; part < rest.length; part++) {
            rest[part] -= some[part];
        }
        return rest;
    }

    private void join(List<Box> some, List<Box> others, List<Box> least) {
        budget.spend((long) A_PAIR * some.size() * others.size());
        for (Box one : some) {
            for (Box other : others) {
                add(least, Two.beside(one, other));
                add(least, Two.below(one, other));
            }
        }
    }

    private void add(List<Box> least, Box box) {
        boolean isOfUse = box.width() <= sheet.width()
                && box.height() <= sheet.height()
                && least.stream().noneMatch(other -> other.width() <= box.width() && other.height() <= box.height());
        if (isOfUse) {
            least.removeIf(other -> box.width() <= other.width() && box.height() <= other.height());
            least.add(box);
        }
    }
}
