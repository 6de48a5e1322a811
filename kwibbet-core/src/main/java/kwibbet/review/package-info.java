/**
 * What would go wrong with a card, seen before paper is cut. One class a rule, found from geometry, joins and folds, not base by base.
 *
 * <p>To add one, write a class that implements {@link kwibbet.review.Rule} and name it in {@link kwibbet.review.Review}. A finding is
 * data: its rule, how bad it is, the piece and the place, a sentence with the figures, and where there is a plain way out, the changed
 * design. The mistakes are those makers tell of; common practice, no source. Nothing is null. Uses {@code card}, {@code card.base}, {@code
 * card.feature}, {@code fold} and below.
 */
@NullMarked
package kwibbet.review;

import org.jspecify.annotations.NullMarked;
