/**
 * Pictures of a maker's own, read from PNG (ISO/IEC 15948), JPEG (ISO/IEC 10918), SVG 1.1 and a page of a PDF (ISO 32000), and what is kept of them.
 *
 * <p>A drawing is drawn once, fine enough to be printed large; a photo that was taken with the camera held upright (Exif 2.3, tag 274) is turned. Nothing outside a file is fetched and
 * nothing in it is run. Nothing is null; uses core, PDFBox, JSVG and metadata-extractor.
 */
@NullMarked
package kwibbet.formats.artwork;

import org.jspecify.annotations.NullMarked;
