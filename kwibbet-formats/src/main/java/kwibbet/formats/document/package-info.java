/**
 * The design document: one JSON text (RFC 8259) that holds a design whole, with the version of its form. Described in
 * {@code docs/formats.md}. Nothing is null.
 */
@NullMarked
package kwibbet.formats.document;

import org.jspecify.annotations.NullMarked;
