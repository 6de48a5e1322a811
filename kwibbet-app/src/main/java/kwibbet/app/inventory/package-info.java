/**
 * The paper and tools a maker has. Uses {@code store} and {@code web}.
 */
@NullMarked
package kwibbet.app.inventory;

import org.jspecify.annotations.NullMarked;
