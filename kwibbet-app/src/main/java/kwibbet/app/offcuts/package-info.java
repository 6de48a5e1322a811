/** The drawer of leftovers. Nothing is null. */
@NullMarked
package kwibbet.app.offcuts;

import org.jspecify.annotations.NullMarked;
