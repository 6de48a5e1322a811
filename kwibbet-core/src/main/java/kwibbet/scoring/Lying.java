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

    /**
     * A corner in the 45° plate.
     *
     * @param level the level edge that meets in the corner: top or bottom
     * @param upright the upright edge: left or right
     * @param flipped whether it was turned over
     */
    record InPlate(Edge level, Edge upright, boolean flipped) implements Lying {
        @Override
        public int turned(Hand hand) {
            return 45;
        }
    }
}
