/** Requests for layouts and for score plans, and plans that are kept, as JSON as {@code docs/formats.md} describes them. Nothing is null. */
@NullMarked
package kwibbet.formats.cutting;

import org.jspecify.annotations.NullMarked;
