package kwibbet.app.store.backup;

import java.sql.Clob;
import java.sql.ResultSet;
import java.sql.ResultSetMetaData;
import java.sql.SQLException;
import java.time.OffsetDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;

/**
 * All that a database holds, table by table.
 *
 * @param schema the number of the last migration
 * @param rows by table, in the order of their keys; a column without a value is left out of a row
 */
record Tables(String schema, Map<String, List<Map<String, Object>>> rows) {

    static final String DESIGN = "design";
    static final String REVISION = "design_revision";
    static final String REVISION_OF = "design_id";
    static final String PAPER = "paper";
    static final String TAPE = "tape";
    static final String GOODS = "goods";
    /** What things come and go of. */
    static final List<String> WITH_MOVEMENTS = List.of(PAPER, TAPE, GOODS);

    static final String MOVEMENT = "stock_movement";
    static final String MOVEMENT_OF = "thing";
    static final String DOCUMENT = "document";
    static final String NUMBER = "number";
    static final String ID = "id";
    static final String VERSION = "version";

    /** The history of migrations is not of the maker's making. */
    private static final String MIGRATIONS = "flyway_schema_history";

    Tables {
        rows = new TreeMap<>(rows);
    }

    /** The rows of a table; none where there is no such table. */
    List<Map<String, Object>> of(String table) {
        return Optional.ofNullable(rows.get(table)).orElse(List.of());
    }

    /** The rows of a table that belong to a row of another. */
    List<Map<String, Object>> belonging(String table, String column, Object id) {
        return of(table).stream().filter(row -> id.equals(row.get(column))).toList();
    }

    /** Reads a database, within the caller's transaction. */
    static Tables read(JdbcTemplate jdbc) {
        String schema = Optional.ofNullable(jdbc.queryForObject(
                        "select \"version\" from \"" + MIGRATIONS
                                + "\" where \"success\" and \"version\" is not null order by \"installed_rank\" desc limit 1",
                        String.class))
                .orElseThrow(() -> new IllegalStateException("a database that was migrated knows its last migration"));
        Map<String, List<Map<String, Object>>> rows = new TreeMap<>();
        for (String table : names(jdbc)) {
            String order = table.equals(REVISION) ? REVISION_OF + ", " + NUMBER : ID;
            rows.put(table, jdbc.query("select * from " + table + " order by " + order, (row, at) -> row(table, row)));
        }
        return new Tables(schema, rows);
    }

    private static List<String> names(JdbcTemplate jdbc) {
        return jdbc
                .queryForList(
                        "select table_name from information_schema.tables where table_schema = 'PUBLIC'", String.class)
                .stream()
                .map(name -> name.toLowerCase(Locale.ROOT))
                .filter(name -> !name.equals(MIGRATIONS))
                .sorted()
                .toList();
    }

    private static Map<String, Object> row(String table, ResultSet result) throws SQLException {
        ResultSetMetaData columns = result.getMetaData();
        Map<String, Object> row = new LinkedHashMap<>();
        for (int i = 1; i <= columns.getColumnCount(); i++) {
            String name = columns.getColumnName(i).toLowerCase(Locale.ROOT);
            Object value = plain(result.getObject(i));
            // The number a state of a design has in its table is the table's own.
            boolean isGenerated = table.equals(REVISION) && name.equals(ID);
            if (value != null && !isGenerated) {
                row.put(name, value);
            }
        }
        return row;
    }

    private static @Nullable Object plain(@Nullable Object value) throws SQLException {
        if (value instanceof Clob text) {
            return text.getSubString(1, (int) text.length());
        }
        if (value instanceof OffsetDateTime time) {
            return DateTimeFormatter.ISO_OFFSET_DATE_TIME.format(time);
        }
        return value instanceof Number number ? (Object) number.longValue() : value;
    }

    /** Puts a row into a table. */
    static void insert(JdbcTemplate jdbc, String table, Map<String, Object> row) {
        List<String> columns = new ArrayList<>(row.keySet());
        String places = String.join(", ", columns.stream().map(column -> "?").toList());
        jdbc.update(
                "insert into " + table + " (" + String.join(", ", columns) + ") values (" + places + ")",
                columns.stream().map(row::get).toArray());
    }
}
