/**
 * What is kept: designs with their history, papers and tools, what came and went of the stock, and the plans found, in an H2 file through Hibernate.
 *
 * <p>Rows stay in here; whoever asks gets values of the core. Uses core and formats.
 */
@NullMarked
package kwibbet.app.store;

import org.jspecify.annotations.NullMarked;
