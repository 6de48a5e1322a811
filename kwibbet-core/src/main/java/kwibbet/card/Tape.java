package kwibbet.card;

import kwibbet.measure.Figure;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;

/** What comes off a roll and holds two pieces together. */
public sealed interface Tape {

    /** What makers call it, as {@code foam tape, 1/8 in high}. */
    String words(MeasureSystem system);

    /** Tape without a height of its own. */
    record Flat() implements Tape {
        @Override
        public String words(MeasureSystem system) {
            return "tape";
        }
    }

    /**
     * Tape that holds pieces apart.
     *
     * @param height how far; more than zero
     */
    record Foam(Length height) implements Tape {
        /**
         * Checks the height.
         *
         * @throws IllegalArgumentException when it is none
         */
        public Foam {
            if (!height.isPositive()) {
                throw new IllegalArgumentException("foam tape has a height, not " + height);
            }
        }

        @Override
        public String words(MeasureSystem system) {
            return "foam tape, " + Figure.of(height, system) + " high";
        }
    }
}
