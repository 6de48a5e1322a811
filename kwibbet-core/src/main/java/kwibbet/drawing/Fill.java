package kwibbet.drawing;

import java.util.function.UnaryOperator;

import kwibbet.artwork.Artwork;
import kwibbet.paper.Colour;
import kwibbet.shape.Point;

/** What an area is filled with. */
public sealed interface Fill {

    /** Nothing. */
    Fill NONE = new None();

    /** Nothing. */
    record None() implements Fill {}

    /**
     * The face of a paper.
     *
     * @param colour its colour
     */
    record Paper(Colour colour) implements Fill {}

    /**
     * A picture that is printed, as large as it lies there.
     *
     * @param artwork the picture
     * @param corner where its left top corner is drawn
     * @param right where its right top corner is drawn
     * @param foot where its left bottom corner is drawn
     */
    record Printed(Artwork artwork, Point corner, Point right, Point foot) implements Fill {

        /** The same with every point moved. */
        Printed moved(UnaryOperator<Point> move) {
            return new Printed(artwork, move.apply(corner), move.apply(right), move.apply(foot));
        }
    }

    /** Clear film: what lies behind shows through, a little paler. */
    record Film() implements Fill {}
}
