package kwibbet.making;

import java.util.Optional;
import java.util.stream.Stream;

import kwibbet.card.Copies;

/** How the copies of a card are made. */
public enum Way {
    /** A learner makes one card: what belongs together stays together. */
    ONE("one", "one at a time"),
    /** All copies go through each step: every tool comes out as seldom as can be. */
    BATCH("batch", "in batches");

    private final String key;
    private final String words;

    Way(String key, String words) {
        this.key = key;
        this.words = words;
    }

    /** The way of that key. */
    public static Optional<Way> of(String key) {
        return Stream.of(values()).filter(way -> way.key.equals(key)).findFirst();
    }

    /** How so many are made until another way is chosen: several in batches. */
    public static Way usual(Copies copies) {
        return copies.cards() > 1 ? BATCH : ONE;
    }

    /** Names it in addresses and documents. */
    public String key() {
        return key;
    }

    /** What makers call it. */
    public String words() {
        return words;
    }
}
