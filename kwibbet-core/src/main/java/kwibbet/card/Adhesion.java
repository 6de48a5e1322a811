package kwibbet.card;

import java.util.Set;

import kwibbet.measure.Length;
import kwibbet.shape.Edge;

/**
 * What holds two pieces together.
 *
 * @param kind what is used
 * @param height how far it holds them apart, all its layers together
 * @param layers how many lie on each other; at least 1
 * @param hold where on the upper piece it goes
 */
public record Adhesion(Kind kind, Length height, int layers, Hold hold) {

    /** Flat tape. */
    public static final Adhesion FLAT = flat(Kind.TAPE);
    /** Held by being wrapped or tucked, without adhesive. */
    public static final Adhesion NONE = flat(Kind.NONE);
    /** A pocket: open at the top. */
    public static final Adhesion POCKET = FLAT.held(new Hold.Along(Set.of(Edge.LEFT, Edge.RIGHT, Edge.BOTTOM)));

    /** How thick liquid glue is spread. Common practice, no source. */
    public static final Length SPREAD = Length.ofMillimetres(1, 10);

    /** What is used. */
    public enum Kind {
        TAPE("tape", 0),
        GLUE("liquid glue", 10),
        DOTS("glue dots", 0),
        FOAM("foam tape", 0),
        PADS("foam pads", 0),
        PEN("a line of the glue pen", 2),
        /** What the back of a label sheet is coated with. */
        OWN("its own adhesive", 0),
        NONE("nothing", 0),
        /** It lies loose, and comes out again. */
        LOOSE("nothing", 0);

        private final String words;
        private final int drying;

        Kind(String words, int drying) {
            this.words = words;
            this.drying = drying;
        }

        /**
         * How far it is kept off every edge, so that none shows: foam twice as far as tape, since it squeezes out; glue is spread thinly. Common practice, no
         * source.
         */
        public Length offEdge() {
            return switch (this) {
                case TAPE, DOTS, PADS -> Length.ofInches(1, 16);
                case GLUE -> Length.ofInches(1, 32);
                case PEN -> Length.ofInches(1, 64);
                case FOAM -> Length.ofInches(1, 8);
                case OWN, NONE, LOOSE -> Length.ZERO;
            };
        }

        /** What makers call it. */
        public String words() {
            return words;
        }

        /** How long it dries under a weight, in minutes; 0 where it holds at once. Common practice, no source. */
        public int drying() {
            return drying;
        }

        /** Whether it is put on beforehand and waits under its liner; what is wet is stuck at once, a label has been coated. */
        public boolean hasLiner() {
            return this == TAPE || this == DOTS || this == FOAM || this == PADS;
        }

        /** Whether it holds two pieces apart, so that the upper one stands up, and the press would crush it. */
        public boolean isRaised() {
            return this == FOAM || this == PADS;
        }

        /** Whether it sticks at all. */
        public boolean sticks() {
            return this != NONE && this != LOOSE;
        }

        /** Whether it is put on wet. */
        public boolean isWet() {
            return drying > 0;
        }
    }

    private static Adhesion flat(Kind kind) {
        return new Adhesion(kind, Length.ZERO, 1, Hold.allOver());
    }

    /** Liquid glue, all over. */
    public static Adhesion glue() {
        return flat(Kind.GLUE);
    }

    /** Glue dots. */
    public static Adhesion dots() {
        return flat(Kind.DOTS);
    }

    /** Foam tape of that height. */
    public static Adhesion foam(Length height) {
        return foam(height, 1);
    }

    /** Layers of foam tape, each of that height. */
    public static Adhesion foam(Length height, int layers) {
        return new Adhesion(Kind.FOAM, height.multipliedBy(layers), layers, Hold.allOver());
    }

    /** Foam pads of that height. */
    public static Adhesion pads(Length height) {
        return new Adhesion(Kind.PADS, height, 1, Hold.allOver());
    }

    /** A line along the edges by a glue pen. */
    public static Adhesion pen() {
        return flat(Kind.PEN);
    }

    /** What the back of a label is coated with. */
    public static Adhesion own() {
        return flat(Kind.OWN);
    }

    /** Nothing: it lies loose. */
    public static Adhesion loose() {
        return flat(Kind.LOOSE);
    }

    /** The same, elsewhere on the piece. */
    public Adhesion held(Hold where) {
        return new Adhesion(kind, height, layers, where);
    }

    /** How high each of its layers is. */
    public Length layer() {
        return height.dividedDownBy(layers);
    }
}
