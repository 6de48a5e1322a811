/**
 * How a piece is laid on a scoring board: the fewest settings in which every score falls into a groove the board has.
 *
 * <p>Exact: a setting is a set of scores, and the fewest sets that hold all of them are searched for by branch and bound. The
 * problem is set cover, R. M. Karp, "Reducibility among combinatorial problems" (1972), doi:10.1007/978-1-4684-2001-2_9; it is small
 * here.
 *
 * <p>Nothing is null. Uses {@code card}, {@code tool} and below.
 */
@NullMarked
package kwibbet.scoring;

import org.jspecify.annotations.NullMarked;
