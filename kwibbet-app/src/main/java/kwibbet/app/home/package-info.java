/**
 * The shelf of recent cards, and starting a new one. Uses {@code store} and {@code web}.
 */
@NullMarked
package kwibbet.app.home;

import org.jspecify.annotations.NullMarked;
