package kwibbet.tool;

import kwibbet.measure.Length;

/**
 * What the edge of a die looks like, and how often that repeats.
 *
 * @param pattern what it looks like
 * @param pitch from one repeat to the next; longer than zero
 */
public record Sides(Pattern pattern, Length pitch) {

    /** A plain edge, which goes on in itself wherever it is laid. */
    public static final Sides STRAIGHT = new Sides(Pattern.STRAIGHT, Length.GRAIN);

    /** What an edge looks like. */
    public enum Pattern {
        STRAIGHT("plain"),
        STITCHED("stitched"),
        PERFORATED("perforated"),
        SCALLOPED("scalloped");

        private final String words;

        Pattern(String words) {
            this.words = words;
        }

        /** What makers call it. */
        public String words() {
            return words;
        }
    }

    /**
     * Checks the pitch.
     *
     * @throws IllegalArgumentException when it is not longer than zero
     */
    public Sides {
        if (!pitch.isPositive()) {
            throw new IllegalArgumentException("a pattern repeats after more than " + pitch);
        }
    }

    /** Whether there is a pattern that has to meet. */
    public boolean isPatterned() {
        return pattern != Pattern.STRAIGHT;
    }

    /** Whether a shift by so much lays the pattern on itself. */
    public boolean landsAfter(Length shift) {
        return shift.isMultipleOf(pitch);
    }
}
