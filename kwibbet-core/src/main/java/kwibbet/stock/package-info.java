/**
 * What there is of each paper, each tape and whatever else is used up, as a ledger: it is the sum of what came and went, and nothing is ever overwritten.
 *
 * <p>A booking is a few movements that happen together or not at all. It has a key, under which it happens once however often it is asked for, and can
 * be taken back once, by another booking. How a ledger is kept is common practice, no source.
 *
 * <p>Nothing is null; uses {@code card}, {@code layout}, {@code measure}, {@code paper}, {@code shape} and {@code wording}.
 */
@NullMarked
package kwibbet.stock;

import org.jspecify.annotations.NullMarked;
