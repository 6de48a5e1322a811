/**
 * The paper and tools a maker has, and what came and went of a paper. Uses {@code store} and {@code web}.
 */
@NullMarked
package kwibbet.app.inventory;

import org.jspecify.annotations.NullMarked;
