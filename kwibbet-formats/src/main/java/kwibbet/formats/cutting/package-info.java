/** Requests for layouts and for score plans, read from JSON as {@code docs/formats.md} describes them. Nothing is null. */
@NullMarked
package kwibbet.formats.cutting;

import org.jspecify.annotations.NullMarked;
