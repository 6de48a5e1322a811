package kwibbet.cutting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** A plan while it is made: patterns and copies, what is still wanted, and how many sheets are left. */
final class Draft {

    private final CuttingTask task;
    private final int[] wanted;
    private final int[] limits;
    private final List<Pattern> patterns;
    private final List<Integer> copies;

    private Draft(CuttingTask task, int[] wanted, int[] limits, List<Pattern> patterns, List<Integer> copies) {
        this.task = task;
        this.wanted = wanted;
        this.limits = limits;
        this.patterns = new ArrayList<>(patterns);
        this.copies = new ArrayList<>(copies);
    }

    /** Nothing cut yet. */
    Draft(CuttingTask task) {
        this(task, task.demand(), task.limits(), List.of(), List.of());
    }

    /** Nothing cut yet, with so many sheets of each stock. */
    Draft(CuttingTask task, int[] limits) {
        this(task, task.demand(), limits.clone(), List.of(), List.of());
    }

    /** The same, to go on with on its own. */
    Draft copy() {
        return new Draft(task, wanted.clone(), limits.clone(), patterns, copies);
    }

    /** How many of each part are still wanted; to be read only. */
    int[] wanted() {
        return wanted;
    }

    /** How many sheets of each stock are left; to be read only. */
    int[] limits() {
        return limits;
    }

    List<Pattern> patterns() {
        return patterns;
    }

    int copies(int place) {
        return copies.get(place);
    }

    boolean isComplete() {
        return Arrays.stream(wanted).allMatch(count -> count == 0);
    }

    boolean hasSheets() {
        return Arrays.stream(limits).anyMatch(limit -> limit > 0);
    }

    /** How often a pattern can be cut without making too many of a part or running out of sheets. */
    int copiesOf(Pattern pattern) {
        return Math.min(limits[pattern.sheet()], pattern.wholeCopies(wanted));
    }

    void add(Pattern pattern, int times) {
        pattern.takeFrom(wanted, times);
        if (limits[pattern.sheet()] < CuttingTask.UNLIMITED) {
            limits[pattern.sheet()] -= times;
        }
        for (int place = 0; place < patterns.size(); place++) {
            if (patterns.get(place).yieldsLike(pattern)) {
                copies.set(place, copies.get(place) + times);
                return;
            }
        }
        patterns.add(pattern);
        copies.add(times);
    }

    /** Takes so many copies of a pattern back; its parts are wanted again. */
    void remove(int place, int times) {
        Pattern pattern = patterns.get(place);
        pattern.takeFrom(wanted, -times);
        if (limits[pattern.sheet()] < CuttingTask.UNLIMITED) {
            limits[pattern.sheet()] += times;
        }
        copies.set(place, copies.get(place) - times);
        if (copies.get(place) == 0) {
            patterns.remove(place);
            copies.remove(place);
        }
    }

    long cost() {
        long cost = 0;
        for (int place = 0; place < patterns.size(); place++) {
            cost += copies.get(place) * task.cost(patterns.get(place).sheet());
        }
        return cost;
    }

    /** The area of what is still wanted. */
    double areaMissing() {
        double area = 0;
        for (int part = 0; part < wanted.length; part++) {
            area += wanted[part] * task.parts().get(part).size().area();
        }
        return area;
    }
}
