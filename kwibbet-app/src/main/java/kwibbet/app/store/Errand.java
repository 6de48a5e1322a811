package kwibbet.app.store;

import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.concurrent.Executor;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Supplier;

/**
 * Work that is begun once, beside what else is done, and waited for by whoever needs what comes of it.
 *
 * @param <T> what comes of it
 */
final class Errand<T> {

    private final Supplier<T> work;
    private final Executor by;
    private final AtomicBoolean isBegun = new AtomicBoolean();
    private final CompletableFuture<T> result = new CompletableFuture<>();

    Errand(Supplier<T> work, Executor by) {
        this.work = work;
        this.by = by;
    }

    /** Work that whoever asks for it first does at once. */
    static <T> Errand<T> atOnce(Supplier<T> work) {
        return new Errand<>(work, Runnable::run);
    }

    /** Begins it, if nobody has. */
    void begin() {
        if (isBegun.compareAndSet(false, true)) {
            by.execute(() -> {
                try {
                    result.complete(work.get());
                } catch (RuntimeException | Error failed) {
                    result.completeExceptionally(failed);
                }
            });
        }
    }

    boolean isDone() {
        return result.isDone();
    }

    boolean hasFailed() {
        return result.isCompletedExceptionally();
    }

    /** What came of it; begins it where nobody has, and waits. */
    T result() {
        begin();
        try {
            return result.join();
        } catch (CompletionException failed) {
            throw failed.getCause() instanceof RuntimeException cause ? cause : failed;
        }
    }
}
