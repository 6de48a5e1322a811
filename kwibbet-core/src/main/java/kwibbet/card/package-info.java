/**
 * A card: the design a maker keeps, and the pieces, scores and joins that follow from it.
 *
 * <p>A design holds relations (a mat is its host less a border), never derived sizes; {@link kwibbet.card.CardMaker}
 * derives everything anew from it, so a change of size carries through. A flat piece lies with the inside of the card up,
 * x to the right and y down from its left top corner; both of its faces share that frame. Nothing is null. Uses {@code
 * measure}, {@code shape}, {@code outcome} and {@code paper}; knows no particular base, which are in {@code card.base}.
 *
 * <p>Sizes and borders are common practice in the craft, no source.
 */
@NullMarked
package kwibbet.card;

import org.jspecify.annotations.NullMarked;
