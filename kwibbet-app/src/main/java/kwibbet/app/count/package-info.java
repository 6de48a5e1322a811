/**
 * The everyday question: how many of a piece come from one sheet.
 *
 * <p>Nothing is null. Uses {@code store}, {@code web} and the core.
 */
@NullMarked
package kwibbet.app.count;

import org.jspecify.annotations.NullMarked;
