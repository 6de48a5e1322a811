/**
 * Flat things as lines on layers, as a cutting machine or another program takes them: a piece, all pieces of a card side by side, a sheet as it is cut up.
 *
 * <p>Coordinates are those of pieces and sheets: x right, y down, exact lengths. Nothing is null; uses {@code card}, {@code layout}, {@code shape}.
 */
@NullMarked
package kwibbet.plot;

import org.jspecify.annotations.NullMarked;
