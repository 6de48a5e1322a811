/**
 * What is drawn: flat pieces, finished cards, sheets, steps, rulers and templates, as drawings.
 *
 * <p>The top of the core: it may look at everything below and nothing looks at it. Nothing is null.
 */
@NullMarked
package kwibbet.picture;

import org.jspecify.annotations.NullMarked;
