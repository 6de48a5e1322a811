package kwibbet.bench;

import kwibbet.layout.KnownPlans;

/**
 * What was worked out of a run before, and is not to be worked out otherwise.
 *
 * @param sheets how its sheets are cut
 * @param fence in which order they are
 */
public record KnownLists(KnownPlans sheets, FenceOrders fence) {

    /** Nothing was worked out before. */
    public static final KnownLists NONE = new KnownLists(KnownPlans.NONE, FenceOrders.NONE);
}
