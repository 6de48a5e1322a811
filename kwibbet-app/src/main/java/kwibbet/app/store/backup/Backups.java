package kwibbet.app.store.backup;

import java.time.Clock;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;

import javax.sql.DataSource;

import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.FlywayException;
import org.flywaydb.core.api.MigrationVersion;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.SingleConnectionDataSource;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionTemplate;

import kwibbet.app.store.DesignStore;
import kwibbet.app.store.Inventory;
import kwibbet.outcome.Outcome;

/** Makes backups of the studio and brings them back, into an empty studio or one in use. */
@Service
public class Backups {

    private static final Logger LOG = LoggerFactory.getLogger(Backups.class);

    private final JdbcTemplate jdbc;
    private final Inventory inventory;
    private final DesignStore designs;
    private final TransactionTemplate snapshot;
    private final Clock clock;

    Backups(
            DataSource database,
            Inventory inventory,
            DesignStore designs,
            PlatformTransactionManager transactions,
            Clock clock) {
        this.jdbc = new JdbcTemplate(database);
        this.inventory = inventory;
        this.designs = designs;
        this.clock = clock;
        this.snapshot = new TransactionTemplate(transactions);
        snapshot.setIsolationLevel(TransactionDefinition.ISOLATION_SERIALIZABLE);
    }

    /** What to do with what is here otherwise than in the backup. */
    public enum Differing {
        /** It stays as it is here. */
        KEEP,
        /** It becomes as it is in the backup. */
        REPLACE
    }

    /**
     * The whole studio as a file, which was read back before it is given away.
     *
     * @throws IllegalStateException when what was written does not read as what it was written from
     */
    public byte[] make() {
        Tables tables = here();
        byte[] file = BackupFile.write(tables, clock.instant());
        if (!BackupFile.read(file).equals(Outcome.made(tables))) {
            throw new IllegalStateException("the backup does not read as it was written");
        }
        return file;
    }

    /** Whether a file holds all that is here. */
    boolean isOfNow(byte[] file) {
        return BackupFile.read(file).equals(Outcome.made(here()));
    }

    private Tables here() {
        return snapshot.execute(status -> Tables.read(jdbc));
    }

    /** What a file would bring, or why it is refused. */
    public Outcome<Comparison> compare(byte[] file) {
        return BackupFile.read(file)
                .then(Backups::upToDate)
                .then(backup -> Outcome.made(Comparison.of(here(), backup)));
    }

    /**
     * Brings a backup back: all of it or, where it is refused, nothing.
     *
     * @param file the backup
     * @param differing what to do with what is here otherwise
     * @return what it brought
     */
    public Outcome<Comparison> restore(byte[] file, Differing differing) {
        return BackupFile.read(file).then(Backups::upToDate).then(backup -> {
            try {
                Comparison brought = inventory.replaced(() -> bring(backup, differing));
                return Outcome.made(brought);
            } catch (DataAccessException | IllegalArgumentException unfit) {
                LOG.debug("a backup was refused", unfit);
                return Outcome.refused("file", "It holds what cannot be kept. Nothing was brought back.");
            }
        });
    }

    private Comparison bring(Tables backup, Differing differing) {
        Tables here = Tables.read(jdbc);
        Comparison comparison = Comparison.of(here, backup);
        for (String table : tables(backup)) {
            Map<Object, Object> mine = Comparison.things(here, table);
            Map<Object, Object> theirs = Comparison.things(backup, table);
            for (Map<String, Object> row : backup.of(table)) {
                Object id = row.getOrDefault(Tables.ID, "");
                boolean isThere = mine.containsKey(id);
                boolean differs = isThere && !Objects.equals(mine.get(id), theirs.get(id));
                if (!isThere) {
                    insert(backup, table, row);
                } else if (differs && differing == Differing.REPLACE) {
                    long version = remove(table, id);
                    Map<String, Object> changed = new LinkedHashMap<>(row);
                    changed.put(Tables.VERSION, version + 1);
                    insert(backup, table, changed);
                }
            }
        }
        bringWhatIsOfNothingKept(here, backup);
        // What was brought is read as it will be, so that nothing that cannot be read is kept.
        inventory.readAfresh();
        designs.all();
        return comparison;
    }

