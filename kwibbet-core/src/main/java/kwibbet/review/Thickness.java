package kwibbet.review;

import kwibbet.card.Card;
import kwibbet.card.Join;
import kwibbet.card.Piece;
import kwibbet.measure.Length;

/** How thick what is stuck on is. */
final class Thickness {

    /** Thinner than this, it lies between two papers without being felt. */
    private static final Length FELT = Length.ofInches(1, 16);

    private Thickness() {}

    /** With all that is stuck to it: what holds it off, and its own plies. */
    static Length of(Card card, Join join) {
        Piece piece = card.pieceOf(join.upper());
        Length own = card.materials()
                .caliper(piece.paper())
                .multipliedBy(card.panelsOf(piece.id()).size());
        return card.joinsOn(piece.id()).stream()
                .map(each -> of(card, each))
                .reduce(Length.ZERO, Length::max)
                .plus(own)
                .plus(join.adhesion().height());
    }

    /** Whether it is felt between two papers. */
    static boolean isFelt(Length thick) {
        return !thick.isShorterThan(FELT);
    }
}
