package kwibbet.layout;

import java.util.Optional;

import kwibbet.cutting.CuttingJob;
import kwibbet.cutting.CuttingPlan;

/** Plans that were found before: none is lost, and none is looked for twice. */
@FunctionalInterface
public interface KnownPlans {

    /** Nothing was planned before. */
    KnownPlans NONE = job -> Optional.empty();

    /**
     * What is known of a job.
     *
     * @param plan the best plan found
     * @param isFinal whether nothing better is looked for: all was done that is done, or the maker was content with it
     */
    record Known(CuttingPlan plan, boolean isFinal) {}

    /** What is known of exactly this job; nothing where it was not planned yet. */
    Optional<Known> of(CuttingJob job);
}
