package kwibbet.app.store;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.Supplier;

import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

import kwibbet.kit.Table;
import kwibbet.lesson.Classroom;
import kwibbet.lesson.Classroom.Step;
import kwibbet.lesson.Happening;
import kwibbet.lesson.Lesson;
import kwibbet.making.Timing;

/** Classes while they are taught: what is told of them is kept before it is shown, on whatever device it was told. */
@Service
public class Lessons {

    private static final int LONGEST_KEY = 80;

    private final LessonBook book;
    private final Kits kits;
    private final Inventory inventory;
    private final TransactionTemplate transaction;
    private final Clock clock;

    Lessons(LessonBook book, Kits kits, Inventory inventory, TransactionTemplate transaction, Clock clock) {
        this.book = book;
        this.kits = kits;
        this.inventory = inventory;
        this.transaction = transaction;
        this.clock = clock;
    }

    /** Longer ones, and none, name nothing that a page sent. */
    private static boolean isKey(String key) {
        return !key.isBlank() && key.length() <= LONGEST_KEY;
    }

    private <T> T read(Supplier<T> work) {
        return Objects.requireNonNull(transaction.execute(status -> work.get()));
    }

    /** How far a class is. */
    public Lesson lesson(String kit) {
        return Lesson.of(read(() -> book.told(kit)));
    }

    /**
     * A class as it is now; nothing where nothing is left to learners, a tool they need is missing, or all its cards are off the shelf.
     *
     * @param kept the class
     */
    public Optional<Classroom> classroom(KeptKit kept) {
        return classroom(kept, lesson(kept.id()));
    }

    private Optional<Classroom> classroom(KeptKit kept, Lesson lesson) {
        return kits.taught(kept).flatMap(planned -> planned.fit()
                .flatMap(fit -> Classroom.of(planned.plan(), fit, lesson, clock.instant())));
    }

    /** Changes with everything that is told of a class, and with every minute while it goes on. */
    public String mark(KeptKit kept) {
        Lesson lesson = lesson(kept.id());
        long minute = lesson.isGoingOn() ? clock.instant().getEpochSecond() / 60 : 0;
        return kept.version() + "-" + read(() -> book.mark(kept.id())) + "-" + minute;
    }

    /**
     * Something is told of a class.
     *
     * @param key names it: the same is told once
     * @param kit the class
     * @param what what is told, at that moment
     * @return false where it was told before, or the class is not going on
     */
    public boolean tell(String key, String kit, Function<Instant, Happening> what) {
        return inventory.replaced(() -> {
            boolean isNew = isKey(key) && Lesson.of(book.told(kit)).isGoingOn() && !book.has(key);
            if (isNew) {
                book.add(key, kit, what.apply(clock.instant()));
            }
            return isNew;
        });
    }

    /** The class begins; what was told of it before is over, and teaches nothing. */
    public void begin(String key, String kit) {
        tellAndTeach(key, kit, Happening.Begun::new, List.of());
    }

    /** The class is not over after all, and teaches nothing yet. */
    public void goOn(String key, String kit) {
        tellAndTeach(key, kit, Happening.WentOn::new, List.of());
    }

    private void tellAndTeach(String key, String kit, Function<Instant, Happening> what, List<Timing> timings) {
        inventory.replaced(() -> {
            if (isKey(key) && !book.has(key)) {
                book.add(key, kit, what.apply(clock.instant()));
                book.teach(kit, timings);
            }
            return kit;
        });
    }

    /**
     * The same is told of all steps that are named.
     *
     * @param key names it all: it is told once
     * @param kit the class
     * @param steps the names of the steps
     * @param what what is told of each
     */
    public void tell(String key, String kit, List<String> steps, BiFunction<String, Instant, Happening> what) {
        for (int at = 0; at < steps.size(); at++) {
            String step = steps.get(at);
            tell(key + " " + at, kit, moment -> what.apply(step, moment));
        }
    }

    /** All tables that have not done a step yet have done it. */
    public void doneByAll(String key, KeptKit kept, Step step) {
        Lesson lesson = lesson(kept.id());
        List<Table> tables = kept.kit().seated();
        for (int number = 0; number < tables.size(); number++) {
            String table = tables.get(number).name();
            if (!lesson.doneBy(table).containsKey(step.id())) {
                tell(key + " " + number, kept.id(), at -> new Happening.Done(table, step.id(), at));
            }
        }
    }

    /**
     * The class is over.
     *
     * @param key names it
     * @param kept the class
     * @param teaches whether later classes are planned with its minutes
     */
    public void end(String key, KeptKit kept, boolean teaches) {
        List<Timing> timings = teaches ? classroom(kept).map(Classroom::timings).orElse(List.of()) : List.of();
        tellAndTeach(key, kept.id(), at -> new Happening.Ended(teaches, at), timings);
    }
}
