package kwibbet.benchmark;

import java.time.Duration;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalLong;
import java.util.Random;

import kwibbet.cutting.Budget;
import kwibbet.cutting.CutThrough;
import kwibbet.cutting.CuttingJob;
import kwibbet.cutting.CuttingPlan;
import kwibbet.cutting.Fence;
import kwibbet.cutting.FencePlan;
import kwibbet.cutting.FenceSearch;
import kwibbet.cutting.SheetSearch;
import kwibbet.measure.Length;
import kwibbet.shape.Size;

/**
 * How class jobs are planned: how many are proven to use the fewest sheets, against the yardstick in the same run, and how the time grows with
 * parts and pieces. Every plan is cut at the trial trimmer.
 *
 * <p>Arguments: the first and the last seed, seconds for the planner, seconds for the yardstick (0 leaves it out).
 */
public final class ClassLayouts {

    private static final Length REACH = Length.ofInches(18);

    private ClassLayouts() {}

    /** Prints the figures. */
    public static void main(String[] arguments) {
        int first = number(arguments, 0, 1);
        int last = number(arguments, 1, 60);
        Duration time = Duration.ofSeconds(number(arguments, 2, 2));
        int yardstick = number(arguments, 3, 60);
        // The first jobs also warm the machine up; they are made twice.
        for (int seed = first; seed < first + 3; seed++) {
            SheetSearch.plan(ClassJobs.of(seed), Budget.about(time));
        }
        jobs(first, last, time, yardstick);
        withoutWaste();
        growth(time);
    }

    /** Jobs whose fewest sheets are known, because they were made by cutting up sheets. */
    private static void withoutWaste() {
        int reached = 0;
        int jobs = 10;
        for (int seed = 1; seed <= jobs; seed++) {
            WastelessJobs.Known known = WastelessJobs.of(seed);
            long began = System.nanoTime();
            CuttingPlan plan = SheetSearch.plan(known.job(), Budget.about(Duration.ofSeconds(10)));
            System.out.printf(
                    Locale.ROOT,
                    "without waste, seed %d: %d sizes, %d sheets known, %d found, %.0f ms%n",
                    seed,
                    known.job().parts().size(),
                    known.sheets(),
                    plan.sheets(),
                    (System.nanoTime() - began) / 1e6);
            reached += plan.sheets() <= known.sheets() ? 1 : 0;
        }
        System.out.printf(Locale.ROOT, "without waste: the fewest sheets reached in %d of %d jobs%n", reached, jobs);
    }

    private static int number(String[] arguments, int place, int otherwise) {
        return arguments.length > place ? Integer.parseInt(arguments[place]) : otherwise;
    }

    private static void jobs(int first, int last, Duration time, int yardstick) {
        System.out.println(
                " seed  parts  pieces  stocks | sheets  at least  proven     ms  used  settings  at least     ms | yardstick");
        int proven = 0;
        int invalid = 0;
        int more = 0;
        for (int seed = first; seed <= last; seed++) {
            CuttingJob job = ClassJobs.of(seed);
            long began = System.nanoTime();
            CuttingPlan plan = SheetSearch.plan(job, Budget.about(time));
            long planned = System.nanoTime();
            FencePlan fence = FenceSearch.plan(plan.layouts(), Fence.anywhere(REACH));
            long ended = System.nanoTime();
            proven += plan.isProven() ? 1 : 0;
            invalid += isValid(plan, fence) ? 0 : 1;
            OptionalLong other = yardstick > 0 ? Yardstick.sheets(job, yardstick) : OptionalLong.empty();
            more += other.isPresent() && plan.sheets() > other.getAsLong() ? 1 : 0;
            System.out.printf(
                    Locale.ROOT,
                    "%5d  %5d  %6d  %6d | %6d  %8d  %6s  %5.0f  %3.0f%%  %8d  %8d  %5.0f | %s%n",
                    seed,
                    job.parts().size(),
                    job.pieces(),
                    job.stocks().size(),
                    plan.sheets(),
                    plan.sheetsAtLeast(),
                    plan.isProven() ? "yes" : "no",
                    (planned - began) / 1e6,
                    100 * plan.usedShare(),
                    fence.fenceSettings(),
                    fence.atLeast(),
                    (ended - planned) / 1e6,
                    other.isPresent() ? String.valueOf(other.getAsLong()) : "-");
        }
        int all = last - first + 1;
        System.out.printf(
                Locale.ROOT,
                "%d of %d proven to use the fewest sheets (%.1f %%); %d that cannot be cut as they say; %d with more sheets than the yardstick%n",
                proven,
                all,
                100.0 * proven / all,
                invalid,
                more);
    }

    /** Whether the cuts, done one by one, make at least as many of each size as are wanted. */
    private static boolean isValid(CuttingPlan plan, FencePlan fence) {
        CutThrough cut = CutThrough.of(fence);
        Map<Size, Integer> wanted = new HashMap<>();
        plan.layouts().forEach(layout -> layout.placements()
                .forEach(placement -> wanted.merge(placement.area().size(), layout.copies(), Integer::sum)));
        boolean counts = plan.job().parts().stream().allMatch(part -> plan.cutOf(part.id()) == part.count());
        return counts
                && cut.faults().isEmpty()
                && wanted.entrySet().stream()
                        .allMatch(each -> cut.made().getOrDefault(each.getKey(), 0) >= each.getValue());
    }

    private static void growth(Duration time) {
        System.out.println(
                "How the time grows: milliseconds until proven or given up, the middle of five jobs (how many of the five proven)");
        System.out.print("parts \\ pieces");
        int[] pieces = {50, 100, 200, 400, 800, 1600};
        for (int count : pieces) {
            System.out.printf(Locale.ROOT, "%13d", count);
        }
        System.out.println();
        for (int parts : new int[] {5, 10, 20, 30}) {
            System.out.printf(Locale.ROOT, "%14d", parts);
            for (int count : pieces) {
                double[] took = new double[5];
                int proven = 0;
                for (int seed = 0; seed < took.length; seed++) {
                    CuttingJob job = ClassJobs.of(new Random(1_000L * parts + count + seed), parts, count);
                    long began = System.nanoTime();
                    proven += SheetSearch.plan(job, Budget.about(time)).isProven() ? 1 : 0;
                    took[seed] = (System.nanoTime() - began) / 1e6;
                }
                java.util.Arrays.sort(took);
                System.out.printf(Locale.ROOT, "%9.0f (%d)", took[2], proven);
            }
            System.out.println();
        }
    }
}
