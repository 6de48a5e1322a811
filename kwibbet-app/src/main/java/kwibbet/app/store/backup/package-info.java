/**
 * The whole studio as one file, and back: a ZIP of open files, one for each table and one for each state of each design.
 *
 * <p>Tables are taken as they are, so that whatever is kept later joins in by itself; a backup of an earlier release is brought up to date
 * by the same migrations as a database. Nothing is null across its boundary. Uses {@code store}, JDBC and Flyway; reading and writing of
 * designs is that of {@code kwibbet.formats.document}.
 */
@NullMarked
package kwibbet.app.store.backup;

import org.jspecify.annotations.NullMarked;
