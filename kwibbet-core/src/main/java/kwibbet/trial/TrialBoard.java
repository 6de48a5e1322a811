package kwibbet.trial;

import java.util.ArrayList;
import java.util.List;

import kwibbet.bench.ScoreStep;
import kwibbet.bench.ScoreStep.InGroove;
import kwibbet.bench.ScoreStep.Span;
import kwibbet.measure.Length;
import kwibbet.scoring.Lying;
import kwibbet.shape.Axis;
import kwibbet.shape.Edge;
import kwibbet.shape.Size;
import kwibbet.tool.ScoringBoard;

/** A scoring board that creases a piece where it lies, and knows nothing of why it lies so. */
public final class TrialBoard {

    private TrialBoard() {}

    /** Which face the stylus pressed. */
    public enum Face {
        UP,
        DOWN
    }

    /**
     * A crease on a piece: along all points with {@code x · right + y · down = at}, x right and y down from the left top corner of the piece
     * as it lies with its up face up, in inches.
     *
     * @param right the share of x: 1 for an upright crease, 0 for a level one, √½ or −√½ for a slanted one
     * @param down the share of y
     * @param at the distance
     * @param face the face it was pressed from
     * @param only the parts of the line that are creased, from the top edge or, for a level one, from the left, or, for a slanted one, from the level edge it cuts off;
     *     none where it goes from edge to edge
     */
    public record Crease(double right, double down, double at, Face face, List<Span> only) {
        /** Copies the list. */
        public Crease {
            only = List.copyOf(only);
        }
    }

    /**
     * The creases that a line of the score list makes on a piece.
     *
     * @param step how the piece lies and which grooves are used
     * @param piece how large it really is
     * @param board the board
     * @throws IllegalArgumentException when the board has no such groove or plate
     */
    public static List<Crease> creases(ScoreStep step, Size piece, ScoringBoard board) {
        List<Length> grooves = board.grooves().places();
        List<Crease> creases = new ArrayList<>();
        for (InGroove scored : step.inGrooves()) {
            if (!grooves.contains(scored.groove())) {
                throw new IllegalArgumentException("the board has no groove at " + scored.groove());
            }
            double reached = scored.groove().toInches() - step.setting().shift().toInches();
            Crease whole = crease(step.setting().lying(), reached, piece, board);
            creases.add(new Crease(whole.right, whole.down, whole.at, whole.face, scored.only()));
        }
        return creases;
    }

    private static Crease crease(Lying lying, double reached, Size piece, ScoringBoard board) {
        Face face = lying.flipped() ? Face.DOWN : Face.UP;
        double width = piece.width().toInches();
        double height = piece.height().toInches();
        if (lying instanceof Lying.AtFence fence) {
            return switch (fence.edge()) {
                case LEFT -> new Crease(1, 0, reached, face, List.of());
                case RIGHT -> new Crease(1, 0, width - reached, face, List.of());
                case TOP -> new Crease(0, 1, reached, face, List.of());
                case BOTTOM -> new Crease(0, 1, height - reached, face, List.of());
            };
        }
        if (board.plate() == ScoringBoard.Plate.NONE) {
            throw new IllegalArgumentException("the board has no 45° plate");
        }
        if (lying instanceof Lying.SquareInPlate square) {
            return slanted(square, reached, width, height, face);
        }
        Lying.InPlate plate = (Lying.InPlate) lying;
        double half = Math.sqrt(0.5);
        double right = plate.upright() == Edge.LEFT ? half : -half;
        double down = plate.level() == Edge.TOP ? half : -half;
        double cornerX = plate.upright() == Edge.LEFT ? 0 : width;
        double cornerY = plate.level() == Edge.TOP ? 0 : height;
        return new Crease(right, down, right * cornerX + down * cornerY + reached, face, List.of());
    }

    /** From the edge along the top, so far from the corner at the fence, inwards and away from that corner. */
    private static Crease slanted(Lying.SquareInPlate square, double reached, double width, double height, Face face) {
        boolean left = square.uprightAtFence() == Edge.LEFT;
        boolean top = square.levelAtFence() == Edge.TOP;
        boolean alongLevel = square.along().axis() == Axis.HORIZONTAL;
        double x = (left ? 0 : width) + (alongLevel ? (left ? reached : -reached) : 0);
        double y = (top ? 0 : height) + (alongLevel ? 0 : top ? reached : -reached);
        double half = Math.sqrt(0.5);
        double down = left == top ? -half : half;
        return new Crease(half, down, half * x + down * y, face, List.of());
    }
}
