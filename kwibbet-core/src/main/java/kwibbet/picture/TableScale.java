package kwibbet.picture;

import kwibbet.card.Card;
import kwibbet.measure.Length;
import kwibbet.shape.Rect;
import kwibbet.shape.Size;

/**
 * The square frame in which the flat and the finished card are drawn side by side, to one scale.
 *
 * @param side the side of the frame
 */
public record TableScale(Length side) {

    /** Text heights to a side. */
    private static final int ROWS = 32;
    /** Text heights that are kept free for dimension lines, on both sides together. */
    private static final int FREE_ROWS = 9;

    /** The scale at which all of a card fits, flat, open or shut. */
    public static TableScale of(Card card) {
        Length longest =
                Length.max(longer(card.form().flat()), longer(card.form().finished()));
        return new TableScale(Length.ofTicks(longest.toTicks() / (ROWS - FREE_ROWS) * ROWS));
    }

    private static Length longer(Size size) {
        return Length.max(size.width(), size.height());
    }

    /** The frame with its left top corner at zero. */
    Rect frame() {
        return Rect.of(Length.ZERO, Length.ZERO, side, side);
    }

    /** The height of ordinary text. */
    Length textHeight() {
        return Length.ofTicks(side.toTicks() / ROWS);
    }

    /** How far something of that width lies from the frame's left edge when centred. */
    Length margin(Length width) {
        return Length.ofTicks(Math.floorDiv(side.minus(width).toTicks(), 2L));
    }
}
