package kwibbet.card.base;

import java.util.List;

import kwibbet.card.Direction;
import kwibbet.card.Form;
import kwibbet.card.PieceId;
import kwibbet.wording.Phrase;

/** What envelopes have in common. */
final class Envelopes {

    /** The upper flap stays open until something is in it. */
    static final Form.Hands HANDS = new Form.Hands(
            List.of(),
            List.of(new Direction(
                    PieceId.BASE,
                    PieceId.BASE,
                    Direction.Does.CLOSE,
                    Phrase.of("Put glue on the side flaps, where the lower flap lies on them, and fold it over them;"
                            + " the upper flap stays open until a card is in it."))));

    private Envelopes() {}
}
