/**
 * Drawings and documents as PDF (ISO 32000-1), for paper: A4 and letter, black on white, legible when photocopied.
 *
 * <p>Lengths are placed at 72 points to the inch, so what is said to be at full size is. Nothing is null.
 */
@NullMarked
package kwibbet.formats.pdf;

import org.jspecify.annotations.NullMarked;
