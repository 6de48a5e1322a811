package kwibbet.card;

import kwibbet.measure.Length;
import kwibbet.shape.Edge;
import kwibbet.shape.Size;

/**
 * A crease from edge to edge, seen with the inside of the card up.
 *
 * @param key names it among the scores of its piece
 * @param from the edge it is measured from and runs along
 * @param at its distance from that edge
 * @param fold which way it folds
 */
public record Score(String key, Edge from, Length at, Fold fold) {

    /** Which way a crease folds, seen from the inside. */
    public enum Fold {
        /** The panels come together towards the viewer. */
        VALLEY("valley"),
        /** The panels fall away from the viewer. */
        MOUNTAIN("mountain");

        private final String word;

        Fold(String word) {
            this.word = word;
        }

        /** The word for it. */
        public String word() {
            return word;
        }
    }

    /**
     * The same score measured from the opposite edge, for a maker who measures from the other hand's side.
     *
     * @param piece the size of the piece it is on
     */
    public Score fromOppositeEdge(Size piece) {
        return new Score(key, from.opposite(), piece.across(from.axis()).minus(at), fold);
    }

    /**
     * Its distance from the left or the top edge.
     *
     * @param piece the size of the piece it is on
     */
    public Length position(Size piece) {
        return switch (from) {
            case LEFT, TOP -> at;
            case RIGHT, BOTTOM -> fromOppositeEdge(piece).at;
        };
    }
}
