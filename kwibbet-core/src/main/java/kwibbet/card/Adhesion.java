package kwibbet.card;

import kwibbet.measure.Length;

/**
 * What holds two pieces together.
 *
 * @param kind what is used
 * @param height how far it holds them apart
 */
public record Adhesion(Kind kind, Length height) {

    /** Flat tape or glue. */
    public static final Adhesion FLAT = new Adhesion(Kind.TAPE, Length.ZERO);
    /** Held by being wrapped or tucked, without adhesive. */
    public static final Adhesion NONE = new Adhesion(Kind.NONE, Length.ZERO);

    /** A pocket: open at the top. */
    public static final Adhesion POCKET = new Adhesion(Kind.THREE_EDGES, Length.ZERO);

    /** What is used. */
    public enum Kind {
        TAPE("tape"),
        FOAM("foam tape"),
        /** Along the left, the right and the lower edge, so that something can be pushed in from above. */
        THREE_EDGES("tape along three edges"),
        NONE("nothing");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        /** How far it is kept off every edge, so that none shows: foam twice as far, since it squeezes out. Common practice, no source. */
        public Length offEdge() {
            return switch (this) {
                case TAPE, THREE_EDGES -> Length.ofInches(1, 16);
                case FOAM -> Length.ofInches(1, 8);
                case NONE -> Length.ZERO;
            };
        }

        /** What makers call it. */
        public String words() {
            return words;
        }
    }

    /** Foam tape of that height. */
    public static Adhesion foam(Length height) {
        return new Adhesion(Kind.FOAM, height);
    }
}
