/**
 * Pictures of a maker's own that are printed at home: what is known of each, never its dots.
 *
 * <p>Its dots are kept elsewhere under its id, which follows from them, so two cards with one picture share it and a picture never changes under a card. A picture is read across and
 * down, zero at its left top corner. Nothing is null; uses {@code measure}, {@code shape} and {@code paper}.
 */
@NullMarked
package kwibbet.artwork;

import org.jspecify.annotations.NullMarked;
