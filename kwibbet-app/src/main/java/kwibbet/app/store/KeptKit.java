package kwibbet.app.store;

import kwibbet.kit.Kit;

/**
 * A kit or class as it is kept.
 *
 * @param id its id
 * @param version grows with every change; whoever changes it says which version they saw
 * @param run the id of the run that cuts it
 * @param kit what it is
 * @param isAway whether it was put away
 * @param hasEarlier whether a change can be taken back
 * @param hasLater whether what was taken back can be brought back
 */
public record KeptKit(
        String id, long version, String run, Kit kit, boolean isAway, boolean hasEarlier, boolean hasLater) {}
