package kwibbet.app.store;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Duration;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;

import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

import kwibbet.lesson.Happening;
import kwibbet.making.Timing;

/** What was told of classes while they were taught. It is added and never changed; every method is called within a transaction. */
@Component
class LessonBook {

    private final JdbcTemplate jdbc;

    LessonBook(JdbcTemplate jdbc) {
        this.jdbc = jdbc;
    }

    /** What kind of thing was told, as it is kept. */
    private enum Kind {
        BEGUN,
        SHOWN,
        DONE,
        NOT_DONE,
        LEFT_OUT,
        PUT_BACK,
        WENT_ON,
        ENDED
    }

    private record Row(Kind kind, String seat, String step, boolean teaches) {
        static Row of(Happening told) {
            if (told instanceof Happening.Shown shown) {
                return new Row(Kind.SHOWN, "", shown.step(), false);
            }
            if (told instanceof Happening.Done done) {
                return new Row(Kind.DONE, done.table(), done.step(), false);
            }
            if (told instanceof Happening.NotDone back) {
                return new Row(Kind.NOT_DONE, back.table(), back.step(), false);
            }
            if (told instanceof Happening.LeftOut out) {
                return new Row(Kind.LEFT_OUT, "", out.step(), false);
            }
            if (told instanceof Happening.PutBack back) {
                return new Row(Kind.PUT_BACK, "", back.step(), false);
            }
            if (told instanceof Happening.WentOn) {
                return new Row(Kind.WENT_ON, "", "", false);
            }
            return told instanceof Happening.Ended ended
                    ? new Row(Kind.ENDED, "", "", ended.teaches())
                    : new Row(Kind.BEGUN, "", "", false);
        }
    }

    private static Happening told(ResultSet row) throws SQLException {
        Instant at = row.getObject("told_at", OffsetDateTime.class).toInstant();
        String seat = row.getString("seat");
        String step = row.getString("step");
        return switch (Kind.valueOf(row.getString("kind"))) {
            case BEGUN -> new Happening.Begun(at);
            case SHOWN -> new Happening.Shown(step, at);
            case DONE -> new Happening.Done(seat, step, at);
            case NOT_DONE -> new Happening.NotDone(seat, step, at);
            case LEFT_OUT -> new Happening.LeftOut(step, at);
            case PUT_BACK -> new Happening.PutBack(step, at);
            case WENT_ON -> new Happening.WentOn(at);
            case ENDED -> new Happening.Ended(row.getBoolean("teaches"), at);
        };
    }

    /** All that was told of a class, in that order. */
    List<Happening> told(String kit) {
        return jdbc.query("select * from lesson_told where kit = ? order by number", (row, at) -> told(row), kit);
    }

    /** Changes with everything that is told of a class. */
    long mark(String kit) {
        return count("select count(*) from lesson_told where kit = ?", kit);
    }

    boolean has(String key) {
        return count("select count(*) from lesson_told where id = ?", key) > 0;
    }

    private long count(String query, Object... values) {
        return Optional.ofNullable(jdbc.queryForObject(query, Long.class, values))
                .orElse(0L);
    }

    /** Adds what was told under a key that is not there yet. */
    void add(String key, String kit, Happening told) {
        Row row = Row.of(told);
        jdbc.update(
                "insert into lesson_told (id, kit, number, kind, seat, step, teaches, told_at, version) values (?, ?, ?, ?, ?, ?, ?, ?, 0)",
                key,
                kit,
                count("select coalesce(max(number), 0) + 1 from lesson_told"),
                row.kind().name(),
                row.seat(),
                row.step(),
                row.teaches(),
                OffsetDateTime.ofInstant(told.at(), ZoneOffset.UTC));
    }

    /** What learners took, in all classes that teach but one; in all of them where that is empty. */
    List<Timing> timingsBut(String kit) {
        return jdbc.query(
                "select operation, millis from learner_timing where kit <> ? order by id",
                (row, at) -> new Timing(row.getString("operation"), 1, Duration.ofMillis(row.getLong("millis"))),
                kit);
    }

    /** What a class teaches, in place of what it taught before. */
    void teach(String kit, List<Timing> timings) {
        jdbc.update("delete from learner_timing where kit = ?", kit);
        int number = 0;
        for (Timing each : timings) {
            number++;
            jdbc.update(
                    "insert into learner_timing (id, kit, operation, millis, version) values (?, ?, ?, ?, 0)",
                    kit + " " + number,
                    kit,
                    each.operation(),
                    each.took().toMillis());
        }
    }
}
