/**
 * One card, station by station: the studio, its sheets, its steps, its prints. Uses {@code fold}, {@code store} and {@code web}.
 */
@NullMarked
package kwibbet.app.card;

import org.jspecify.annotations.NullMarked;
