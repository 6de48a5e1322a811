package kwibbet.card;

import kwibbet.wording.Phrase;

/**
 * Something to do besides cutting, folding and sticking.
 *
 * @param piece the piece in hand
 * @param words what to do
 */
public record Direction(PieceId piece, Phrase words) {}
