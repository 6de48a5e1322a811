package kwibbet.card;

import kwibbet.measure.Length;
import kwibbet.shape.Size;

/**
 * A straight-sided piece with a patterned edge: it comes from a die, not from the trimmer.
 *
 * @param piece the piece
 * @param die the size of the die it is meant for, as it lies on the piece
 * @param pitch from one repeat of the edge to the next
 */
public record DieCut(PieceId piece, Size die, Length pitch) {}
