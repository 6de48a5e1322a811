package kwibbet.mail;

import kwibbet.card.Card;
import kwibbet.card.Piece;
import kwibbet.paper.Paper;
import kwibbet.paper.PaperShelf;
import kwibbet.shape.Region;
import kwibbet.shape.Size;

/** What paper weighs: its area times its grammage, ISO 536. */
public final class Weight {

    private static final double SQUARE_METRES = 0.0254 * 0.0254;
    /** An envelope is twice its face and a quarter more for its flaps; common practice, no source. */
    private static final double ENVELOPE = 2.25;
    /** What envelopes are usually made of, in g/m²; common practice, no source. */
    private static final int USUAL = 100;

    private Weight() {}

    /** The paper of a card, in grams; papers that are not on the shelf are left out, and so are tape and findings. */
    public static double ofPaper(Card card, PaperShelf shelf) {
        return card.pieces().stream()
                .mapToDouble(piece ->
                        shelf.find(piece.paper()).map(paper -> of(piece, paper)).orElse(0.0))
                .sum();
    }

    private static double of(Piece piece, Paper paper) {
        Region material = piece.material();
        return of(material.area(), paper.gramsPerSquareMetre());
    }

    /** An envelope of usual paper, in grams. */
    public static double ofEnvelope(Size envelope) {
        return of(envelope.area() * ENVELOPE, USUAL);
    }

    private static double of(double squareInches, int gramsPerSquareMetre) {
        return squareInches * SQUARE_METRES * gramsPerSquareMetre;
    }
}
