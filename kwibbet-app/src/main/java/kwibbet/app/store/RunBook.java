package kwibbet.app.store;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

import kwibbet.app.store.KeptRun.Line;
import kwibbet.card.Copies;
import kwibbet.layout.Thrift;
import kwibbet.run.RunProgress;
import kwibbet.run.RunProgress.Cards;
import kwibbet.run.RunState;
import kwibbet.stock.BookingKey;

/** The runs in the data. Every method is called within a transaction. */
@Component
class RunBook {

    /** A booking that was taken back cut nothing. */
    private static final String STANDS =
            " not exists (select 1 from booking other where other.id = 'back ' || run_cut.booking)";

    private final JdbcTemplate jdbc;
    private final TickBook ticks;
    private final Clock clock;

    RunBook(JdbcTemplate jdbc, TickBook ticks, Clock clock) {
        this.jdbc = jdbc;
        this.ticks = ticks;
        this.clock = clock;
    }

    private KeptRun run(ResultSet row) throws SQLException {
        String id = row.getString("id");
        int phase = row.getInt("phase");
        return new KeptRun(
                id,
                row.getLong("version"),
                row.getString("name"),
                RunState.valueOf(row.getString("state")),
                Thrift.named(row.getString("thrift")),
                row.getBoolean("of_card"),
                lines(id),
                phase,
                new RunProgress(
                        cut(id, phase),
                        cutBefore(id, phase),
                        new Cards(row.getInt("scored"), row.getInt("pressed"), row.getInt("made")),
                        ticks.done(id, phase)));
    }

    private List<Line> lines(String run) {
        return jdbc.query(
                "select card, make, spares from run_line where run = ? order by place",
                (row, at) -> new Line(row.getString("card"), new Copies(row.getInt("make"), row.getInt("spares"))),
                run);
    }

    private int cutBefore(String run, int phase) {
        return Optional.ofNullable(jdbc.queryForObject(
                        "select coalesce(sum(sheets), 0) from run_cut where run = ? and phase < ? and" + STANDS,
                        Integer.class,
                        run,
                        phase))
                .orElse(0);
    }

    private Map<String, Integer> cut(String run, int phase) {
        Map<String, Integer> sheets = new HashMap<>();
        jdbc.query(
                "select layout, sum(sheets) as cut from run_cut where run = ? and phase = ? and" + STANDS
                        + " group by layout",
                row -> {
                    sheets.put(row.getString("layout"), row.getInt("cut"));
                },
                run,
                phase);
        return sheets;
    }

    /** All runs, the one changed last first. */
    List<KeptRun> all() {
        return jdbc.query("select * from run order by changed_at desc, id", (row, at) -> run(row));
    }

    /** The runs a card is in, the one changed last first. */
    List<KeptRun> of(String card) {
        return jdbc.query(
                "select * from run where id in (select run from run_line where card = ?)"
                        + " order by changed_at desc, id",
                (row, at) -> run(row),
                card);
    }

    /** The run of that id. */
    Optional<KeptRun> find(String id) {
        return jdbc.query("select * from run where id = ?", (row, at) -> run(row), id).stream()
                .findFirst();
    }

    /** What a settled run keeps; nothing where it is open or there is none. */
    Optional<String> document(String id) {
        return jdbc
                .query("select document from run where id = ?", (row, at) -> Optional.ofNullable(row.getString(1)), id)
                .stream()
                .flatMap(Optional::stream)
                .findFirst();
    }

    /** Keeps a new run. */
    void add(KeptRun run, Optional<String> document) {
        jdbc.update(
                "insert into run (id, name, state, thrift, of_card, document, phase, scored, pressed, made, changed_at, version)"
                        + " values (?, ?, ?, ?, ?, ?, ?, 0, 0, 0, ?, 0)",
                run.id(),
                run.name(),
                run.state().name(),
                run.thrift().name(),
                run.ofCard(),
                document.orElse(null),
                run.phase(),
                now());
        addLines(run);
    }

    /**
     * Keeps a changed run.
     *
     * @throws StaleItemException when its version is not the present one
     */
    void change(KeptRun run, Optional<String> document) {
        Cards done = run.progress().cards();
        int changed = jdbc.update(
                "update run set name = ?, state = ?, thrift = ?, document = coalesce(?, document), phase = ?, scored = ?,"
                        + " pressed = ?, made = ?, changed_at = ?, version = version + 1 where id = ? and version = ?",
                run.name(),
                run.state().name(),
                run.thrift().name(),
                document.orElse(null),
                run.phase(),
                done.scored(),
                done.pressed(),
                done.made(),
                now(),
                run.id(),
                run.version());
        if (changed == 0) {
            throw new StaleItemException();
        }
        jdbc.update("delete from run_line where run = ?", run.id());
        addLines(run);
    }

    private void addLines(KeptRun run) {
        int place = 0;
        for (Line line : run.lines()) {
            place++;
            jdbc.update(
                    "insert into run_line (id, run, place, card, make, spares, version) values (?, ?, ?, ?, ?, ?, 0)",
                    String.format(Locale.ROOT, "%s %03d", run.id(), place),
                    run.id(),
                    place,
                    line.card(),
                    line.copies().make(),
                    line.copies().spares());
        }
    }

    private OffsetDateTime now() {
        return OffsetDateTime.ofInstant(clock.instant(), ZoneOffset.UTC);
    }

    /** Writes down how many sheets of which layouts a booking cut. */
    void addCut(BookingKey booking, KeptRun run, Map<String, Integer> sheets) {
        sheets.forEach((layout, count) -> jdbc.update(
                "insert into run_cut (id, booking, run, phase, layout, sheets, version) values (?, ?, ?, ?, ?, ?, 0)",
                booking.value() + " " + layout,
                booking.value(),
                run.id(),
                run.phase(),
                layout,
                count));
        jdbc.update("update run set changed_at = ? where id = ?", now(), run.id());
    }

    /** How often sheets of a layout of a run were booked as cut, taken back or not. */
    int bookings(String run, String layout) {
        return Optional.ofNullable(jdbc.queryForObject(
                        "select count(*) from run_cut where run = ? and layout = ?", Integer.class, run, layout))
                .orElse(0);
    }

    /**
     * Sheets that were cut.
     *
     * @param key their booking
     * @param at when
     * @param layout the layout
     * @param sheets how many of it
     * @param isBack whether that was taken back
     */
    public record Cut(BookingKey key, Instant at, String layout, int sheets, boolean isBack) {}

    /** What was cut of a run since its rest was last planned anew, the last first. */
    List<Cut> cuts(KeptRun run) {
        return jdbc.query(
                "select run_cut.booking, booking.booked_at, layout, sheets, not" + STANDS + " as is_back"
                        + " from run_cut join booking on booking.id = run_cut.booking where run_cut.run = ? and phase = ?"
                        + " order by booking.booked_at desc, booking.number desc, run_cut.id",
                (row, at) -> new Cut(
                        new BookingKey(row.getString("booking")),
                        row.getObject("booked_at", OffsetDateTime.class).toInstant(),
                        row.getString("layout"),
                        row.getInt("sheets"),
                        row.getBoolean("is_back")),
                run.id(),
                run.phase());
    }
}
