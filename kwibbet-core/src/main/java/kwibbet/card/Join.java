package kwibbet.card;

import kwibbet.shape.Rect;

/**
 * A piece stuck flat to another.
 *
 * @param upper the piece that is stuck on
 * @param lower the piece it is stuck to
 * @param face the face of the base both are on
 * @param zone where it lies, in the frame of the flat base
 */
public record Join(PieceId upper, PieceId lower, Face face, Rect zone) {}
