/**
 * The bench view: one step of a run a screen, to be read at arm's length and ticked off with a knuckle. What is ticked off is kept with the run and shown on every
 * device that looks at it. Nothing is null.
 */
@NullMarked
package kwibbet.app.bench;

import org.jspecify.annotations.NullMarked;
