package kwibbet.app.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Stream;

import javax.sql.DataSource;

import com.zaxxer.hikari.HikariDataSource;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.env.Environment;
import org.springframework.stereotype.Component;

/**
 * Whether there is room to write. A database that ran out of it in the middle of a write closes itself; so nothing is written when room is
 * short, and should it close all the same, it is opened again for whoever comes next.
 */
@Component
class Room {

    private static final Logger LOG = LoggerFactory.getLogger(Room.class);

    /** So much is left free for the database to tidy its file in. */
    private static final long LEAST = 8_000_000;
    /** Of the error codes H2 publishes: a fault of its store, it could not write, there was no room, or it has closed since. */
    private static final Set<Integer> CANNOT_WRITE = Set.of(50000, 90028, 90031, 90098, 90100, 90121);

    private final DataSource database;
    private final Path folder;

    Room(DataSource database, Environment environment) {
        this.database = database;
        this.folder = Path.of(environment.getProperty("kwibbet.data", "data"));
    }

    /**
     * Does what writes.
     *
     * @throws NoRoomException when there is no room, or the database could not write for want of it; nothing was kept
     */
    <T> T forWriting(Supplier<T> work) {
        long free = free();
        if (free < LEAST) {
            throw new NoRoomException("only " + free + " bytes are free");
        }
        try {
            return work.get();
        } catch (RuntimeException fault) {
            if (isCannotWrite(fault)) {
                openAgain();
                throw new NoRoomException(String.valueOf(fault.getMessage()));
            }
            throw fault;
        }
    }

    long free() {
        try {
            return Files.isDirectory(folder) ? Files.getFileStore(folder).getUsableSpace() : Long.MAX_VALUE;
        } catch (IOException unknown) {
            return Long.MAX_VALUE;
        }
    }

    /** Whether the database has closed itself, or could not write. */
    static boolean isCannotWrite(Throwable fault) {
        return Stream.iterate(Optional.of(fault), Optional::isPresent, at -> at.map(Throwable::getCause))
                .flatMap(Optional::stream)
                .anyMatch(cause -> cause instanceof SQLException sql
                        && (CANNOT_WRITE.contains(sql.getErrorCode()) || isLetGo(sql)));
    }

    /** A connection that {@link ClosedData} let go says so with neither code nor state; the database always tells both. */
    private static boolean isLetGo(SQLException fault) {
        return fault.getErrorCode() == 0 && fault.getSQLState() == null;
    }

    /** With its last connection the closed database is let go, and the next opens it anew. */
    void openAgain() {
        LOG.warn("The data could not be written; {} bytes are free in {}", free(), folder);
        if (database instanceof HikariDataSource pool && pool.getHikariPoolMXBean() != null) {
            pool.getHikariPoolMXBean().softEvictConnections();
        }
    }
}
