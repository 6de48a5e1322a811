/**
 * The trimmer, the scoring board, the press and the dies of a maker, as far as they decide what can be cut and scored.
 *
 * <p>Nothing is null; uses {@code measure}, {@code shape}, {@code wording} and {@code outcome}.
 */
@NullMarked
package kwibbet.tool;

import org.jspecify.annotations.NullMarked;
