package kwibbet.bench;

import kwibbet.card.Piece;
import kwibbet.card.Score;
import kwibbet.measure.MeasureSystem;
import kwibbet.measure.Rounded;
import kwibbet.tool.ScoringBoard;
import kwibbet.wording.Phrase;

/**
 * One crease, the same on every piece of its kind.
 *
 * @param piece the piece in hand, inside up
 * @param count how many are scored
 * @param score where, from the edge the piece is pushed against
 * @param set the groove to use
 * @param fromOtherEdge the same crease for a maker who measures from the other hand's side
 * @param pastBoard whether the board ends before it
 */
public record ScoreStep(Piece piece, int count, Score score, Rounded set, Score fromOtherEdge, boolean pastBoard) {

    static ScoreStep of(Piece piece, Score score, int count, ScoringBoard board) {
        Rounded set = score.at().roundedTo(board.grooves());
        boolean pastBoard = set.shown().isLongerThan(board.width());
        return new ScoreStep(piece, count, score, set, score.fromOppositeEdge(piece.size()), pastBoard);
    }

    /** What to do. */
    public Phrase sentence(MeasureSystem system) {
        Phrase.Writer writer = Phrase.in(system)
                .words("Inside up, score at ")
                .length(set.shown())
                .words(" from the " + score.from().word() + " edge, from end to end.");
        if (pastBoard) {
            writer.words(" Your board ends before that: measure from the other edge.");
        }
        return writer.phrase(TrimStep.errorOf(set, system)).end();
    }

    /** The same figure from the opposite edge. */
    public Phrase otherHand(MeasureSystem system) {
        return Phrase.in(system)
                .words("Left-handed: ")
                .length(fromOtherEdge.at())
                .words(" from the " + fromOtherEdge.from().word() + " edge.")
                .end();
    }
}
