package kwibbet.app.card;

import java.util.Locale;
import java.util.Optional;

/** The stations of the run line, in the order work passes them. */
public enum Station {
    CARD("Card", 1),
    FOLD("Fold", 2),
    SHEETS("Sheets", 3),
    TRIM("Trim", 4),
    SCORE("Score", 5),
    PRESS("Press", 6),
    MAKE("Make", 7);

    private final String title;
    private final int key;

    Station(String title, int key) {
        this.title = title;
        this.key = key;
    }

    /** What makers call it. */
    public String title() {
        return title;
    }

    /** Its word in an address. */
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** The key that leads to it. */
    public int key() {
        return key;
    }

    /** Where it is, below the address of a card. */
    public String path() {
        return this == CARD ? "" : "/" + word();
    }

    static Optional<Station> of(String word) {
        for (Station station : values()) {
            if (station.word().equals(word)) {
                return Optional.of(station);
            }
        }
        return Optional.empty();
    }
}
