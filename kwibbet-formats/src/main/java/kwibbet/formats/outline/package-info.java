/**
 * Outlines of a maker's own as JSON, and lines read from drawings: SVG (Scalable Vector Graphics 2, chapters 5, 8, 9 and 10) and DXF in ASCII (DXF Reference, groups of HEADER,
 * BLOCKS and ENTITIES).
 *
 * <p>A drawing is read twice: once for how large it is, once with edges that lie within a 25 000th of that off its curves. Nothing it refers to outside itself is ever fetched, and no script
 * in it is run. Uses the core, Jackson, and the XML parser of the JDK.
 */
@NullMarked
package kwibbet.formats.outline;

import org.jspecify.annotations.NullMarked;
