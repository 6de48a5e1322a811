package kwibbet.card;

import java.util.Optional;

import kwibbet.measure.Length;
import kwibbet.shape.Axis;
import kwibbet.shape.Edge;
import kwibbet.shape.Placement;
import kwibbet.shape.Segment;
import kwibbet.shape.Size;

/**
 * A crease, as the piece lies with its up face up. What the board creases is what the card folds at.
 *
 * @param id names it among the scores of its card
 * @param line where it runs
 * @param fold which way it folds
 */
public record Score(ScoreId id, Segment line, Fold fold) {

    /** Which way a crease folds, seen from the up face. */
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

        /** The same crease seen from the other face. */
        public Fold opposite() {
            return this == VALLEY ? MOUNTAIN : VALLEY;
        }
    }

    /**
     * A score along an edge, as a scoring board measures it.
     *
     * @param from the edge it runs along
     * @param at its distance from that edge
     * @param start where it starts: from the top edge for an upright score, from the left for a level one
     * @param stop where it stops, from the same edge
     * @param isWhole whether it runs from edge to edge
     */
    public record Measured(Edge from, Length at, Length start, Length stop, boolean isWhole) {}

    /** A score across a whole piece at a distance from its left edge. */
    public static Score upright(ScoreId id, Length fromLeft, Size piece, Fold fold) {
        return new Score(id, Lines.upright(fromLeft, Length.ZERO, piece.height()), fold);
    }

    /** A score across a whole piece at a distance from its top edge. */
    public static Score level(ScoreId id, Length fromTop, Size piece, Fold fold) {
        return new Score(id, Lines.level(fromTop, Length.ZERO, piece.width()), fold);
    }

    /**
     * How a scoring board measures it, from the left or the top edge; nothing when it runs slanted.
     *
     * @param piece the size of the piece it is on
     */
    public Optional<Measured> measured(Size piece) {
        return line.axis().map(axis -> {
            boolean upright = axis == Axis.VERTICAL;
            Length one = upright ? line.start().y() : line.start().x();
            Length other = upright ? line.end().y() : line.end().x();
            Length start = Length.min(one, other);
            Length stop = Length.max(one, other);
            boolean whole = start.isZero() && stop.equals(piece.across(axis.across()));
            Length at = upright ? line.start().x() : line.start().y();
            return new Measured(upright ? Edge.LEFT : Edge.TOP, at, start, stop, whole);
        });
    }

    /** This score in the outer frame of {@code placement}; seen from behind it folds the other way. */
    public Score in(Placement placement) {
        return new Score(id, placement.apply(line), placement.mirrored() ? fold.opposite() : fold);
    }
}
