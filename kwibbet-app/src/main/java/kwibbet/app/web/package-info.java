/**
 * What all pages share: entries as they were typed, markup of figures and drawings, faults and their pages.
 *
 * <p>Uses core, formats and {@code store}.
 */
@NullMarked
package kwibbet.app.web;

import org.jspecify.annotations.NullMarked;
