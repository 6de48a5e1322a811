/**
 * Plots as open files: SVG (Scalable Vector Graphics 2) in millimetres, one group a layer, and DXF in ASCII of release 12, which every reader takes, in millimetres, y up.
 *
 * <p>Uses the core only.
 */
@NullMarked
package kwibbet.formats.plot;

import org.jspecify.annotations.NullMarked;
