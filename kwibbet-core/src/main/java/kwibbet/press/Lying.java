package kwibbet.press;

import java.util.List;
import java.util.Optional;

import kwibbet.card.Join;
import kwibbet.card.Piece;
import kwibbet.shape.Placement;
import kwibbet.shape.Rect;
import kwibbet.shape.Segment;

/**
 * How the paper of a piece lies when it goes through the press.
 *
 * @param fold whether it is folded
 * @param on what is stuck to it, in the order it is stuck
 */
public record Lying(Fold fold, List<On> on) {

    /** By itself, as it was cut. */
    public static final Lying FLAT = new Lying(new Open(), List.of());

    /** Copies the list. */
    public Lying {
        on = List.copyOf(on);
    }

    /** Whether a paper is folded. */
    public sealed interface Fold {
        /** The line it is folded at, in the frame of the piece; nothing where it is open. */
        default Optional<Segment> at() {
            return Optional.empty();
        }
    }

    /** It is not. */
    public record Open() implements Fold {}

    /**
     * One half on the other, and the die cuts both.
     *
     * @param line the score's line, in the frame of the piece
     */
    public record Through(Segment line) implements Fold {
        @Override
        public Optional<Segment> at() {
            return Optional.of(line);
        }
    }

    /**
     * A part of it out of the way, outside the plates.
     *
     * @param line the score's line, in the frame of the piece
     * @param rest what lies on the bed
     * @param other the part that is folded away, where it lies when it is flat
     * @param isUp whether it folds up, over the upper plate
     */
    public record Away(Segment line, Rect rest, Rect other, boolean isUp) implements Fold {
        @Override
        public Optional<Segment> at() {
            return Optional.of(line);
        }
    }

    /**
     * A piece that is stuck on before the die cuts.
     *
     * @param piece the piece
     * @param join how it is stuck
     * @param placement where it lies in the frame of the lowest piece
     */
    public record On(Piece piece, Join join, Placement placement) {}

    /** How many layers the die cuts. */
    public int layers() {
        return (fold instanceof Through ? 2 : 1) + on.size();
    }

    /** The same with other pieces stuck to it. */
    Lying with(List<On> stuck) {
        return new Lying(fold, stuck);
    }
}
