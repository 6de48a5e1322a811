package kwibbet.cutting;

import java.time.Duration;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.LongSupplier;

/** How long a search may go on. Can be stopped from another thread. */
public final class Budget {

    private final LongSupplier nanos;
    private final long end;
    private final AtomicBoolean stopped = new AtomicBoolean();

    private Budget(LongSupplier nanos, long end) {
        this.nanos = nanos;
        this.end = end;
    }

    /** So long from now. */
    public static Budget of(Duration time) {
        return of(time, System::nanoTime);
    }

    /** So long from now by a clock that counts nanoseconds. */
    public static Budget of(Duration time, LongSupplier nanos) {
        return new Budget(nanos, Math.addExact(nanos.getAsLong(), time.toNanos()));
    }

    /** Ends the search with the best it has. */
    public void stop() {
        stopped.set(true);
    }

    /** Whether the search shall end. */
    public boolean isSpent() {
        return stopped.get() || nanos.getAsLong() - end >= 0;
    }
}
