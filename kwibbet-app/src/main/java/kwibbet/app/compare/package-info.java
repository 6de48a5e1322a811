/** Two designs side by side: pieces, paper, cost. Uses core, {@code store} and {@code web}. */
@NullMarked
package kwibbet.app.compare;

import org.jspecify.annotations.NullMarked;
