/**
 * The one drawing model: areas, strokes, texts and groups in real units, which screen and paper both show.
 *
 * <p>x runs right and y down. A drawing says what a line means (cut, valley, hidden edge), never how it is dashed or
 * coloured: the writers of each format decide that once. Nothing is null. Uses {@code measure}, {@code shape}, {@code
 * wording} and {@code paper.Colour}.
 */
@NullMarked
package kwibbet.drawing;

import org.jspecify.annotations.NullMarked;
