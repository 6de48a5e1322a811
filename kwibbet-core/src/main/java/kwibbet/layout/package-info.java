/**
 * From cards and a count to sheets: the work order, like pieces as one part, and how the sheets of each paper are cut, or were planned before.
 *
 * <p>Method: {@link kwibbet.cutting}. Nothing is null. Uses {@code cutting}, {@code card} and below.
 */
@NullMarked
package kwibbet.layout;

import org.jspecify.annotations.NullMarked;
