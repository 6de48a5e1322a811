package kwibbet.app.store;

import java.time.Duration;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;

import kwibbet.cutting.Budget;

/** A search for fewer sheets and larger leftovers that goes on while the maker looks at what was found so far. */
public final class SheetHunt {

    private static final Duration LONGEST = Duration.ofSeconds(12);

    private final Budget budget = Budget.of(LONGEST);
    private final long began = System.nanoTime();
    private final CountDownLatch over = new CountDownLatch(1);

    SheetHunt() {}

    Budget budget() {
        return budget;
    }

    void end() {
        over.countDown();
    }

    /** Ends it with the best it has. */
    public void stop() {
        budget.stop();
    }

    /** Waits until it is over, but no longer than that. */
    void await(Duration atMost) {
        try {
            over.await(atMost.toMillis(), TimeUnit.MILLISECONDS);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }

    /** Whether it is still going on. */
    public boolean isOn() {
        return over.getCount() > 0;
    }

    /** For how many seconds it has been looking. */
    public long seconds() {
        return Duration.ofNanos(System.nanoTime() - began).toSeconds();
    }

    /** For how many seconds it will look at most. */
    public long atMost() {
        return LONGEST.toSeconds();
    }
}
