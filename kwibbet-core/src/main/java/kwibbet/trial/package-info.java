/**
 * A bench to try lists on: it does what they say, cut by cut and crease by crease, and shows what comes of it. Written apart from what
 * makes the lists, and told nothing of what they are for, so that a mistake there shows here.
 *
 * <p>Nothing is null. Uses {@code bench} and below, and of these only what a maker reads off a list.
 */
@NullMarked
package kwibbet.trial;

import org.jspecify.annotations.NullMarked;
