/**
 * The demo data: an invented studio, all in one place. Uses {@code store}.
 */
@NullMarked
package kwibbet.app.demo;

import org.jspecify.annotations.NullMarked;
