/**
 * How a flat piece stands when its scores are folded, and what is seen of it from a viewpoint.
 *
 * <p>Lengths become {@code double} inches here, because angles demand it; x runs right, y down and z towards the viewer.
 * Nothing is null. Uses {@code card} and below.
 */
@NullMarked
package kwibbet.fold;

import org.jspecify.annotations.NullMarked;
