/**
 * What holds for the whole studio: what is measured in, the common sheets, the hand of the maker; asked at the first start, changed at any time.
 *
 * <p>Nothing is null. Uses {@code store}, {@code inventory} and {@code web}.
 */
@NullMarked
package kwibbet.app.studio;

import org.jspecify.annotations.NullMarked;
