/**
 * What hands do, in order: trim, score, press, make. Each step says what is in hand, the edge to measure from and the figure to
 * set, rounded to what the tool shows, with the error.
 *
 * <p>Nothing is null. Uses {@code layout}, {@code tool} and below.
 */
@NullMarked
package kwibbet.bench;

import org.jspecify.annotations.NullMarked;
