package kwibbet.mail;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/**
 * What a studio mails its cards with.
 *
 * @param own the envelopes it has
 * @param table what sending costs
 */
public record MailRoom(List<Envelope> own, Postage table) {

    /** No envelopes of its own, and an invented table. */
    public static final MailRoom USUAL = new MailRoom(List.of(), Postage.INVENTED);

    /** No more envelopes or rates are kept. */
    public static final int MOST = 100;

    /** Copies the envelopes. */
    public MailRoom {
        own = List.copyOf(own);
    }

    /** Whether its table is the invented one. */
    public boolean isInvented() {
        return table.equals(Postage.INVENTED);
    }

    /** The envelopes that take something: those of the studio before those that can be bought, of each the smallest first. */
    List<Envelope> envelopes(Enclosure enclosure) {
        List<Envelope> usual = Stream.concat(Envelope.ISO_269.stream(), Envelope.IN_INCHES.stream())
                .toList();
        List<Envelope> all = new ArrayList<>(enclosure.envelopes(own));
        all.addAll(enclosure.envelopes(usual));
        return all;
    }
}
