package kwibbet.app.store;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;

import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

import kwibbet.making.Timing;
import kwibbet.run.BenchStation;
import kwibbet.run.StepKey;

/** What was ticked off at the bench, and the timers that run there. Ticks are added and never changed; every method is called within a transaction. */
@Component
class TickBook {

    private static final String BACK = "back ";
    /** What was taken back is neither done nor timed. */
    private static final String STANDS =
            " done > 0 and not exists (select 1 from run_tick other where other.id = '" + BACK + "' || run_tick.id)";

    /** Sheets are cut by the lists of one phase; what is made of the pieces is made in any. */
    private static final String IN_PHASE = " (station <> '" + BenchStation.TRIM.key() + "' or phase = ?)";

    private final JdbcTemplate jdbc;
    private final Clock clock;

    TickBook(JdbcTemplate jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /** How often each step of a run is done, by its lists of that phase. */
    Map<StepKey, Integer> done(String run, int phase) {
        Map<StepKey, Integer> done = new HashMap<>();
        jdbc.query(
                "select station, step, sum(done) as done from run_tick where run = ? and" + IN_PHASE
                        + " group by station, step having sum(done) > 0",
                row -> {
                    Optional<BenchStation> station = BenchStation.of(row.getString("station"));
                    if (station.isPresent()) {
                        done.put(new StepKey(station.get(), row.getString("step")), row.getInt("done"));
                    }
                },
                run,
                phase);
        return done;
    }

    /** Whether there is a tick of that key. */
    boolean has(String key) {
        return count("select count(*) from run_tick where id = ?", key) > 0;
    }

    private long count(String query, Object... values) {
        return Optional.ofNullable(jdbc.queryForObject(query, Long.class, values))
                .orElse(0L);
    }

    /**
     * Adds a tick whose key is not there yet.
     *
     * @param key names it
     * @param run the run
     * @param tick what is done how often
     */
    void add(String key, KeptRun run, Bench.Tick tick) {
        StepKey step = tick.step();
        Optional<Duration> took = startedAt(run.id(), step).map(started -> Duration.between(started, clock.instant()));
        add(key, run, step, tick.times(), tick.operation(), took.map(Duration::toSeconds));
        stopTimer(run.id(), step);
    }

    private void add(String key, KeptRun run, StepKey step, int done, String operation, Optional<Long> seconds) {
        jdbc.update(
                "insert into run_tick (id, number, run, phase, station, step, done, operation, seconds, ticked_at, version)"
                        + " values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, 0)",
                key,
                count("select coalesce(max(number), 0) + 1 from run_tick"),
                run.id(),
                run.phase(),
                step.station().key(),
                step.id(),
                done,
                operation,
                seconds.map(Long::intValue).orElse(null),
                now());
    }

    private OffsetDateTime now() {
        return OffsetDateTime.ofInstant(clock.instant(), ZoneOffset.UTC);
    }

    /** How often the last tick of a step that stands was for; nothing where none does. */
    OptionalInt last(KeptRun run, StepKey step) {
        return lastOf(run, step).map(Last::done).map(OptionalInt::of).orElse(OptionalInt.empty());
    }

    private record Last(String key, int done, String operation) {}

    private Optional<Last> lastOf(KeptRun run, StepKey step) {
        return jdbc
                .query(
                        "select id, done, operation from run_tick where run = ? and station = ? and step = ? and"
                                + IN_PHASE + " and" + STANDS + " order by number desc limit 1",
                        (row, at) -> new Last(row.getString("id"), row.getInt("done"), row.getString("operation")),
                        run.id(),
                        step.station().key(),
                        step.id(),
                        run.phase())
                .stream()
                .findFirst();
    }

    /** Takes the last tick of a step back; nothing where none stands. */
    boolean takeBack(KeptRun run, StepKey step) {
        Optional<Last> last = lastOf(run, step);
        last.ifPresent(each -> add(BACK + each.key(), run, step, -each.done(), each.operation(), Optional.empty()));
        return last.isPresent();
    }

    /** Changes with every tick and timer of a run. */
    String mark(String run) {
        return count("select count(*) from run_tick where run = ?", run) + "-"
                + count("select count(*) from run_timer where run = ?", run);
    }

    private static String timerOf(String run, StepKey step) {
        return run + " " + step.station().key() + " " + step.id();
    }

    /** When the timer of a step was started; nothing where none runs. */
    Optional<Instant> startedAt(String run, StepKey step) {
        return jdbc
                .query(
                        "select started_at from run_timer where id = ?",
                        (row, at) -> row.getObject(1, OffsetDateTime.class).toInstant(),
                        timerOf(run, step))
                .stream()
                .findFirst();
    }

    /** Starts the timer of a step, unless it runs. */
    void startTimer(String run, StepKey step) {
        if (startedAt(run, step).isEmpty()) {
            jdbc.update(
                    "insert into run_timer (id, run, started_at, version) values (?, ?, ?, 0)",
                    timerOf(run, step),
                    run,
                    now());
        }
    }

    /** Stops the timer of a step; what it showed is forgotten. */
    void stopTimer(String run, StepKey step) {
        jdbc.update("delete from run_timer where id = ?", timerOf(run, step));
    }

    /** What was timed, of all runs. */
    List<Timing> timings() {
        return jdbc.query(
                "select operation, done, seconds from run_tick where seconds > 0 and" + STANDS + " order by number",
                (row, at) -> new Timing(
                        row.getString("operation"), row.getInt("done"), Duration.ofSeconds(row.getInt("seconds"))));
    }
}
