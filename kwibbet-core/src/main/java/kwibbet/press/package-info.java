/**
 * What goes through the press: which die cuts what, which dies share a pass, how often a run passes, and where the plate's edge stops.
 *
 * <p>All shapes are in the frame of their piece, x to the right and y down. A pass is a set of pieces with their dies that lie on the bed
 * together; the fewest passes are a covering problem like that of a cutting-stock program, small enough here to be searched through.
 *
 * <p>Nothing is null. Uses {@code card}, {@code tool} and below.
 */
@NullMarked
package kwibbet.press;

import org.jspecify.annotations.NullMarked;
