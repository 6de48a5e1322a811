package kwibbet.card;

import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

import kwibbet.measure.Length;
import kwibbet.shape.CutShape;

/** Something of a base or a feature that a maker sets. */
public sealed interface Parameter {

    /** Names it in forms and documents. */
    String key();

    /** What makers call it. */
    String label();

    /** One sentence that says what it does. */
    String sentence();

    /**
     * A length within a range.
     *
     * @param key names it
     * @param label what makers call it
     * @param sentence what it does
     * @param least the shortest it may be, included
     * @param most the longest it may be, included
     * @param preset what it is until it is set
     * @param follows which side of the card it grows with when the card is resized
     */
    record OfLength(
            String key, String label, String sentence, Length least, Length most, Length preset, Follows follows)
            implements Parameter {

        /** A length that stays when the card is resized: a border, a lap, a depth. */
        public static OfLength fixed(
                String key, String label, String sentence, Length least, Length most, Length preset) {
            return new OfLength(key, label, sentence, least, most, preset, Follows.NOTHING);
        }

        /** This parameter, growing with a side of the card. */
        public OfLength following(Follows side) {
            return new OfLength(key, label, sentence, least, most, preset, side);
        }

        /** This parameter under another label. */
        public OfLength called(String otherLabel) {
            return new OfLength(key, otherLabel, sentence, least, most, preset, follows);
        }

        /** This parameter starting from another length. */
        public OfLength from(Length otherPreset) {
            return new OfLength(key, label, sentence, least, most, otherPreset, follows);
        }
    }

    /** What a length grows with. */
    enum Follows {
        NOTHING,
        WIDTH,
        HEIGHT,
        /** The side that changes less, so that a circle stays one and still fits. */
        BOTH
    }

    /**
     * A whole number within a range.
     *
     * @param key names it
     * @param label what makers call it
     * @param sentence what it does
     * @param least the least it may be, included
     * @param most the most it may be, included
     * @param preset what it is until it is set
     */
    record OfCount(String key, String label, String sentence, int least, int most, int preset) implements Parameter {}

    /**
     * One of a few ways.
     *
     * @param key names it
     * @param label what makers call it
     * @param sentence what it does
     * @param choices the ways; the first is taken until another is chosen
     * @param own what of the maker's own can be chosen, too
     */
    record OfChoice(String key, String label, String sentence, List<Choice> choices, Own own) implements Parameter {

        /** The key under which something of the maker's own is chosen. */
        public static final String OWN = "own";

        /** Copies the choices. */
        public OfChoice {
            choices = List.copyOf(choices);
        }

        /** A choice from pairs of key and label. */
        public static OfChoice of(String key, String label, String sentence, String... pairs) {
            return new OfChoice(
                    key,
                    label,
                    sentence,
                    Stream.iterate(0, i -> i + 2)
                            .limit(pairs.length / 2)
                            .map(i -> new Choice(pairs[i], pairs[i + 1]))
                            .toList(),
                    Own.NOTHING);
        }

        /** Whether an outline of the maker's own can be chosen, too. */
        public boolean takesOutline() {
            return own == Own.OUTLINE;
        }

        /** Whether a picture of the maker's own can be chosen, too. */
        public boolean takesArtwork() {
            return own == Own.ARTWORK;
        }

        /**
         * The way of a key.
         *
         * @throws IllegalArgumentException when it is none of its ways
         */
        public Choice way(String way) {
            return choices.stream()
                    .filter(choice -> choice.key().equals(way))
                    .findFirst()
                    .orElseThrow(() -> new IllegalArgumentException(label + " has no way “" + way + "”"));
        }

        /** Whether a key is one of its ways, as things are set. */
        public boolean allows(String way, Settings settings) {
            return choices.stream().anyMatch(choice -> choice.key().equals(way))
                    || (way.equals(OWN) && own.isChosen(key, settings));
        }
    }

    /** What of the maker's own a choice takes. */
    enum Own {
        NOTHING,
        /** An outline. */
        OUTLINE,
        /** A picture to be printed. */
        ARTWORK;

        private boolean isChosen(String key, Settings settings) {
            return switch (this) {
                case NOTHING -> false;
                case OUTLINE -> settings.outlines().containsKey(key);
                case ARTWORK -> settings.artworks().containsKey(key);
            };
        }
    }

    /**
     * One way to choose.
     *
     * @param key names it
     * @param label what makers call it
     */
    record Choice(String key, String label) {

        /** A shape of the trade as a way to choose. */
        public static Choice of(CutShape.Kind kind) {
            return new Choice(kind.name().toLowerCase(Locale.ROOT), kind.words());
        }
    }
}
