/** What is printed of a card or a run: picked on a page of small pages, written as PDF. Uses core, formats, {@code store} and {@code web}. */
@NullMarked
package kwibbet.app.print;

import org.jspecify.annotations.NullMarked;
