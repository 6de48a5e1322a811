package kwibbet.card;

import java.util.Optional;

import kwibbet.measure.Length;
import kwibbet.paper.Colour;
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
 * @param rise how far what is set there stands up from the face
 * @param print what is printed there, if anything is
 * @param colour the colour of what is set there, where it is said
 */
public record Zone(
        PieceId owner,
        Side side,
        Outline outline,
        Use use,
        String words,
        Length rise,
        Optional<Print> print,
        Optional<Colour> colour) {

    /** An area where nothing stands up. */
    public Zone(PieceId owner, Side side, Outline outline, Use use, String words) {
        this(owner, side, outline, use, words, Length.ZERO, Optional.empty(), Optional.empty());
    }

    /** An area that comes printed. */
    static Zone printed(PieceId owner, Side side, Outline outline, Print print) {
        String words = "printed: " + print.artwork().name();
        return new Zone(owner, side, outline, Use.PRINT, words, Length.ZERO, Optional.of(print), Optional.empty());
    }

    /** What an area is for. */
    public enum Use {
        /** Drawn in pencil and erased afterwards. */
        PENCIL("pencil mark, to erase"),
        /** Stamped, inked, embossed or coloured. */
        SURFACE("surface work"),
        /** A magnet is glued there. */
        MAGNET("magnet"),
        /** Something that stands up or runs over the face is set there: a gem, a brad's head, ribbon. */
        SET_ON("set on"),
        /** Printed before anything is cut. */
        PRINT("printed"),
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
        return new Zone(
                owner,
                placement.mirrored() ? side.opposite() : side,
                outline.in(placement),
                use,
                words,
                rise,
                print.map(each -> each.in(placement)),
                colour);
    }
}
