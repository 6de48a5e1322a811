/**
 * How a first card is made and how everything is read, in pictures the core draws of a card made for it.
 *
 * <p>Nothing is null. Uses {@code store}, {@code web} and the core.
 */
@NullMarked
package kwibbet.app.help;

import org.jspecify.annotations.NullMarked;
