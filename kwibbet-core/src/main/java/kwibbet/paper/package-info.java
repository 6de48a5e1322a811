/**
 * Paper as it is bought, and the published sizes of sheets.
 *
 * <p>Nothing is null; uses {@code measure} and {@code shape}.
 */
@NullMarked
package kwibbet.paper;

import org.jspecify.annotations.NullMarked;