    /** What came and went of what is no longer kept, as papers that were taken off the shelf for good. */
    private void bringWhatIsOfNothingKept(Tables here, Tables backup) {
        Set<Object> kept = new HashSet<>();
        for (String table : Tables.WITH_MOVEMENTS) {
            kept.addAll(Comparison.things(here, table).keySet());
            kept.addAll(Comparison.things(backup, table).keySet());
        }
        Map<Object, Object> known = Comparison.things(here, Tables.MOVEMENT);
        for (Map<String, Object> row : backup.of(Tables.MOVEMENT)) {
            boolean isOfNone = !kept.contains(row.getOrDefault(Tables.MOVEMENT_OF, ""));
            if (isOfNone && !known.containsKey(row.getOrDefault(Tables.ID, ""))) {
                Tables.insert(jdbc, Tables.MOVEMENT, row);
            }
        }
    }

    /** Designs first, since their states belong to them. */
    private static List<String> tables(Tables backup) {
        return Stream.concat(
                        Stream.of(Tables.DESIGN),
                        backup.rows().keySet().stream()
                                .filter(table -> !List.of(Tables.DESIGN, Tables.REVISION, Tables.MOVEMENT)
                                        .contains(table)))
                .toList();
    }

    private void insert(Tables backup, String table, Map<String, Object> row) {
        Tables.insert(jdbc, table, row);
        Object id = row.getOrDefault(Tables.ID, "");
        if (table.equals(Tables.DESIGN)) {
            backup.belonging(Tables.REVISION, Tables.REVISION_OF, id)
                    .forEach(revision -> Tables.insert(jdbc, Tables.REVISION, revision));
        }
        if (Tables.WITH_MOVEMENTS.contains(table)) {
            // What came and went of a thing is brought whole or not at all: in part it would add up to what never was.
            jdbc.update("delete from " + Tables.MOVEMENT + " where " + Tables.MOVEMENT_OF + " = ?", id);
            backup.belonging(Tables.MOVEMENT, Tables.MOVEMENT_OF, id)
                    .forEach(movement -> Tables.insert(jdbc, Tables.MOVEMENT, movement));
        }
    }

    private long remove(String table, Object id) {
        Long version = jdbc.queryForObject("select version from " + table + " where id = ?", Long.class, id);
        if (table.equals(Tables.DESIGN)) {
            jdbc.update("delete from " + Tables.REVISION + " where " + Tables.REVISION_OF + " = ?", id);
        }
        jdbc.update("delete from " + table + " where id = ?", id);
        return version == null ? 0 : version;
    }

    /** A backup of an earlier release goes through the same migrations as its database would. */
    private static Outcome<Tables> upToDate(Tables backup) {
        SingleConnectionDataSource database =
                new SingleConnectionDataSource("jdbc:h2:mem:" + UUID.randomUUID(), "kwibbet", "", true);
        try {
            migrate(database, MigrationVersion.fromVersion(backup.schema()));
            JdbcTemplate jdbc = new JdbcTemplate(database);
            for (String table : tables(backup)) {
                backup.of(table).forEach(row -> Tables.insert(jdbc, table, row));
            }
            backup.of(Tables.REVISION).forEach(row -> Tables.insert(jdbc, Tables.REVISION, row));
            backup.of(Tables.MOVEMENT).forEach(row -> Tables.insert(jdbc, Tables.MOVEMENT, row));
            migrate(database, MigrationVersion.LATEST);
            return Outcome.made(Tables.read(jdbc));
        } catch (FlywayException later) {
            return Outcome.refused("file", "It was made by a later release of Kwibbet. Nothing was brought back.");
        } catch (DataAccessException unfit) {
            LOG.debug("a backup was refused", unfit);
            return Outcome.refused("file", "It holds what cannot be kept. Nothing was brought back.");
        } finally {
            database.destroy();
        }
    }

    private static void migrate(DataSource database, MigrationVersion target) {
        Flyway.configure()
                .dataSource(database)
                .locations("classpath:db/migration")
                .target(target)
                .load()
                .migrate();
    }
}
