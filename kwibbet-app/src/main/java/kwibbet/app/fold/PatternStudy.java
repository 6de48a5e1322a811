package kwibbet.app.fold;

import java.time.Duration;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;

import kwibbet.crease.Folding;
import kwibbet.crease.Progress;
import kwibbet.formats.fold.FoldPattern;

/** How a pattern of someone else folds, while it is worked out and afterwards. */
final class PatternStudy implements Progress {

    private static final int HUNDRED = 100;

    private final String text;
    private final FoldPattern pattern;
    private final CompletableFuture<FoldStudy> result = new CompletableFuture<>();
    private volatile Stage stage = Stage.LYING;
    private volatile int percent;
    private volatile boolean isStopped;

    PatternStudy(String text, FoldPattern pattern) {
        this.text = text;
        this.pattern = pattern;
    }

    /** Works it out; whatever fails is told to those who wait. */
    void work() {
        try {
            result.complete(FoldStudy.of(Folding.of(pattern.pattern(), this)));
        } catch (RuntimeException | StackOverflowError failed) {
            result.completeExceptionally(failed);
        }
    }

    @Override
    public boolean goesOn(Stage now, long done, long most) {
        stage = now;
        percent = (int) (HUNDRED * done / Math.max(1, most));
        return !isStopped;
    }

    /** Ends it with what it has. */
    void stop() {
        isStopped = true;
    }

    /** Whether it was ended before it was through. */
    public boolean isStopped() {
        return isStopped;
    }

    /** Waits until it is worked out, but no longer than that. */
    void await(Duration atMost) throws InterruptedException {
        try {
            result.get(atMost.toMillis(), TimeUnit.MILLISECONDS);
        } catch (TimeoutException | ExecutionException later) {
            // What it came to is asked for by what is shown.
            return;
        }
    }

    /** The document it was read from. */
    String text() {
        return text;
    }

    /** Whether some creases stop half open. */
    public boolean isHalfOpen() {
        return !pattern.isFlat();
    }

    /** Its own title, or none. */
    String title() {
        return pattern.title();
    }

    /** Whether it is still being worked out. */
    public boolean isOn() {
        return !result.isDone();
    }

    /** What was found; waits for it. */
    public FoldStudy found() {
        return result.join();
    }

    /** What is being looked for, in words. */
    public String doing() {
        return switch (stage) {
            case LYING -> "Looking how its parts can lie over each other.";
            case FOLDING -> "Looking for the shortest order of folding.";
        };
    }

    /** How much is looked at of what is looked at at most, in hundredths. */
    public int percent() {
        return percent;
    }
}
