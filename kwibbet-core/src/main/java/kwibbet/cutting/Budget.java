package kwibbet.cutting;

import java.time.Duration;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.LongSupplier;

/** How long a search may go on. Can be stopped from another thread. */
public final class Budget {

    private final LongSupplier nanos;
    private final long begin;
    private final long end;
    private final AtomicBoolean stopped;

    private Budget(LongSupplier nanos, long begin, long end, AtomicBoolean stopped) {
        this.nanos = nanos;
        this.begin = begin;
        this.end = end;
        this.stopped = stopped;
    }

    /** So long from now. */
    public static Budget of(Duration time) {
        return of(time, System::nanoTime);
    }

    /** So long from now by a clock that counts nanoseconds. */
    public static Budget of(Duration time, LongSupplier nanos) {
        long begin = nanos.getAsLong();
        return new Budget(nanos, begin, Math.addExact(begin, time.toNanos()), new AtomicBoolean());
    }

    /** A share of what is left of this one, 0 to 1; it is stopped with this one. */
    public Budget share(double share) {
        long now = nanos.getAsLong();
        return new Budget(nanos, now, now + (long) (share * Math.max(0, end - now)), stopped);
    }

    /** Ends the search with the best it has. */
    public void stop() {
        stopped.set(true);
    }

    /** Whether the search shall end. */
    public boolean isSpent() {
        return isSpent(1);
    }

    /** Whether a share of the time is over, 0 to 1, or the search was stopped. */
    boolean isSpent(double share) {
        return stopped.get() || nanos.getAsLong() - begin >= share * (end - begin);
    }
}
