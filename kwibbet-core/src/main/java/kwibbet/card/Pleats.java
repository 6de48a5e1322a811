package kwibbet.card;

import java.util.Comparator;
import java.util.List;
import java.util.function.Predicate;

import kwibbet.measure.Length;
import kwibbet.shape.Axis;
import kwibbet.shape.Point;

/**
 * A piece that is pleated to and fro along parallel scores.
 *
 * @param along the axis the pleats follow each other on
 * @param scores where it is folded, from its start
 */
public record Pleats(Axis along, List<Length> scores) {

    /** No hand sees so little. */
    private static final Length UNSEEN = Length.ofInches(1, 256);

    /** Copies the list. */
    public Pleats {
        scores = List.copyOf(scores);
    }

    /**
     * The openings that are to be cut through all pleats at once.
     *
     * @param piece the piece
     * @param openings its openings
     * @return those that lie on the first pleat, where each other one lies on one of them when the piece is pleated; otherwise none
     */
    public static List<Opening> onTop(Piece piece, List<Opening> openings) {
        for (Axis across : Axis.values()) {
            boolean parallel = !piece.scores().isEmpty()
                    && piece.scores().stream()
                            .allMatch(score ->
                                    score.line().axis().filter(across::equals).isPresent());
            if (parallel && isByTurns(piece.scores())) {
                return of(piece, across.across()).top(openings);
            }
        }
        return List.of();
    }

    private static boolean isByTurns(List<Score> scores) {
        for (int i = 1; i < scores.size(); i++) {
            if (scores.get(i).fold() == scores.get(i - 1).fold()) {
                return false;
            }
        }
        return true;
    }

    private static Pleats of(Piece piece, Axis along) {
        return new Pleats(
                along,
                piece.scores().stream()
                        .map(score -> along == Axis.HORIZONTAL
                                ? score.line().start().x()
                                : score.line().start().y())
                        .sorted(Comparator.naturalOrder())
                        .toList());
    }

    private List<Opening> top(List<Opening> openings) {
        Predicate<Opening> isOnFirst = opening -> at(opening).isShorterThan(scores.get(0));
        List<Opening> first = openings.stream().filter(isOnFirst).toList();
        List<Point> places = first.stream().map(this::pleated).toList();
        boolean allFall =
                openings.stream().allMatch(opening -> places.stream().anyMatch(place -> isAt(place, pleated(opening))));
        return allFall && first.size() < openings.size() ? first : List.of();
    }

    private static boolean isAt(Point one, Point other) {
        return isClose(one.x(), other.x()) && isClose(one.y(), other.y());
    }

    private static boolean isClose(Length one, Length other) {
        return !one.minus(other).abs().isLongerThan(UNSEEN);
    }

    private Length at(Opening opening) {
        Point middle = opening.bounds().middle();
        return along == Axis.HORIZONTAL ? middle.x() : middle.y();
    }

    /** Where its middle lies when all pleats lie on the first: what lies beyond a score is turned back at it, from the last inwards. */
    private Point pleated(Opening opening) {
        Length flat = at(opening);
        Length folded = flat;
        for (int i = scores.size() - 1; i >= 0; i--) {
            if (flat.isLongerThan(scores.get(i))) {
                folded = scores.get(i).multipliedBy(2).minus(folded);
            }
        }
        Point middle = opening.bounds().middle();
        return along == Axis.HORIZONTAL ? new Point(folded, middle.y()) : new Point(middle.x(), folded);
    }
}
