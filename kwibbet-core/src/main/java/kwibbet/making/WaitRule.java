package kwibbet.making;

import java.util.List;

/** One reason for which operations wait for others. */
interface WaitRule {

    /** Names the rule. */
    String key();

    /** All pairs of operations of which one waits for the other. */
    List<Wait> waits(Operations operations);

    /** One such pair. */
    default Wait wait(Operation before, Operation after, String reason) {
        return new Wait(before, after, key(), reason);
    }
}
