/**
 * A shut card in the mail: what it weighs, which envelope takes it, one folded from a square where none does, and what sending it might cost.
 *
 * <p>Sizes of envelopes are those of ISO 269 and those the trade usually keeps in inches; weights follow from grammage (ISO 536). The postage table is an
 * invented stand-in: no post office has these prices. Nothing is null. Uses {@code fold} and below, of the bases that of an envelope.
 */
@NullMarked
package kwibbet.mail;

import org.jspecify.annotations.NullMarked;
