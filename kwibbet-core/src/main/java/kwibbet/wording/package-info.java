/**
 * Sentences that hold figures, so that pages and documents can set each fraction as a fraction.
 *
 * <p>Nothing is null; uses {@code measure} and {@code shape}.
 */
@NullMarked
package kwibbet.wording;

import org.jspecify.annotations.NullMarked;
