package kwibbet.tool;

import kwibbet.shape.Edge;

/** The hand a maker holds the stylus in; the fence of the board is at the other side. */
public enum Hand {
    RIGHT("right-handed", Edge.LEFT),
    LEFT("left-handed", Edge.RIGHT);

    private final String words;
    private final Edge fence;

    Hand(String words, Edge fence) {
        this.words = words;
        this.fence = fence;
    }

    /** What makers call it. */
    public String words() {
        return words;
    }

    /** The other hand. */
    public Hand other() {
        return this == RIGHT ? LEFT : RIGHT;
    }

    /** The side at which the fence is. */
    public Edge fence() {
        return fence;
    }
}
