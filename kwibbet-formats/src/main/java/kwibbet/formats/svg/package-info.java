/**
 * Drawings as SVG 1.1 (W3C Recommendation, 16 August 2011), for the page.
 *
 * <p>User units are millimetres. What lines and inks look like is left to the style sheet of the page, by class. Nothing
 * is null.
 */
@NullMarked
package kwibbet.formats.svg;

import org.jspecify.annotations.NullMarked;
