/**
 * The trimmer, the scoring board, the press, the dies and the hand tools of a maker, as far as they decide what can be cut, scored and worked on.
 *
 * <p>Nothing is null; uses {@code measure}, {@code shape}, {@code outline}, {@code wording} and {@code outcome}.
 */
@NullMarked
package kwibbet.tool;

import org.jspecify.annotations.NullMarked;
