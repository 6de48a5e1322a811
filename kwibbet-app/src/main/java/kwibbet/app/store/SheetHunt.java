package kwibbet.app.store;

import java.time.Duration;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;

import kwibbet.cutting.Budget;

/** A search for fewer sheets and larger leftovers that goes on while the maker looks at what was found so far. It ends by the work it did. */
public final class SheetHunt {

    private static final Duration AT_MOST = Duration.ofSeconds(12);

    private final Budget budget = Budget.about(AT_MOST);
    private final CountDownLatch over = new CountDownLatch(1);
    private final AtomicInteger found = new AtomicInteger();
    private volatile boolean hasGivenWay;

    SheetHunt() {}

    Budget budget() {
        return budget;
    }

    void end() {
        over.countDown();
    }

    /** Ends it with the best it has, with which the maker is content. */
    public void stop() {
        budget.stop();
    }

    /** Ends it because the maker does something else; it is begun anew when its sheets are next looked at. */
    void giveWay() {
        hasGivenWay = true;
        budget.stop();
    }

    boolean hasGivenWay() {
        return hasGivenWay;
    }

    /** Waits until it is over, but no longer than that. */
    void await(Duration atMost) {
        try {
            over.await(atMost.toMillis(), TimeUnit.MILLISECONDS);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }

    /** Waits until it is over. */
    void await() {
        try {
            over.await();
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }

    /** Whether it is still going on. */
    public boolean isOn() {
        return over.getCount() > 0;
    }

    void findsBetter() {
        found.incrementAndGet();
    }

    /** How often it has found something better. */
    public int found() {
        return found.get();
    }

    /** How much of its work is done, in hundredths. */
    public int done() {
        return (int) (100 * budget.shareSpent());
    }
}
