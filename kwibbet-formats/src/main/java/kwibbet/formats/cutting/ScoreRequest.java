package kwibbet.formats.cutting;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

import kwibbet.card.Score;
import kwibbet.card.Score.Fold;
import kwibbet.card.ScoreId;
import kwibbet.formats.document.ToolsDocument;
import kwibbet.formats.json.Reading;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.shape.Point;
import kwibbet.shape.Segment;
import kwibbet.shape.Size;
import kwibbet.tool.Grooves;
import kwibbet.tool.Hand;
import kwibbet.tool.ScoringBoard;

import static kwibbet.formats.json.Misfit.require;

/**
 * A request for a score plan, as {@code docs/formats.md} describes it.
 *
 * @param board the board
 * @param piece the size of the piece
 * @param scores its scores, in the order of the request
 * @param hand the hand of the maker
 */
public record ScoreRequest(ScoringBoard board, Size piece, List<Score> scores, Hand hand) {

    private static final int LARGEST = 1_000_000;
    private static final int MOST_SCORES = 400;
    private static final Length LARGEST_SIDE = Length.ofInches(400);

    /** Copies the scores. */
    public ScoreRequest {
        scores = List.copyOf(scores);
    }

    /**
     * The place of a score in the request, the first 0.
     *
     * @throws IllegalArgumentException when it is none of the request
     */
    public int placeOf(Score score) {
        return IntStream.range(0, scores.size())
                .filter(place -> scores.get(place).id().equals(score.id()))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(
                        "the request has no score " + score.id().value()));
    }

    /** Reads a request, or says what is wrong with it and where. */
    public static Outcome<ScoreRequest> read(String text) {
        return Reading.of(text, LARGEST, ScoreRequest::request);
    }

    private static ScoreRequest request(Reading document) {
        MeasureSystem system = document.at("unit").system();
        Reading board = document.at("board");
        Length width = board.at("width").positive(system, LARGEST_SIDE);
        Grooves grooves = ToolsDocument.grooves(board.at("grooves"), system);
        require(
                !grooves.last().isLongerThan(width),
                board.at("grooves").pointer(),
                "A groove at " + grooves.last() + " lies beyond a board " + width + " wide.");
        ScoringBoard.Plate plate = ToolsDocument.plate(board);
        Reading piece = document.at("piece");
        Size size = new Size(
                piece.at("width").positive(system, LARGEST_SIDE),
                piece.at("height").positive(system, LARGEST_SIDE));
        List<Score> scores = new ArrayList<>();
        for (Reading score : document.at("scores").elements(MOST_SCORES)) {
            scores.add(score(score, new ScoreId("score-" + scores.size()), size, system));
        }
        Hand hand = document.at("hand").oneOfOr("right", "right", "left").equals("right") ? Hand.RIGHT : Hand.LEFT;
        return new ScoreRequest(new ScoringBoard("board", width, grooves, plate), size, scores, hand);
    }

    private static Score score(Reading score, ScoreId id, Size piece, MeasureSystem system) {
        String from = score.at("from")
                .oneOf("left", "right", "top", "bottom", "top-left", "top-right", "bottom-left", "bottom-right");
        Fold fold =
                score.at("fold").oneOfOr("valley", "valley", "mountain").equals("valley") ? Fold.VALLEY : Fold.MOUNTAIN;
        if (from.contains("-")) {
            Length shorter = Length.min(piece.width(), piece.height());
            return new Score(id, acrossCorner(from, score.at("at").positive(system, shorter), piece), fold);
        }
        boolean upright = from.equals("left") || from.equals("right");
        Length across = upright ? piece.width() : piece.height();
        Length along = upright ? piece.height() : piece.width();
        Length at = score.at("at").positive(system, LARGEST_SIDE);
        require(at.isShorterThan(across), score.at("at").pointer(), "It lies past the other edge of the piece.");
        Length place = from.equals("left") || from.equals("top") ? at : across.minus(at);
        Length start = score.at("start").notNegative(system, along).orElse(Length.ZERO);
        Length stop = score.at("stop").isMissing() ? along : score.at("stop").positive(system, along);
        require(start.isShorterThan(stop), score.at("stop").pointer(), "It must lie beyond the start.");
        Segment line = upright
                ? new Segment(new Point(place, start), new Point(place, stop))
                : new Segment(new Point(start, place), new Point(stop, place));
        return new Score(id, line, fold);
    }

    private static Segment acrossCorner(String corner, Length legs, Size piece) {
        boolean top = corner.startsWith("top");
        boolean left = corner.endsWith("left");
        Length x = left ? Length.ZERO : piece.width();
        Length y = top ? Length.ZERO : piece.height();
        Length alongX = left ? legs : piece.width().minus(legs);
        Length alongY = top ? legs : piece.height().minus(legs);
        return new Segment(new Point(alongX, y), new Point(x, alongY));
    }
}
