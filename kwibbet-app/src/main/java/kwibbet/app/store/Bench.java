package kwibbet.app.store;

import java.time.Instant;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Supplier;

import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

import kwibbet.making.Pace;
import kwibbet.making.Way;
import kwibbet.run.BenchStep;
import kwibbet.run.RunBench;
import kwibbet.run.RunProgress.Cards;
import kwibbet.run.StepKey;

/** Runs as they are worked through at the bench: what is ticked off is kept before it is shown, on whatever device it was. */
@Service
public class Bench {

    private final Runs runs;
    private final RunBook book;
    private final TickBook ticks;
    private final Inventory inventory;
    private final TransactionTemplate transaction;

    Bench(Runs runs, RunBook book, TickBook ticks, Inventory inventory, TransactionTemplate transaction) {
        this.runs = runs;
        this.book = book;
        this.ticks = ticks;
        this.inventory = inventory;
        this.transaction = transaction;
    }

    /**
     * A step that was done.
     *
     * @param step which
     * @param times how often, at least 1
     * @param operation what its time is kept with
     */
    record Tick(StepKey step, int times, String operation) {}

    /** What became of a tick. */
    public enum Ticked {
        DONE,
        /** It was counted under the same key before: a button pressed twice, an answer that was lost. */
        ALREADY,
        /** It was done as often as it has to be: somebody else ticked it off meanwhile. */
        NOTHING_LEFT
    }

    private <T> T read(Supplier<T> work) {
        return Objects.requireNonNull(transaction.execute(status -> work.get()));
    }

    /**
     * A step was done so often.
     *
     * @param key names the tick: the same is counted once
     * @param run the run
     * @param step which step
     * @param times how often; what is more than is left is not counted
     * @param way how its cards are made
     */
    public Ticked tick(String key, KeptRun run, BenchStep step, int times, Way way) {
        RunBench bench = runs.bench(run, way);
        return inventory.replaced(() -> {
            if (ticks.has(key)) {
                return Ticked.ALREADY;
            }
            KeptRun before = present(run);
            int left = step.due() - bench.done(step, before.progress());
            if (left <= 0) {
                return Ticked.NOTHING_LEFT;
            }
            ticks.add(key, before, new Tick(step.key(), Math.min(times, left), step.timedAs()));
            follow(before, bench);
            return Ticked.DONE;
        });
    }

    private KeptRun present(KeptRun run) {
        return book.find(run.id()).orElseThrow(() -> new NoSuchRunException(run.id()));
    }

    /** How many cards are scored, pressed and made follows from what was ticked off. */
    private void follow(KeptRun before, RunBench bench) {
        KeptRun now = present(before);
        Cards cards = before.progress().followed(bench, now.progress());
        if (!cards.equals(now.progress().cards())) {
            runs.worked(now, cards);
        }
    }

    /** Takes the last tick of a step back; nothing where none of it stands. */
    public boolean takeBack(KeptRun run, StepKey step, Way way) {
        RunBench bench = runs.bench(run, way);
        return inventory.replaced(() -> {
            KeptRun before = present(run);
            boolean isBack = ticks.takeBack(before, step);
            follow(before, bench);
            return isBack;
        });
    }

    /** How often the last tick of a step was for; nothing where none stands. */
    public OptionalInt last(KeptRun run, StepKey step) {
        return read(() -> ticks.last(run, step));
    }

    /** Changes with everything that is done of a run at the bench, on whatever device. */
    public String mark(KeptRun run) {
        return run.version() + "-" + read(() -> ticks.mark(run.id()));
    }

    /** When the timer of a step was started; nothing where none runs. */
    public Optional<Instant> timer(KeptRun run, StepKey step) {
        return read(() -> ticks.startedAt(run.id(), step));
    }

    /** Starts the timer of a step, or stops it; what is stopped is not kept. */
    public void time(KeptRun run, StepKey step, boolean isOn) {
        inventory.replaced(() -> {
            if (isOn) {
                ticks.startTimer(run.id(), step);
            } else {
                ticks.stopTimer(run.id(), step);
            }
            return isOn;
        });
    }

    /** How long the maker takes, from all that was timed. */
    public Pace pace() {
        return new Pace(read(ticks::timings));
    }
}
