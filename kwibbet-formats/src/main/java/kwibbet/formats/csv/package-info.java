/** The paper and the dies of an inventory, and what came and went of a paper, as CSV (RFC 4180), as {@code docs/formats.md} describes it. Nothing is null. */
@NullMarked
package kwibbet.formats.csv;

import org.jspecify.annotations.NullMarked;
