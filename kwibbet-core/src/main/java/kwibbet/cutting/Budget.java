package kwibbet.cutting;

import java.time.Duration;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicLong;

/**
 * How much work a search may do. Work is counted, not timed: the same job gives the same plan on a busy machine and on an idle one, unless
 * the search was stopped, which another thread may do.
 *
 * <p>Counted is what takes the time: rooms of a pattern table compared, cells of a program pivoted. One is counted for what takes about a nanosecond.
 */
public final class Budget {

    private final long most;
    private final AtomicLong spent;
    private final AtomicBoolean stopped;

    private Budget(long most, long spent, AtomicBoolean stopped) {
        this.most = most;
        this.spent = new AtomicLong(spent);
        this.stopped = stopped;
    }

    /**
     * So much work.
     *
     * @param work not negative
     * @throws IllegalArgumentException when it is
     */
    public static Budget of(long work) {
        if (work < 0) {
            throw new IllegalArgumentException("a budget is 0 or more, not " + work);
        }
        return new Budget(work, 0, new AtomicBoolean());
    }

    /** As much work as a small machine of two cores that has nothing else to do gets done in about that time. */
    public static Budget about(Duration time) {
        return of(time.toNanos());
    }

    /** All that is left of this one, to be spent beside others; it is stopped with this one. */
    Budget beside() {
        return new Budget(most, spent.get(), stopped);
    }

    /** Counts what was spent beside this one, if that is more than what was spent of this one. */
    void catchUp(Budget beside) {
        spent.accumulateAndGet(beside.spent.get(), Math::max);
    }

    /** A share of what is left of this one, 0 to 1; it is stopped with this one. */
    public Budget share(double share) {
        return new Budget((long) (share * Math.max(0, most - spent.get())), 0, stopped);
    }

    /** Counts work that was done. */
    void spend(long work) {
        spent.addAndGet(work);
    }

    /** Counts all that was spent of a share of this one. */
    public void spend(Budget share) {
        spend(share.spent.get());
    }

    /** How much work was counted. */
    public long spent() {
        return spent.get();
    }

    /** Ends the search with the best it has. */
    public void stop() {
        stopped.set(true);
    }

    /** Whether the search shall end. */
    public boolean isSpent() {
        return isSpent(1);
    }

    /** Whether a share of the work is done, 0 to 1, or the search was stopped. */
    boolean isSpent(double share) {
        return stopped.get() || spent.get() >= share * most;
    }

    /** How much of the work is done, 0 to 1. */
    public double shareSpent() {
        return most == 0 ? 1 : Math.min(1, (double) spent.get() / most);
    }
}
