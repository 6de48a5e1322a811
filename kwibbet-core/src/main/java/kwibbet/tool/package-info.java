/**
 * The trimmer and the scoring board of a maker, as far as they decide what can be cut and scored.
 *
 * <p>Nothing is null; uses {@code measure}.
 */
@NullMarked
package kwibbet.tool;

import org.jspecify.annotations.NullMarked;
