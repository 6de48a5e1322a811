/**
 * Points, sizes, rectangles and outlines in exact lengths, how one frame lies in another, and areas laid over each other.
 *
 * <p>Coordinates run x to the right and y down, as a piece lies on the bench in front of its maker. Rectangles hold their
 * left and top edges and end before their right and bottom edges, so that two pieces cut side by side do not overlap.
 * Slanted edges and curves come to
 * the nearest tick. Nothing is null; uses {@code measure} and, behind {@link kwibbet.shape.Overlay}, JTS.
 */
@NullMarked
package kwibbet.shape;

import org.jspecify.annotations.NullMarked;
