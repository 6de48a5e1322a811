package kwibbet.lesson;

import java.time.Instant;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * How far a class is that is taught.
 *
 * @param begun when it began; nothing before
 * @param ended when it ended; nothing before
 * @param shown the step that is shown to the room; empty before the first
 * @param done when each table was done with each step, by the names of both
 * @param leftOut the steps that are left out
 */
public record Lesson(
        Optional<Instant> begun,
        Optional<End> ended,
        String shown,
        Map<String, Map<String, Instant>> done,
        Set<String> leftOut) {

    /** Nothing was told yet. */
    public static final Lesson NONE = new Lesson(Optional.empty(), Optional.empty(), "", Map.of(), Set.of());

    /**
     * The end of a class.
     *
     * @param at when it was
     * @param teaches whether later classes are planned with its minutes
     */
    public record End(Instant at, boolean teaches) {}

    /** Copies what is told. */
    public Lesson {
        done = Map.copyOf(done);
        leftOut = Set.copyOf(leftOut);
    }

    /** What follows from all that was told, in that order. */
    public static Lesson of(List<Happening> told) {
        Lesson lesson = NONE;
        for (Happening each : told) {
            lesson = lesson.after(each);
        }
        return lesson;
    }

    private Lesson after(Happening told) {
        if (told instanceof Happening.Begun begin) {
            return new Lesson(Optional.of(begin.at()), Optional.empty(), "", Map.of(), Set.of());
        }
        if (told instanceof Happening.Shown show) {
            return new Lesson(begun, ended, show.step(), done, leftOut);
        }
        if (told instanceof Happening.Done tick) {
            Map<String, Instant> ofTable = new HashMap<>(doneBy(tick.table()));
            ofTable.putIfAbsent(tick.step(), tick.at());
            return with(tick.table(), ofTable);
        }
        if (told instanceof Happening.NotDone back) {
            Map<String, Instant> ofTable = new HashMap<>(doneBy(back.table()));
            ofTable.remove(back.step());
            return with(back.table(), ofTable);
        }
        if (told instanceof Happening.Ended end) {
            // Told again, it is about what it teaches: it ended when that was first told.
            Instant at = ended.map(End::at).orElse(end.at());
            return new Lesson(begun, Optional.of(new End(at, end.teaches())), shown, done, leftOut);
        }
        if (told instanceof Happening.WentOn) {
            return new Lesson(begun, Optional.empty(), shown, done, leftOut);
        }
        Set<String> without = new HashSet<>(leftOut);
        if (told instanceof Happening.LeftOut out) {
            without.add(out.step());
        } else {
            without.remove(((Happening.PutBack) told).step());
        }
        return new Lesson(begun, ended, shown, done, without);
    }

    private Lesson with(String table, Map<String, Instant> ofTable) {
        Map<String, Map<String, Instant>> more = new HashMap<>(done);
        more.put(table, Map.copyOf(ofTable));
        return new Lesson(begun, ended, shown, more, leftOut);
    }

    /** When a table was done with each step. */
    public Map<String, Instant> doneBy(String table) {
        return done.getOrDefault(table, Map.of());
    }

    /** Whether it has begun and has not ended. */
    public boolean isGoingOn() {
        return begun.isPresent() && ended.isEmpty();
    }
}
