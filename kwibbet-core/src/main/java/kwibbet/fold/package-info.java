/**
 * How a flat piece stands when its scores are folded, and what is seen of it from a viewpoint; and how a card closes: its crease pattern, the
 * order of its folds in words and frame by frame, what is then seen, how thick it is and what would run into each other.
 *
 * <p>Lengths become {@code double} inches here, because angles demand it; x runs right, y down and z towards the viewer.
 * Nothing is null. Uses {@code card}, {@code crease} and below.
 */
@NullMarked
package kwibbet.fold;

import org.jspecify.annotations.NullMarked;
