package kwibbet.run;

import java.util.Optional;
import java.util.stream.Stream;

/** Where at the bench steps of a run are worked through, in the order work passes them. */
public enum BenchStation {
    TRIM("trim", "Trim", "cut", "cuts"),
    SCORE("score", "Score", "piece", "pieces"),
    PRESS("press", "Press", "pass", "passes"),
    MAKE("make", "Make", "card", "cards");

    private final String key;
    private final String title;
    private final String one;
    private final String several;

    BenchStation(String key, String title, String one, String several) {
        this.key = key;
        this.title = title;
        this.one = one;
        this.several = several;
    }

    /** The station of that key. */
    public static Optional<BenchStation> of(String key) {
        return Stream.of(values()).filter(station -> station.key.equals(key)).findFirst();
    }

    /** Names it in addresses and in what is kept. */
    public String key() {
        return key;
    }

    /** What makers call it. */
    public String title() {
        return title;
    }

    /** So many of what is counted there, in words. */
    public String counted(int number) {
        return number + " " + (number == 1 ? one : several);
    }
}
