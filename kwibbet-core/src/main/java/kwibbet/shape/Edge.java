package kwibbet.shape;

import java.util.Arrays;
import java.util.Optional;

/** A named edge of a piece as it lies before its maker. */
public enum Edge {
    LEFT("left", Axis.VERTICAL),
    TOP("top", Axis.HORIZONTAL),
    RIGHT("right", Axis.VERTICAL),
    BOTTOM("bottom", Axis.HORIZONTAL);

    private final String word;
    private final Axis axis;

    Edge(String word, Axis axis) {
        this.word = word;
        this.axis = axis;
    }

    /** The edge of that word, if there is one. */
    public static Optional<Edge> find(String word) {
        return Arrays.stream(values()).filter(edge -> edge.word.equals(word)).findFirst();
    }

    /** The word for it: {@code left}, {@code top}, {@code right} or {@code bottom}. */
    public String word() {
        return word;
    }

    /** The direction it runs in. */
    public Axis axis() {
        return axis;
    }

    /** Whether it runs from top to bottom. */
    public boolean isUpright() {
        return axis == Axis.VERTICAL;
    }

    /** The edge on the other side. */
    public Edge opposite() {
        return switch (this) {
            case LEFT -> RIGHT;
            case TOP -> BOTTOM;
            case RIGHT -> LEFT;
            case BOTTOM -> TOP;
        };
    }
}
