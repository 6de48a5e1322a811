/** The trial bench: the lists of a run done step by step, with or without a mishap. Nothing is null. */
@NullMarked
package kwibbet.app.trial;

import org.jspecify.annotations.NullMarked;
