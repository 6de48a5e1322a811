/**
 * The application: starts, and wires the features below it. Uses core and formats.
 */
@NullMarked
package kwibbet.app;

import org.jspecify.annotations.NullMarked;
