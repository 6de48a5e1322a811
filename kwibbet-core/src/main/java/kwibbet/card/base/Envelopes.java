package kwibbet.card.base;

import java.util.List;
import java.util.Optional;

import kwibbet.card.Base;
import kwibbet.card.Direction;
import kwibbet.card.Form;
import kwibbet.card.PieceId;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.shape.Size;
import kwibbet.wording.Phrase;

/** Bases that are envelopes, and what they have in common. */
public final class Envelopes {

    /** In the order they are offered. */
    public static final List<Base> ALL = List.of(new SquareEnvelope(), new WrapEnvelope());

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

    /** The one of that key, if there is one. */
    public static Optional<Base> find(String key) {
        return ALL.stream().filter(base -> base.key().equals(key)).findFirst();
    }

    /** What the usual folded card goes into; common practice, no source, and C6 of ISO 269. */
    static Size usual(MeasureSystem system) {
        return system == MeasureSystem.INCH
                ? new Size(Length.ofInches(23, 4), Length.ofInches(35, 8))
                : new Size(Length.ofMillimetres(162), Length.ofMillimetres(114));
    }
}
