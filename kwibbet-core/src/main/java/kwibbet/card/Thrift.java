package kwibbet.card;

import java.util.stream.Stream;

/** What a run is to spare. */
public enum Thrift {
    FEWEST_SHEETS("the fewest sheets"),
    LEAST_COST("the least cost"),
    LEFTOVERS_FIRST("leftovers first, then the fewest sheets");

    private final String words;

    Thrift(String words) {
        this.words = words;
    }

    /** The one of that name; the fewest sheets where there is none. */
    public static Thrift named(String name) {
        return Stream.of(values())
                .filter(each -> each.name().equals(name))
                .findFirst()
                .orElse(FEWEST_SHEETS);
    }

    /** What makers call it. */
    public String words() {
        return words;
    }
}
