/** The drawer of leftovers, and booking a run as cut. Nothing is null. */
@NullMarked
package kwibbet.app.offcuts;

import org.jspecify.annotations.NullMarked;
