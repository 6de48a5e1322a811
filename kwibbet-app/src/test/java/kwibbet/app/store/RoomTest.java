package kwibbet.app.store;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;

import com.zaxxer.hikari.HikariConfig;
import com.zaxxer.hikari.HikariDataSource;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.mockito.Mockito;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.StatementCallback;
import org.springframework.mock.env.MockEnvironment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

class RoomTest {

    @TempDir
    private Path folder;

    private HikariDataSource pool() {
        HikariConfig config = new HikariConfig();
        config.setJdbcUrl("jdbc:h2:file:" + folder.resolve("data") + ";WRITE_DELAY=0;DB_CLOSE_ON_EXIT=FALSE");
        config.setMaximumPoolSize(3);
        config.setExceptionOverrideClassName(ClosedData.class.getName());
        return new HikariDataSource(config);
    }

    private Room room(HikariDataSource pool) {
        return new Room(pool, new MockEnvironment().withProperty("kwibbet.data", folder.toString()));
    }

    @Test
    void nothingIsWrittenWhereRoomIsShort() {
        try (HikariDataSource pool = pool()) {
            Room room = Mockito.spy(room(pool));
            assertThat(room.forWriting(() -> "kept")).isEqualTo("kept");
            Mockito.doReturn(7_000_000L).when(room).free();
            assertThatThrownBy(() -> room.forWriting(() -> {
                        throw new AssertionError("it was written");
                    }))
                    .isInstanceOf(NoRoomException.class);
        }
    }

    /** As it does in the middle of a write for which there is no room, the database closes; what was confirmed before can be read again. */
    @Test
    void aDatabaseThatClosedItselfIsOpenedAgain() {
        try (HikariDataSource pool = pool()) {
            JdbcTemplate jdbc = new JdbcTemplate(pool);
            Room room = room(pool);
            jdbc.execute("create table kept (id int)");
            jdbc.update("insert into kept values (7)");
            StatementCallback<Integer> closedInTheMidst = statement -> {
                statement.execute("shutdown immediately");
                return statement.executeUpdate("insert into kept values (8)");
            };
            assertThatThrownBy(() -> room.forWriting(() -> jdbc.execute(closedInTheMidst)))
                    .isInstanceOf(NoRoomException.class);
            assertThat(jdbc.queryForList("select id from kept", Integer.class)).containsExactly(7);
            assertThat(room.forWriting(() -> jdbc.update("insert into kept values (8)")))
                    .isEqualTo(1);
        }
    }

    /** Rolled back, as what is handed back is, it could look for a version for ever that its store no longer has. */
    @Test
    void aConnectionWhoseDatabaseHasClosedIsLetGo() throws SQLException {
        try (HikariDataSource pool = pool();
                Connection connection = pool.getConnection();
                Statement statement = connection.createStatement()) {
            connection.setAutoCommit(false);
            statement.execute("create table kept (id int)");
            new JdbcTemplate(pool).execute("shutdown immediately");
            assertThatThrownBy(() -> statement.execute("insert into kept values (7)"))
                    .matches(Room::isCannotWrite);
            assertThat(pool.getHikariPoolMXBean().getActiveConnections()).isZero();
            assertThatThrownBy(connection::rollback).matches(Room::isCannotWrite);
        }
    }
}
