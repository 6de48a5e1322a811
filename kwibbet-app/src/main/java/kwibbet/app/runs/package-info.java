/** Runs that are kept: cutting days, and runs whose lists were settled, with how far they are. Nothing is null. */
@NullMarked
package kwibbet.app.runs;

import org.jspecify.annotations.NullMarked;
