/**
 * The FOLD format for crease patterns and folded states, as its specification 1.1 describes it (E. D. Demaine, J. S. Ku and R. J. Lang, "A
 * new file standard to represent folded structures", 2016, and the specification text; from memory). What of it is read and written
 * stands in {@code docs/formats.md}. Nothing is null.
 */
@NullMarked
package kwibbet.formats.fold;

import org.jspecify.annotations.NullMarked;
