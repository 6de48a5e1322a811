/**
 * What a request comes to: a value, or every reason it was refused, each with the place it belongs to.
 *
 * <p>Nothing is null; uses nothing but the JDK.
 */
@NullMarked
package kwibbet.outcome;

import org.jspecify.annotations.NullMarked;
