/**
 * The bases: how the sheet of a card folds. One class each, from parameters to a flat size, scores and panels.
 *
 * <p>To add one, write a class that implements {@link kwibbet.card.Base} and name it in {@link kwibbet.card.base.Bases};
 * pages, documents and tests find it there. Uses {@code card} and below.
 */
@NullMarked
package kwibbet.card.base;

import org.jspecify.annotations.NullMarked;
