package kwibbet.card;

import kwibbet.measure.Length;
import kwibbet.wording.Phrase;

/**
 * A straight-sided piece with a patterned edge: it comes from a die, not from the trimmer.
 *
 * @param piece the piece
 * @param pitch from one repeat of the edge to the next
 * @param otherwise how it is cut with the die it is meant for, where the press is not planned for it
 */
public record DieCut(PieceId piece, Length pitch, Phrase otherwise) {}
