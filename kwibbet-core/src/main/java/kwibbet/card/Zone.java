package kwibbet.card;

import kwibbet.shape.Outline;
import kwibbet.shape.Placement;

/**
 * An area of a face that is worked on or kept free.
 *
 * @param owner what it belongs to
 * @param side which face of the piece
 * @param outline where, in the frame of the piece
 * @param use what it is for
 * @param words what is done there, as {@code stamp the greeting}
 */
public record Zone(PieceId owner, Side side, Outline outline, Use use, String words) {

    /** What an area is for. */
    public enum Use {
        /** Drawn in pencil and erased afterwards. */
        PENCIL("pencil mark, to erase"),
        /** Stamped, inked, embossed or coloured. */
        SURFACE("surface work"),
        /** A magnet is glued there. */
        MAGNET("magnet"),
        /** No die, adhesive or layer may run into it. */
        KEEP_OUT("keep free");

        private final String words;

        Use(String words) {
            this.words = words;
        }

        /** What makers call it. */
        public String words() {
            return words;
        }
    }

    /** This zone in the outer frame of {@code placement}. */
    public Zone in(Placement placement) {
        return new Zone(owner, placement.mirrored() ? side.opposite() : side, outline.in(placement), use, words);
    }
}
