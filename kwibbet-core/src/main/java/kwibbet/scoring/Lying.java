package kwibbet.scoring;

import kwibbet.shape.Axis;
import kwibbet.shape.Edge;
import kwibbet.tool.Hand;

/** How a piece lies on the board. */
public sealed interface Lying {

    /** Whether it was turned over, from left to right, so that its other face is up. */
    boolean flipped();

    /** How far it is turned clockwise, in degrees, after it was turned over, if it was. */
    int turned(Hand hand);

    /** An edge of a piece by the side at which it is seen when the piece was turned over from left to right, if it was. */
    static Edge seen(Edge edge, boolean flipped) {
        return flipped && edge.axis() == Axis.VERTICAL ? edge.opposite() : edge;
    }

    /**
     * An edge at the fence.
     *
     * @param edge which edge of the piece as it lies with its up face up
     * @param flipped whether it was turned over
     */
    record AtFence(Edge edge, boolean flipped) implements Lying {
        @Override
        public int turned(Hand hand) {
            int quarters = clockwise(hand.fence()) - clockwise(seen(edge, flipped));
            return Math.floorMod(quarters, 4) * 90;
        }

        /** The edges in the order in which a turn to the right brings one to the place of the next. */
        private static int clockwise(Edge edge) {
            return switch (edge) {
                case LEFT -> 0;
                case TOP -> 1;
                case RIGHT -> 2;
                case BOTTOM -> 3;
            };
        }
    }

    /** A piece that lies so that a line at 45° across one of its corners is scored. */
    sealed interface AcrossCorner extends Lying {

        /** The level edge that meets in the corner: top or bottom. */
        Edge level();

        /** The upright edge: left or right. */
        Edge upright();
    }

    /**
     * A corner in a 45° plate that turns the paper.
     *
     * @param level the level edge that meets in the corner: top or bottom
     * @param upright the upright edge: left or right
     * @param flipped whether it was turned over
     */
    record InPlate(Edge level, Edge upright, boolean flipped) implements AcrossCorner {
        @Override
        public int turned(Hand hand) {
            return 45;
        }
    }

    /**
     * Square on a 45° plate, whose grooves run from its top away from the fence: an edge lies along the top, and where the line begins on it is measured from the fence.
     *
     * @param level the level edge that meets in the corner that is cut across
     * @param upright the upright edge
     * @param along the edge of the two that lies along the top
     * @param flipped whether it was turned over
     */
    record SquareInPlate(Edge level, Edge upright, Edge along, boolean flipped) implements AcrossCorner {

        /** The level edge of the corner at the fence. */
        public Edge levelAtFence() {
            return along == level ? level : level.opposite();
        }

        /** The upright edge of the corner at the fence. */
        public Edge uprightAtFence() {
            return along == level ? upright.opposite() : upright;
        }

        @Override
        public int turned(Hand hand) {
            int quarters =
                    clockwise(Edge.TOP, hand.fence()) - clockwise(levelAtFence(), seen(uprightAtFence(), flipped));
            return Math.floorMod(quarters, 4) * 90;
        }

        /** The corners in the order in which a turn to the right brings one to the place of the next. */
        private static int clockwise(Edge level, Edge upright) {
            boolean left = upright == Edge.LEFT;
            return level == Edge.TOP ? (left ? 0 : 1) : (left ? 3 : 2);
        }
    }
}
