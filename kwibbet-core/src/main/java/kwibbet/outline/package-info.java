/**
 * Outlines of a maker's own: shapes of the trade put together, taken away from each other or kept where they overlap, lines traced from a drawing, a border, an
 * edge of scallops; and what an edge punch cuts along an edge ({@link kwibbet.outline.EdgeRun}).
 *
 * <p>What was said is kept ({@link kwibbet.outline.OwnShape#parts()}), its outline is derived. Sums of areas are those of {@code shape.Overlay}. Lengths are exact where the
 * parts are rectangles; slants and curves come to the nearest tick. Nothing is null; uses {@code shape}, {@code measure}, {@code wording} and {@code outcome}.
 */
@NullMarked
package kwibbet.outline;

import org.jspecify.annotations.NullMarked;
