package kwibbet.scoring;

import java.util.Collections;
import java.util.List;
import java.util.Optional;

import kwibbet.card.Score;
import kwibbet.measure.Length;
import kwibbet.measure.Rounded;
import kwibbet.scoring.ScorePlan.Scored;
import kwibbet.scoring.ScoreSearch.Kind;
import kwibbet.shape.Axis;
import kwibbet.shape.Edge;
import kwibbet.shape.Point;
import kwibbet.shape.Segment;
import kwibbet.shape.Size;
import kwibbet.tool.Hand;
import kwibbet.tool.ScoringBoard;

/**
 * A score and the ways to measure it.
 *
 * @param score the score
 * @param kind what it can share a setting with
 * @param ways from each of two opposite edges, or corners; none where it runs at another angle
 */
record Task(Score score, Kind kind, List<Way> ways) {

    /** A shift in the plate is set to this; what a corner measures across is no whole number of anything. */
    private static final Length HAIR = Length.ofInches(1, 64);

    /**
     * A way to measure it.
     *
     * @param lying how the piece lies
     * @param at how far the score is from what lies at the fence
     */
    record Way(Lying lying, Length at) {

        /** How far the piece must be slid off the fence so that the score falls into a groove. */
        Optional<Length> shiftTo(Length groove) {
            Length shift = groove.minus(at);
            if (lying instanceof Lying.InPlate) {
                shift = HAIR.multipliedBy(shift.plus(HAIR.half()).dividedBy(HAIR));
            }
            return shift.isNegative() ? Optional.empty() : Optional.of(shift);
        }
    }

    static Task of(Score score, Size piece, ScoringBoard.Plate plate, Hand hand) {
        boolean flipped = score.fold() == Score.Fold.MOUNTAIN;
        Segment line = score.line();
        Optional<Axis> axis = line.axis();
        if (axis.isPresent()) {
            boolean upright = axis.get() == Axis.VERTICAL;
            Length at = upright ? line.start().x() : line.start().y();
            Edge edge = upright ? Edge.LEFT : Edge.TOP;
            return new Task(
                    score,
                    new Kind(false, upright, score.fold()),
                    List.of(
                            new Way(new Lying.AtFence(edge, flipped), at),
                            new Way(
                                    new Lying.AtFence(edge.opposite(), flipped),
                                    piece.across(axis.get()).minus(at))));
        }
        return slanted(score, new Corners(piece, flipped, plate, hand));
    }

    private static Task slanted(Score score, Corners corners) {
        Size piece = corners.piece();
        Point start = score.line().start();
        Length across = score.line().end().x().minus(start.x());
        Length down = score.line().end().y().minus(start.y());
        boolean falling = across.equals(down);
        if (!falling && !across.equals(down.negated())) {
            return new Task(score, new Kind(true, falling, score.fold()), Collections.emptyList());
        }
        // A rising line cuts the left top corner off, a falling one the right top corner.
        Length legs = falling
                ? piece.width().minus(start.x()).plus(start.y())
                : start.x().plus(start.y());
        Edge side = falling ? Edge.RIGHT : Edge.LEFT;
        Length both = piece.width().plus(piece.height());
        return new Task(
                score,
                new Kind(true, falling, score.fold()),
                beginningOnPaper(List.of(
                        corners.way(Edge.TOP, side, legs),
                        corners.way(Edge.BOTTOM, side.opposite(), both.minus(legs)))));
    }

    /** Those that begin on the edge at the top, where there are such: for others the paper would be slid far off the fence. */
    private static List<Way> beginningOnPaper(List<Way> ways) {
        List<Way> on = ways.stream().filter(way -> !way.at().isNegative()).toList();
        return on.isEmpty() ? ways : on;
    }

    /**
     * The corners of a piece, as they can be laid on a plate.
     *
     * @param piece how large it is
     * @param flipped whether it is turned over
     * @param plate the plate
     * @param hand at which side the fence is
     */
    private record Corners(Size piece, boolean flipped, ScoringBoard.Plate plate, Hand hand) {

        /** A line that takes so much off both edges of a corner. */
        Way way(Edge level, Edge upright, Length legs) {
            if (plate != ScoringBoard.Plate.SQUARE) {
                return new Way(new Lying.InPlate(level, upright, flipped), acrossCorner(legs));
            }
            // The grooves run away from the fence: the corner comes to lie at the top, at the far side.
            boolean rising = (level == Edge.TOP) == (upright == Edge.LEFT);
            boolean mirrored = flipped == (hand.fence() == Edge.LEFT);
            Edge along = rising == mirrored ? level : upright;
            Length edge = along == level ? piece.width() : piece.height();
            return new Way(new Lying.SquareInPlate(level, upright, along, flipped), edge.minus(legs));
        }
    }

    /** How far a line that takes so much off both edges of a corner is from the corner. */
    private static Length acrossCorner(Length legs) {
        return Length.nearestInches(legs.toInches() / Math.sqrt(2));
    }

    boolean isSlanted() {
        return kind.slanted();
    }

    /** The groove it falls into when the piece lies so, if there is one. */
    Optional<Scored> scored(Lying lying, Length shift, List<Length> grooves) {
        return ways.stream()
                .filter(way -> way.lying().equals(lying))
                .findFirst()
                .flatMap(way -> grooves.stream()
                        .filter(groove -> way.shiftTo(groove).equals(Optional.of(shift)))
                        .findFirst()
                        .map(groove -> {
                            Length made = groove.minus(shift);
                            return new Scored(score, groove, new Rounded(way.at(), made, made.minus(way.at())));
                        }));
    }
}
