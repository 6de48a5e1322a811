package kwibbet.card;

import kwibbet.artwork.Artwork;
import kwibbet.measure.Length;
import kwibbet.shape.Outline;
import kwibbet.shape.Placement;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Size;

/**
 * A picture as it is printed on a piece, whole: what of it is seen its zone says.
 *
 * @param artwork the picture
 * @param size how large it is printed
 * @param at where its frame lies on the piece, zero at its left top corner as it is looked at
 * @param bleed how far it is printed past the edge that is cut
 */
public record Print(Artwork artwork, Size size, Placement at, Length bleed) {

    /** The same in the outer frame of a placement. */
    public Print in(Placement placement) {
        return new Print(artwork, size, at.within(placement), bleed);
    }

    /** All of it, where it lies. */
    public Outline whole() {
        return Outline.of(Rect.atOrigin(size)).in(at);
    }

    /** Where its left top corner lies. */
    public Point corner() {
        return at.apply(Point.ORIGIN);
    }

    /** Where its right top corner lies. */
    public Point right() {
        return at.apply(new Point(size.width(), Length.ZERO));
    }

    /** Where its left bottom corner lies. */
    public Point foot() {
        return at.apply(new Point(Length.ZERO, size.height()));
    }

    /** How many dots an inch of it has. */
    public double dotsPerInch() {
        return artwork.dotsPerInch(size.width());
    }
}
