package kwibbet.app.store;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

import kwibbet.formats.document.KitDocument;
import kwibbet.kit.Kit;
import kwibbet.outcome.Outcome;

/** The kits in the data, with every state they were in. Every method is called within a transaction. */
@Component
class KitBook {

    private static final String ALL = "select kit.*, present.document,"
            + " exists (select 1 from kit_state s where s.kit = kit.id and s.number < kit.present) as has_earlier,"
            + " exists (select 1 from kit_state s where s.kit = kit.id and s.number > kit.present) as has_later"
            + " from kit join kit_state present on present.kit = kit.id and present.number = kit.present";

    private final JdbcTemplate jdbc;
    private final Clock clock;

    KitBook(JdbcTemplate jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /** A kit; nothing where its document cannot be read. */
    private static Optional<KeptKit> kit(ResultSet row) throws SQLException {
        Outcome<Kit> read = KitDocument.read(row.getString("document"));
        return read instanceof Outcome.Made<Kit> made
                ? Optional.of(new KeptKit(
                        row.getString("id"),
                        row.getLong("version"),
                        row.getString("run"),
                        made.value(),
                        row.getBoolean("away"),
                        row.getBoolean("has_earlier"),
                        row.getBoolean("has_later")))
                : Optional.empty();
    }

    /** All kits that can be read, the one changed last first. */
    List<KeptKit> all() {
        return jdbc.query(ALL + " order by changed_at desc, kit.id", (row, at) -> kit(row)).stream()
                .flatMap(Optional::stream)
                .toList();
    }

    /** How many kits cannot be read. */
    int unreadable() {
        return (int) jdbc.query(ALL, (row, at) -> kit(row)).stream()
                .filter(Optional::isEmpty)
                .count();
    }

    Optional<KeptKit> find(String id) {
        return one(" where kit.id = ?", id);
    }

    /** The kit a run cuts. */
    Optional<KeptKit> ofRun(String run) {
        return one(" where kit.run = ?", run);
    }

    private Optional<KeptKit> one(String where, String value) {
        return jdbc.query(ALL + where, (row, at) -> kit(row), value).stream()
                .flatMap(Optional::stream)
                .findFirst();
    }

    void add(String id, String run, Kit kit) {
        jdbc.update(
                "insert into kit (id, run, present, away, changed_at, version) values (?, ?, 1, false, ?, 0)",
                id,
                run,
                now());
        addState(id, 1, kit);
    }

    private void addState(String id, int number, Kit kit) {
        jdbc.update(
                "insert into kit_state (id, kit, number, document, version) values (?, ?, ?, ?, 0)",
                String.format(Locale.ROOT, "%s %06d", id, number),
                id,
                number,
                KitDocument.write(kit));
    }

    /**
     * Keeps another state; those that were taken back are gone.
     *
     * @throws StaleItemException when {@code seen} is not the present version
     */
    void change(String id, long seen, Kit kit) {
        touch(id, seen);
        int present = present(id);
        jdbc.update("delete from kit_state where kit = ? and number > ?", id, present);
        addState(id, present + 1, kit);
        jdbc.update("update kit set present = ? where id = ?", present + 1, id);
    }

    /**
     * Goes to the state before or after; nothing happens where there is none.
     *
     * @throws StaleItemException when {@code seen} is not the present version
     */
    void move(String id, long seen, int by) {
        touch(id, seen);
        jdbc.update(
                "update kit set present = present + ? where id = ? and exists"
                        + " (select 1 from kit_state s where s.kit = kit.id and s.number = kit.present + ?)",
                by,
                id,
                by);
    }

    /**
     * Puts a kit away, or back.
     *
     * @throws StaleItemException when {@code seen} is not the present version
     */
    void putAway(String id, long seen, boolean isAway) {
        touch(id, seen);
        jdbc.update("update kit set away = ? where id = ?", isAway, id);
    }

    private void touch(String id, long seen) {
        int changed = jdbc.update(
                "update kit set changed_at = ?, version = version + 1 where id = ? and version = ?", now(), id, seen);
        if (changed == 0) {
            throw new StaleItemException();
        }
    }

    private int present(String id) {
        return Optional.ofNullable(jdbc.queryForObject("select present from kit where id = ?", Integer.class, id))
                .orElseThrow(() -> new NoSuchKitException(id));
    }

    private OffsetDateTime now() {
        return OffsetDateTime.ofInstant(clock.instant(), ZoneOffset.UTC);
    }
}
