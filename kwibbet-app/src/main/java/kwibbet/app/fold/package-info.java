/**
 * How cards and patterns of others fold, for pages: the strip of steps and the motion, in the pixels of a stage.
 *
 * <p>Uses {@code formats} for FOLD files and the core for everything worked out. Nothing is null.
 */
@NullMarked
package kwibbet.app.fold;

import org.jspecify.annotations.NullMarked;
