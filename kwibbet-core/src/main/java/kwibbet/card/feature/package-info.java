/**
 * The features: what is done to a panel. One class each, from parameters to pieces, cuts and supplies.
 *
 * <p>To add one, write a class that implements {@link kwibbet.card.Feature} and name it in {@link
 * kwibbet.card.feature.Features}; pages, documents and tests find it there. A feature works in the frame of its {@link
 * kwibbet.card.Site}: upright, zero at the left top corner of its room. Its first piece bears the id of the site. Nothing is null.
 * Uses {@code card} and below.
 *
 * <p>Presets are common practice in the craft, no source.
 */
@NullMarked
package kwibbet.card.feature;

import org.jspecify.annotations.NullMarked;
