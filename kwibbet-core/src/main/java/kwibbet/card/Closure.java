package kwibbet.card;

import java.util.List;

import kwibbet.shape.Placement;
import kwibbet.shape.Region;

/**
 * Two panels stuck to each other as they lie when the card is shut, though neither hangs on the other by that: the scores between them stay folded from then
 * on.
 *
 * @param owner the addition that asks for it
 * @param upper the panel the adhesive is put on
 * @param lower the panel it is stuck to
 * @param adhesion what holds them, edges as they are seen from the face of the upper panel that stays free
 * @param adhesive where that is, in the frame of the upper panel's piece
 */
public record Closure(PieceId owner, Stuck upper, Stuck lower, Adhesion adhesion, List<Region> adhesive) {

    /** Copies the list. */
    public Closure {
        adhesive = List.copyOf(adhesive);
    }

    /**
     * One of the two panels.
     *
     * @param panel the panel
     * @param side the face of it that is stuck
     * @param frame where the frame in which both are seen lies on its piece
     */
    public record Stuck(PanelId panel, Side side, Placement frame) {}

    /** Two panels that are to be stuck to each other, before it is known what is cut out of them. */
    public static Closure of(PieceId owner, Stuck upper, Stuck lower, Adhesion adhesion) {
        return new Closure(owner, upper, lower, adhesion, List.of());
    }

    /** The same with its adhesive. */
    Closure with(List<Region> where) {
        return new Closure(owner, upper, lower, adhesion, where);
    }
}
