package kwibbet.press;

import java.util.List;

import kwibbet.card.Score;
import kwibbet.measure.Length;
import kwibbet.shape.Point;
import kwibbet.shape.Segment;

/**
 * Lines that a die creases, in the frame of a piece.
 *
 * @param lines the lines
 */
record Creases(List<Segment> lines) {

    /** Two lines no further apart are one to the hand that folds along them. Common practice, no source. */
    private static final Length CLOSE = Length.ofInches(1, 64);

    Creases {
        lines = List.copyOf(lines);
    }

    /** Whether each line lies on one of the scores. */
    boolean allOn(List<Score> scores) {
        return lines.stream().allMatch(line -> scores.stream().anyMatch(score -> lies(line, score)));
    }

    /** Whether they make a score from end to end; between dashes it folds by itself. */
    boolean make(Score score) {
        double most = lines.stream()
                .filter(line -> lies(line, score))
                .mapToDouble(line -> Math.max(along(line.start(), score), along(line.end(), score)))
                .max()
                .orElse(0);
        double least = lines.stream()
                .filter(line -> lies(line, score))
                .mapToDouble(line -> Math.min(along(line.start(), score), along(line.end(), score)))
                .min()
                .orElse(0);
        return most - least >= score.line().inches() - 2 * CLOSE.toInches();
    }

    private static boolean lies(Segment line, Score score) {
        return isOn(line.start(), score) && isOn(line.end(), score);
    }

    private static boolean isOn(Point point, Score score) {
        double along = along(point, score);
        return Math.abs(across(point, score)) <= CLOSE.toInches()
                && along >= -CLOSE.toInches()
                && along <= score.line().inches() + CLOSE.toInches();
    }

    /** How far along the score a point lies, in inches from its start. */
    private static double along(Point point, Score score) {
        Segment line = score.line();
        return (right(line.start(), line.end()) * right(line.start(), point)
                        + down(line.start(), line.end()) * down(line.start(), point))
                / line.inches();
    }

    private static double across(Point point, Score score) {
        Segment line = score.line();
        return (right(line.start(), line.end()) * down(line.start(), point)
                        - down(line.start(), line.end()) * right(line.start(), point))
                / line.inches();
    }

    private static double right(Point from, Point to) {
        return to.x().minus(from.x()).toInches();
    }

    private static double down(Point from, Point to) {
        return to.y().minus(from.y()).toInches();
    }
}
