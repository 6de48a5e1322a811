/**
 * Points, sizes and rectangles in exact lengths.
 *
 * <p>Coordinates run x to the right and y down, as a piece lies on the bench in front of its maker. Rectangles hold their
 * left and top edges and end before their right and bottom edges, so that two pieces cut side by side do not overlap.
 * Nothing is null; uses {@code measure} only.
 */
@NullMarked
package kwibbet.shape;

import org.jspecify.annotations.NullMarked;
