/**
 * The demo data: an invented studio, all in one place. Uses {@code store} and reads design documents.
 */
@NullMarked
package kwibbet.app.demo;

import org.jspecify.annotations.NullMarked;
