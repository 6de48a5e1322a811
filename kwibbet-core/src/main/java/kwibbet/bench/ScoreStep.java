package kwibbet.bench;

import java.util.Optional;

import kwibbet.card.Piece;
import kwibbet.card.PieceId;
import kwibbet.card.Score;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.measure.Rounded;
import kwibbet.shape.Axis;
import kwibbet.shape.Point;
import kwibbet.tool.ScoringBoard;
import kwibbet.wording.Phrase;

/**
 * One crease, the same on every piece of its kind.
 *
 * @param piece the piece in hand, up face up
 * @param count how many are scored
 * @param score where
 * @param onBoard how the board makes it; nothing when it runs slanted
 */
public record ScoreStep(Piece piece, int count, Score score, Optional<OnBoard> onBoard) {

    /**
     * A score in a groove of the board.
     *
     * @param measured from the edge the piece is pushed against
     * @param set the groove to use
     * @param fromOtherEdge the same crease for a maker who measures from the other hand's side
     * @param pastBoard whether the board ends before it
     */
    public record OnBoard(Score.Measured measured, Rounded set, Score.Measured fromOtherEdge, boolean pastBoard) {}

    static ScoreStep of(Piece piece, Score score, int count, ScoringBoard board) {
        return new ScoreStep(piece, count, score, score.measured(piece.size()).map(measured -> {
            Rounded set = measured.at().roundedTo(board.grooves());
            boolean pastBoard = set.shown().isLongerThan(board.width());
            return new OnBoard(measured, set, measured.fromOppositeEdge(piece.size()), pastBoard);
        }));
    }

    /** What to do. */
    public Phrase sentence(MeasureSystem system) {
        return onBoard.map(board -> straight(board, system)).orElseGet(() -> slanted(system));
    }

    private Phrase straight(OnBoard board, MeasureSystem system) {
        Phrase.Writer writer = Phrase.in(system)
                .words(lying() + ", score at ")
                .length(board.set().shown())
                .words(" from the " + board.measured().from().word() + " edge, ");
        extent(board.measured(), writer);
        if (board.pastBoard()) {
            writer.words(" Your board ends before that: measure from the other edge.");
        }
        return writer.phrase(TrimStep.errorOf(board.set(), system)).end();
    }

    /** Only the base has an inside; another piece lies as the picture beside it shows. */
    private String lying() {
        return piece.id().equals(PieceId.BASE) ? "Inside up" : "Lying as drawn";
    }

    private static void extent(Score.Measured measured, Phrase.Writer writer) {
        if (measured.isWhole()) {
            writer.words("from end to end.");
            return;
        }
        boolean upright = measured.from().axis() == Axis.VERTICAL;
        writer.words("starting ")
                .length(measured.start())
                .words(" and stopping ")
                .length(measured.stop())
                .words(upright ? " from the top." : " from the left.");
    }

    private Phrase slanted(MeasureSystem system) {
        Point start = score.line().start();
        Point end = score.line().end();
        Phrase.Writer writer = Phrase.in(system).words(lying() + ", score slanted from ");
        place(start, writer);
        writer.words(" to ");
        place(end, writer);
        boolean half = isHalfRight(start, end);
        return writer.words(half ? ". It runs at 45°." : ".").end();
    }

    private static boolean isHalfRight(Point start, Point end) {
        Length across = end.x().minus(start.x()).abs();
        Length down = end.y().minus(start.y()).abs();
        return across.equals(down);
    }

    private static void place(Point point, Phrase.Writer writer) {
        writer.length(point.x()).words(" from the left, ").length(point.y()).words(" from the top");
    }

    /** The same figure from the opposite edge; nothing to say for a slanted score. */
    public Phrase otherHand(MeasureSystem system) {
        return onBoard.map(board -> Phrase.in(system)
                        .words("Left-handed: ")
                        .length(board.fromOtherEdge().at())
                        .words(" from the " + board.fromOtherEdge().from().word() + " edge.")
                        .end())
                .orElse(Phrase.of(""));
    }
}
