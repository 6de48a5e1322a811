package kwibbet.app.store;

import java.time.Duration;
import java.util.concurrent.atomic.AtomicBoolean;

import kwibbet.cutting.Budget;

/** A search for fewer sheets that goes on while the maker looks at what was found so far. */
public final class SheetHunt {

    private static final Duration LONGEST = Duration.ofSeconds(12);

    private final Budget budget = Budget.of(LONGEST);
    private final long began = System.nanoTime();
    private final AtomicBoolean over = new AtomicBoolean();

    SheetHunt() {}

    Budget budget() {
        return budget;
    }

    void end() {
        over.set(true);
    }

    /** Ends it with the best it has. */
    public void stop() {
        budget.stop();
    }

    /** Whether it is still going on. */
    public boolean isOn() {
        return !over.get();
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
